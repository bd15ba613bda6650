<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Number\Rational;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** The solutions are read off the factors with the signs that stand in them. */
final readonly class RootSignRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        $known = RationalSolutions::of($line);
        if ($known === null) {
            return;
        }
        $wrong = [array_map(static fn(Rational $root): Rational => $root->negated(), $known->roots)];
        foreach ($known->roots as $place => $root) {
            $wrong[] = [$place => $root->negated()] + $known->roots;
        }
        foreach ($wrong as $roots) {
            // Two that have become one are another slip: a solution is forgotten.
            if (\count(array_unique(array_map(strval(...), $roots))) === \count($roots)) {
                yield $known->written(array_values($roots));
            }
        }
    }
}
