<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Method\Weight;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;

/** Brackets side by side; or a product to be shown equal to a form that names its coefficients. */
final class MultiplyRecogniser
{
    public static function weight(Problem $problem): int
    {
        return match (true) {
            $problem->polynomial !== null && $problem->isSumOfProducts() => Weight::PLAIN,
            $problem->namesCoefficients() => Weight::CERTAIN,
            $problem->product === null || $problem->subject !== null => Weight::NOT,
            $problem->node instanceof Equation => self::equation($problem),
            default => Weight::LIKELY,
        };
    }

    /** A product said to be equal to a polynomial: likely where it is, else possible. */
    private static function equation(Problem $problem): int
    {
        return match (true) {
            $problem->polynomial?->isZero() === true => Weight::PLAIN,
            $problem->letter() !== null && $problem->node instanceof Equation
                && self::isQuadratic($problem->node->right) => Weight::POSSIBLE,
            default => Weight::NOT,
        };
    }

    private static function isQuadratic(Expression $side): bool
    {
        try {
            return Polynomial::fromExpression($side)->degree() >= 2;
        } catch (NotPolynomial | DivisionByZero) {
            return false;
        }
    }
}
