<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Expression\Equation;
use Runel\Expression\Numeral;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Job;
use Runel\Problem\Reading;
use Runel\Problem\Recogniser;

/** A sum with something to take out or to factor, with nothing but a single term in front; or one in an equation. */
final readonly class FactorRecogniser implements Recogniser
{
    public function job(): Job
    {
        return Job::Factor;
    }

    public function weight(Reading $reading): int
    {
        $polynomial = $reading->polynomial;
        if ($polynomial === null || $reading->isAboutForm() || \count($polynomial->terms) < 2) {
            return self::NOT;
        }
        if ($reading->node instanceof Equation) {
            return self::equation($reading->node, $polynomial, \count($reading->letters));
        }
        $hasCommon = $polynomial->degree() > 1 || !$polynomial->content()->isOne();

        return match (true) {
            !$hasCommon => self::NOT,
            $reading->product === null, $reading->product->isScaled() => self::FIRST,
            default => $reading->product->isOneBracket() && $polynomial->degree() > 1 ? self::ALSO : self::NOT,
        };
    }

    private static function equation(Equation $equation, Polynomial $polynomial, int $letters): int
    {
        $isZeroed = $equation->right instanceof Numeral && $equation->right->value->isZero();

        return match (true) {
            $polynomial->degree() < 2 => self::NOT,
            $letters === 1 => self::POSSIBLE,
            default => $isZeroed ? self::LIKELY : self::NOT,
        };
    }
}
