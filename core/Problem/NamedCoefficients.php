<?php

declare(strict_types=1);

namespace Runel\Problem;

use Runel\Expression\Expression;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;

/** The right side of "show that … = ax³ + bx² + cx + d": which letter names the coefficient of which power. */
final readonly class NamedCoefficients
{
    /** @param array<string, int> $powers the power each letter stands before, highest first */
    private function __construct(public string $letter, public array $powers) {}

    /** The names, or null when the expression does not have that form. */
    public static function of(Expression $right, ProductForm $product): ?self
    {
        try {
            $polynomial = Polynomial::fromExpression($right);
        } catch (NotPolynomial | DivisionByZero) {
            return null;
        }
        $letters = [];
        foreach ($product->factors as $factor) {
            $letters = array_unique([...$letters, ...$factor->polynomial->letters()]);
        }
        if (\count($letters) !== 1 || \count($polynomial->terms) < 2) {
            return null;
        }
        $letter = $letters[0];
        $powers = [];
        foreach ($polynomial->terms as $term) {
            $name = $term->monomial->without($letter);
            $named = array_key_first($name->exponents);
            if (!$term->coefficient->isOne() || $name->degree !== 1 || $named === null || isset($powers[$named])) {
                return null;
            }
            $powers[$named] = $term->monomial->degreeIn($letter);
        }
        arsort($powers);

        return \count(array_unique($powers)) === \count($powers) ? new self($letter, $powers) : null;
    }
}
