<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\SquareRoot;
use Runel\Demonstration\Line;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Message\Message;

/** The side lines from a square root to what it is when simplified, each equal to the one before. */
final class RootLines
{
    /** @return list<Line> none where nothing is done; first the splittings that are tried, the last of which fits */
    public static function of(SquareRoot $root): array
    {
        $lines = array_map(static fn(array $equal): Line => Line::side(...$equal), $root->simplification());
        $tried = array_map(static fn(array $parts): Line => Line::side(
            Numeral::of($parts[0] * $parts[1]),
            Product::apart([Numeral::of($parts[0]), Numeral::of($parts[1])]),
        ), $lines === [] ? [] : $root->splittings());

        return [...$tried, ...$lines];
    }

    /** Why the square comes out, with what was tried. */
    public static function why(SquareRoot $root): Message
    {
        $tried = $root->splittings();
        if ($tried === []) {
            return Message::of('quadratic.simplify.why-square');
        }
        $last = $tried[\count($tried) - 1];

        return Message::of('quadratic.simplify.why-tried', [
            'number' => Numeral::of($last[0] * $last[1]),
            'square' => Numeral::of($root->coefficient->times($root->coefficient)),
        ]);
    }
}
