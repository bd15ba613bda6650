<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Job;
use Runel\Problem\Reading;
use Runel\Problem\Recogniser;

/** Brackets side by side; or a product to be shown equal to a form that names its coefficients. */
final readonly class MultiplyRecogniser implements Recogniser
{
    public function job(): Job
    {
        return Job::Multiply;
    }

    public function weight(Reading $reading): int
    {
        return match (true) {
            $reading->polynomial !== null && Reading::isSumOfProducts($reading->node) => self::PLAIN,
            $reading->namesCoefficients() => self::CERTAIN,
            $reading->product === null || $reading->subject !== null => self::NOT,
            $reading->node instanceof Equation => self::equation($reading),
            default => self::LIKELY,
        };
    }

    /** A product said to be equal to a polynomial: certain where it is, else possible. */
    private static function equation(Reading $reading): int
    {
        return match (true) {
            $reading->polynomial?->isZero() === true => self::CERTAIN,
            \count($reading->letters) === 1 && $reading->node instanceof Equation
                && self::isQuadratic($reading->node->right) => self::POSSIBLE,
            default => self::NOT,
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
