<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Number\Rational;
use Runel\Style\HalfSquared;

/** The square of the half as a house writes it: 25/4, (5/2)², or with the sign inside, (−5/2)². */
final class HalfSquare
{
    public static function written(Rational $half, HalfSquared $habit): Expression
    {
        return match ($habit) {
            HalfSquared::Evaluate => Numeral::of($half->times($half)),
            HalfSquared::Keep => new Power(Numeral::of($half->absolute()), Numeral::of(2)),
            HalfSquared::Signed => new Power(Numeral::of($half), Numeral::of(2)),
        };
    }
}
