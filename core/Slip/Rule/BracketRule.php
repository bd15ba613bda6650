<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** What stands before parentheses reaches their first term only: a factor, or a minus. */
final readonly class BracketRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        $places = 0;
        $at = function (Node $node) use (&$places): iterable {
            foreach ($this->at($node) as $wrong) {
                ++$places;
                yield $wrong;
            }
        };
        yield from $parts->atEachPlace($at, Negative::class, Product::class);
        if ($places < 2) {
            return;
        }
        // Who slips at one pair of parentheses slips at the next.
        $everywhere = Rewriter::everywhere($line, function (Node $node): ?Node {
            foreach ($this->at($node) as $wrong) {
                return $wrong;
            }

            return null;
        });
        if ($everywhere !== $line) {
            yield $everywhere;
        }
    }

    /** @return iterable<Node> */
    private function at(Node $node): iterable
    {
        if ($this->slip === Slip::MinusNotCarried && $node instanceof Negative) {
            $fraction = $node->operand;
            if ($fraction instanceof Quotient && $fraction->numerator instanceof Sum) {
                $terms = $fraction->numerator->terms;
                $terms[0] = $terms[0]->negated();
                yield new Quotient(Sum::of($terms), $fraction->denominator);
            }
            [$front, $sum] = self::parts($node->operand);
            if ($sum !== null) {
                $terms = array_map(
                    static fn(Expression $term): Expression => Product::of([...$front, $term]),
                    $sum->terms,
                );
                $terms[0] = new Negative($terms[0]);
                yield Sum::of($terms);
            }
        }
        if ($this->slip === Slip::FirstTermOnly && $node instanceof Product) {
            [$front, $sum] = self::parts($node);
            if ($sum !== null && $front !== []) {
                $terms = $sum->terms;
                $terms[0] = Product::of([...$front, $terms[0]]);
                yield Sum::of($terms);
            }
        }
    }

    /** @return array{list<Expression>, Sum|null} single terms, and the sum after them; null where there are several */
    private static function parts(Expression $expression): array
    {
        $front = [];
        $sum = null;
        foreach ($expression->factors() as $factor) {
            if (!$factor instanceof Sum) {
                $front[] = $factor;
            } elseif ($sum !== null) {
                return [[], null];
            } else {
                $sum = $factor;
            }
        }

        return [$front, $sum];
    }
}
