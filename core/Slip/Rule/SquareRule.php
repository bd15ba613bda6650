<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** A sum is squared term by term, its double product forgotten. */
final readonly class SquareRule implements WrongRule
{
    use OfSlip;

    public function wrong(Node $line): iterable
    {
        return Rewriter::atEachPlace($line, static function (Node $node): iterable {
            $exponent = $node instanceof Power && $node->exponent instanceof Numeral
                ? $node->exponent->value->toInt()
                : null;
            if ($node instanceof Power && $exponent === 2 && $node->base instanceof Sum) {
                yield Sum::of(array_map(
                    static fn(Expression $term): Expression => new Power($term, $node->exponent),
                    $node->base->terms,
                ));
            }
        });
    }
}
