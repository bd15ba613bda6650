<?php

declare(strict_types=1);

namespace Runel\Polynomial;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Number\Integers;
use Runel\Number\Rational;

/** A coefficient and its letters. The coefficient may be 0, for the placeholder of a missing power. */
final class Term
{
    /** What it is written as, made once: who looks at the same term twice sees the same tree. */
    private ?Expression $written = null;

    public function __construct(public readonly Rational $coefficient, public readonly Monomial $monomial) {}

    public static function constant(Rational|int $value): self
    {
        return new self(\is_int($value) ? Rational::of($value) : $value, Monomial::one());
    }

    public function times(self $other): self
    {
        $coefficient = $this->coefficient->times($other->coefficient);
        $monomial = $this->monomial->times($other->monomial);
        $radicand = $monomial->radicand();
        if ($radicand === 1) {
            return new self($coefficient, $monomial);
        }
        // Roots that meet become one: what is square under it comes out.
        [$outside, $inside] = Integers::squareFreePart($radicand);
        $letters = $monomial->withoutRoots();

        return new self(
            $coefficient->times(Rational::of($outside)),
            $inside === 1 ? $letters : $letters->times(Monomial::root($inside)),
        );
    }

    public function negated(): self
    {
        return new self($this->coefficient->negated(), $this->monomial);
    }

    public function isZero(): bool
    {
        return $this->coefficient->isZero();
    }

    /** What it is the second or third power of, with whole numbers; null where it is none. */
    public function root(int $index): ?self
    {
        $size = $this->coefficient->toInt();
        if ($size === null || $size < 1 || $this->monomial->radicand() !== 1) {
            return null;
        }
        $root = (int) round($size ** (1 / $index));
        $monomial = Monomial::one();
        foreach ($this->monomial->exponents as $letter => $exponent) {
            if ($exponent % $index !== 0) {
                return null;
            }
            $monomial = $monomial->times(Monomial::power((string) $letter, intdiv($exponent, $index)));
        }

        return $root ** $index !== $size ? null : new self(Rational::of($root), $monomial);
    }

    /** As it is written: no coefficient 1 before a letter, the sign in front, 0x² for a placeholder. */
    public function toExpression(): Expression
    {
        return $this->written ??= $this->expression();
    }

    /** @param list<self> $terms as they stand, not collected */
    public static function sum(array $terms): Expression
    {
        return Sum::of(array_map(static fn(self $term): Expression => $term->toExpression(), $terms));
    }

    private function expression(): Expression
    {
        $letters = $this->monomial->factors();
        if ($letters === []) {
            return Numeral::of($this->coefficient);
        }
        $isNegative = $this->coefficient->isNegative();
        $size = $isNegative ? $this->coefficient->negated() : $this->coefficient;
        $written = Product::of($size->isOne() ? $letters : [Numeral::of($size), ...$letters]);

        return $written->signed($isNegative);
    }
}
