<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Root;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** Squaring forgets the sign of a root: what it lets in solves the equation with that sign turned. */
final readonly class FalseRootRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        return !$line instanceof Equation ? [] : $parts->atEachPlace(
            static fn(Node $node): iterable => $node instanceof Root ? [new Negative($node)] : [],
            Root::class,
        );
    }
}
