<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\RootFactors;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Slip\Slip;

/** Products in which sums of terms with roots stand, multiplied two factors at a time. */
final readonly class RootProducts
{
    /**
     * @param \Closure(Expression, Expression): array{Expression, Expression} $times     two terms: their product under
     *                                                                                   one root, and made simple
     * @param \Closure(Expression): Expression                                $collected a sum with like terms together
     */
    public function __construct(private \Closure $times, private \Closure $collected) {}

    /** @return array{list<Step>, Expression} each product with sums in it, as its single products */
    public function multiplied(Expression $whole): array
    {
        $steps = [];
        $terms = $whole->terms();
        foreach ($terms as $place => $term) {
            $fraction = $term->bare() instanceof Quotient ? $term->bare() : null;
            $factors = RootFactors::of($fraction->numerator ?? $term->bare()) ?? [];
            $over = static fn(Expression $part): Expression => $fraction === null
                ? $part
                : new Quotient($part, $fraction->denominator);
            while (\count($factors) > 1) {
                [$first, $second] = array_splice($factors, 0, 2);
                $written = $this->singles($first, $second);
                $isLast = $factors === [];
                // What is multiplied further is collected first.
                $worked = $isLast ? $written[\count($written) - 1] : ($this->collected)($written[0]);
                $lines = [];
                foreach ([...$written, $worked] as $line) {
                    $line = self::inPlace($terms, $place, $over(Product::of([$line, ...$factors])));
                    $isNew = $lines === [] || !$line->equals($lines[\count($lines) - 1]->node);
                    $lines = $isNew ? [...$lines, Line::equal($line)] : $lines;
                }
                $steps[] = new Step(
                    id: 'multiply' . ($steps === [] ? '' : '-' . (\count($steps) + 1)),
                    title: Message::of('simplify.radicals.multiply.title'),
                    why: Message::of('simplify.radicals.multiply.why'),
                    lines: $lines,
                    watch: Slip::DoubleProductForgotten,
                );
                array_unshift($factors, $worked);
                $whole = self::inPlace($terms, $place, $over(Product::of($factors)));
            }
            if (\count($factors) === 1) {
                $worked = $over($factors[0]);
                $terms[$place] = $term instanceof Negative ? new Negative($worked) : $worked;
            }
        }

        return [$steps, $whole];
    }

    /**
     * The whole with another term in one place: a sum loses its parentheses there, but behind a minus.
     *
     * @param non-empty-list<Expression> $terms
     */
    private static function inPlace(array $terms, int $place, Expression $part): Expression
    {
        $written = [];
        foreach ($terms as $own => $term) {
            $term = match (true) {
                $own !== $place => $term,
                $term instanceof Negative => new Negative($part),
                default => $part,
            };
            array_push($written, ...$term->terms());
        }

        return Sum::of($written);
    }

    /**
     * Each term of the one times each of the other, in order: first each under one root, then each made simple.
     *
     * @return non-empty-list<Expression>
     */
    private function singles(Expression $left, Expression $right): array
    {
        $under = [];
        $simple = [];
        foreach ($left->terms() as $one) {
            foreach ($right->terms() as $other) {
                [$under[], $simple[]] = ($this->times)($one, $other);
            }
        }

        return [Sum::of($under), Sum::of($simple)];
    }
}
