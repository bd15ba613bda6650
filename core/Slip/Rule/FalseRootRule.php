<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** Squaring forgets the sign of a root: what it lets in solves the equation with that sign turned. */
final readonly class FalseRootRule implements WrongRule
{
    use OfSlip;

    public function wrong(Node $line): iterable
    {
        return !$line instanceof Equation ? [] : Rewriter::atEachPlace(
            $line,
            static fn(Node $node): iterable => $node instanceof Root ? [new Negative($node)] : [],
            Root::class,
        );
    }
}
