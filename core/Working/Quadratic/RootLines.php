<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\SquareRoot;
use Runel\Demonstration\Line;

/** What is written beside the work where a square root is simplified. */
final class RootLines
{
    /** @return list<Line> none where nothing is done */
    public static function of(SquareRoot $root): array
    {
        return array_map(static fn(array $equal): Line => Line::side(...$equal), $root->simplification());
    }
}
