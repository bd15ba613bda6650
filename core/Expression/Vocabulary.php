<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** What can be asked of any expression; the kinds that know better say so themselves. */
trait Vocabulary
{
    public function terms(): array
    {
        return [$this];
    }

    public function factors(): array
    {
        return [$this];
    }

    public function bare(): Expression
    {
        return $this;
    }

    public function negated(): Expression
    {
        return new Negative($this);
    }

    public function signed(bool $isNegative): Expression
    {
        return $isNegative ? new Negative($this) : $this;
    }

    public function signedLike(Expression $other): Expression
    {
        return $this->signed($other instanceof Negative);
    }

    public function above(): Expression
    {
        return $this;
    }

    public function below(): ?Expression
    {
        return null;
    }

    public function withAbove(Expression $above): Expression
    {
        return $above;
    }

    public function base(): Expression
    {
        return $this;
    }

    public function wholeExponent(): ?int
    {
        return 1;
    }

    public function number(): ?Rational
    {
        return null;
    }

    public function isNumber(): bool
    {
        return self::value($this) !== null;
    }

    public function isZero(): bool
    {
        return self::value($this)?->isZero() === true;
    }

    public function isOne(): bool
    {
        return self::value($this)?->isOne() === true;
    }

    public function equals(Node $other): bool
    {
        return Same::nodes($this, $other);
    }

    /** The number any kind of expression is, as the interface promises it. */
    private static function value(Expression $expression): ?Rational
    {
        return $expression->number();
    }
}
