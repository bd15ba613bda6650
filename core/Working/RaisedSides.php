<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Branch;
use Runel\Demonstration\Line;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Law\Move\RaiseBothSides;
use Runel\Law\Move\SquareBothSides;

/** Both sides written as a power: of an odd exponent nothing comes in, of an even one something may. */
final class RaisedSides
{
    /** @param int $index 2 or more */
    public static function line(Expression $left, Expression $right, int $index, ?Branch $branch = null): Line
    {
        $exponent = Numeral::of($index);
        $raised = new Equation(new Power($left, $exponent), new Power($right, $exponent));

        return match (true) {
            $index === 2 => Line::implies($raised, new SquareBothSides(), $branch),
            $index % 2 === 0 => Line::implies($raised, new RaiseBothSides($index), $branch),
            default => Line::equivalent($raised, new RaiseBothSides($index), $branch),
        };
    }
}
