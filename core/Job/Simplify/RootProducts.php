<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\RootFactors;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
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
     * @param string                                                          $why       the key of why it is done so
     */
    public function __construct(
        private \Closure $times,
        private \Closure $collected,
        private string $why = 'simplify.radicals.multiply.why',
    ) {}

    /**
     * @param (\Closure(Expression): Expression)|null $in     the whole with it in its place; null where it is the whole
     * @param int                                     $number so many products were multiplied before
     *
     * @return array{list<Step>, Expression} each product with sums in it, as its single products
     */
    public function multiplied(Expression $part, ?\Closure $in = null, int $number = 0): array
    {
        $in ??= static fn(Expression $whole): Expression => $whole;
        $steps = [];
        $terms = $part->terms();
        foreach ($terms as $place => $term) {
            $at = static fn(Expression $new): Expression => $in(self::inPlace($terms, $place, $new));
            [$own, $worked] = $term->bare() instanceof Quotient
                ? $this->aboveAndBelow($term->bare(), $at, $number + \count($steps))
                : $this->oneByOne($term->bare(), $at, $number + \count($steps));
            array_push($steps, ...$own);
            if ($own !== []) {
                $terms[$place] = $worked->signedLike($term);
            }
        }

        return [$steps, $steps === [] ? $part : Sum::of(array_merge(
            ...array_map(static fn(Expression $term): array => $term->terms(), $terms),
        ))];
    }

    /**
     * @param \Closure(Expression): Expression $at the whole with another part in the fraction's place
     *
     * @return array{list<Step>, Expression}
     */
    private function aboveAndBelow(Quotient $fraction, \Closure $at, int $number): array
    {
        $over = static fn(Expression $part): Expression => $at(new Quotient($part, $fraction->denominator));
        [$first, $above] = $this->multiplied($fraction->numerator, $over, $number);
        // What is worked on further is collected first.
        if (Inside::holds($fraction->denominator, Root::class)) {
            [$first, $above] = $this->together($first, $above, $over);
        }
        $under = static fn(Expression $part): Expression => $at($part->isOne() ? $above : new Quotient($above, $part));
        [$second, $below] = $this->multiplied($fraction->denominator, $under, $number + \count($first));
        [$second, $below] = $this->together($second, $below, $under);

        return [[...$first, ...$second], $below->isOne() ? $above : new Quotient($above, $below)];
    }

    /**
     * @param list<Step>                       $steps by which the part was multiplied out
     * @param \Closure(Expression): Expression $at
     *
     * @return array{list<Step>, Expression} the same, with like terms together in the end
     */
    private function together(array $steps, Expression $part, \Closure $at): array
    {
        $last = array_pop($steps);
        if ($last === null) {
            return [[], $part];
        }
        $collected = ($this->collected)($part);
        $more = $collected->equals($part) ? [] : [Line::equal($at($collected))];

        return [[...$steps, $last->withLines([...$last->lines, ...$more])], $collected];
    }

    /**
     * @param \Closure(Expression): Expression $at
     *
     * @return array{list<Step>, Expression}
     */
    private function oneByOne(Expression $product, \Closure $at, int $number): array
    {
        $steps = [];
        $factors = RootFactors::of($product) ?? [];
        while (\count($factors) > 1) {
            [$first, $second] = array_splice($factors, 0, 2);
            $written = $this->singles($first, $second);
            // What is multiplied further is collected first.
            $worked = $factors === [] ? $written[\count($written) - 1] : ($this->collected)($written[0]);
            $lines = [];
            foreach ([...$written, $worked] as $line) {
                $line = $at(Product::of([$line, ...$factors]));
                $isNew = $lines === [] || !$line->equals($lines[\count($lines) - 1]->node);
                $lines = $isNew ? [...$lines, Line::equal($line)] : $lines;
            }
            $place = $number + \count($steps) + 1;
            $steps[] = new Step(
                id: 'multiply' . ($place === 1 ? '' : "-$place"),
                title: Message::of('simplify.radicals.multiply.title'),
                why: Message::of($this->why),
                lines: $lines,
                watch: $first->equals($second) ? Slip::DoubleProductForgotten : Slip::TermMissed,
            );
            array_unshift($factors, $worked);
        }

        return [$steps, $factors[0] ?? $product];
    }

    /**
     * The whole with another term in one place: a sum loses its parentheses there, but behind a minus.
     *
     * @param non-empty-list<Expression> $terms
     */
    public static function inPlace(array $terms, int $place, Expression $part): Expression
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
