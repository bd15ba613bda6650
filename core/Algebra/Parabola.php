<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** A quadratic in one letter as a curve: ax² + bx + c with its axis and its highest or lowest point. */
final readonly class Parabola
{
    private function __construct(private Polynomial $polynomial, public string $letter) {}

    /** Null where it is no quadratic in one letter alone. */
    public static function of(?Expression $expression): ?self
    {
        $polynomial = $expression === null ? null : Polynomial::tryFrom($expression);
        $letters = $polynomial?->letters() ?? [];

        return $polynomial === null || \count($letters) !== 1 || $polynomial->degree() !== 2
            ? null
            : new self($polynomial, $letters[0]);
    }

    /** a, b or c, by the power of the letter. */
    public function coefficient(int $power): Rational
    {
        return $this->polynomial->coefficient($this->letter, $power);
    }

    /** −b/2a. */
    public function axis(): Rational
    {
        return $this->coefficient(1)->negated()->dividedBy($this->coefficient(2)->times(Rational::of(2)));
    }

    /** The value on the axis. */
    public function extreme(): Rational
    {
        return Evaluation::rational($this->toExpression(), [$this->letter => $this->axis()]);
    }

    public function toExpression(): Expression
    {
        return $this->polynomial->toExpression();
    }
}
