<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Node;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** One of several solutions is given and the others are forgotten, or one of them is. */
final readonly class LostSolutionRule implements WrongRule
{
    use OfSlip;

    public function wrong(Node $line): iterable
    {
        $known = RationalSolutions::of($line);
        foreach ($known->roots ?? [] as $place => $root) {
            $rest = $known->roots ?? [];
            unset($rest[$place]);
            if ($known !== null && $rest !== []) {
                yield $known->written([$root]);
                yield $known->written(array_values($rest));
            }
        }
    }
}
