<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Slip\Slip;

/** Products in which sums of terms with roots stand, multiplied two factors at a time. */
final readonly class RootProducts
{
    /** More factors than this are not multiplied one after the other. */
    private const MOST_FACTORS = 4;

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
            $factors = self::factors($fraction->numerator ?? $term->bare()) ?? [];
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
                $term instanceof Negative && !$part instanceof Negative => new Negative($part),
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

    /**
     * What is multiplied one after the other: sums, and numbers with roots that stand together; a power is written out.
     *
     * @return list<Expression>|null null where no sum is among them, or too much is
     */
    public static function factors(Expression $term): ?array
    {
        $factors = [];
        $together = [];
        foreach ($term->factors() as $factor) {
            $times = $factor instanceof Power ? $factor->exponent->number()?->toInt() ?? 0 : 1;
            $base = $factor instanceof Power ? $factor->base : $factor;
            if (!$base instanceof Sum) {
                $together[] = $factor;
            } elseif ($times < 1 || $times > self::MOST_FACTORS) {
                return null;
            } else {
                $before = $together === [] ? [] : [Product::of($together)];
                array_push($factors, ...$before, ...array_fill(0, $times, $base));
                $together = [];
            }
        }
        array_push($factors, ...($together === [] ? [] : [Product::of($together)]));
        $isSum = array_filter($factors, static fn(Expression $factor): bool => $factor instanceof Sum) !== [];

        return $isSum && \count($factors) <= self::MOST_FACTORS ? $factors : null;
    }
}
