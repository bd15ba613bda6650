<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Figure\Crossing;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Figure\PairRow;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Step;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Slip\Slip;
use Runel\Style\PairOrder;

/**
 * The hunt for two numbers with a given product and sum. The signs are decided before it begins: both as the
 * sum where the product is positive, the larger magnitude as the sum where it is negative. Pairs come with the
 * smaller magnitude growing or, where a difference is small beside the product, the other way round; either way their
 * sums move one way only and the hunt knows when it has passed the target.
 */
final readonly class PairSearch
{
    /**
     * @param list<PairRow> $pairs all of them, in order
     * @param int|null      $hit   the place of the right one, from 0
     * @param bool          $close whether those close together come first
     */
    private function __construct(
        private int $product,
        private int $sum,
        private array $pairs,
        public ?int $hit,
        private bool $close,
    ) {}

    public static function of(int $product, int $sum, PairOrder $order): self
    {
        // The larger of such a pair is less than four times the smaller.
        $close = $order === PairOrder::BySum && $product < 0 && $sum ** 2 <= 2 * -$product;
        $smallSign = $product > 0 ? ($sum < 0 ? -1 : 1) : ($sum < 0 ? 1 : -1);
        $largeSign = $sum < 0 ? -1 : 1;
        $pairs = [];
        $hit = null;
        $all = Integers::factorPairs(abs($product));
        foreach ($close ? array_reverse($all) : $all as $place => [$small, $large]) {
            $fits = $small * $smallSign + $large * $largeSign === $sum;
            $pairs[] = new PairRow($place + 1, $small * $smallSign, $large * $largeSign, $fits);
            $hit = $fits ? $place : $hit;
        }

        return new self($product, $sum, $pairs, $hit, $close);
    }

    /** The step that multiplies first and last coefficient before the hunt. */
    public static function productStep(Trinomial $trinomial, string $why): Step
    {
        $line = Line::side(Product::apart(
            [Numeral::of($trinomial->a), Numeral::of($trinomial->c)],
        ), new Marked(Numeral::of($trinomial->product()), Mark::written()));

        return new Step(
            id: 'product',
            title: Message::of('factor.product.title'),
            why: Message::of($why),
            lines: [$line],
            question: Question::about($line, Message::of('factor.product.ask')),
        );
    }

    /** How many pairs there are. */
    public function count(): int
    {
        return \count($this->pairs);
    }

    /** How many pairs are looked at: up to the right one, or all. */
    public function looked(): int
    {
        return $this->hit === null ? \count($this->pairs) : $this->hit + 1;
    }

    private function found(): ?PairRow
    {
        return $this->hit === null ? null : $this->pairs[$this->hit];
    }

    /** What the hunt arrives at, for where it is folded. */
    public function outcome(): Message
    {
        $found = $this->found();

        return $found === null ? Message::of('outcome.none') : Message::of('outcome.pair', [
            'left' => Numeral::of($found->left),
            'right' => Numeral::of($found->right),
        ]);
    }

    /** @return list<Step> one a pair shown */
    public function steps(?Crossing $crossing = null): array
    {
        $figure = new PairHuntFigure($this->product, $this->sum, crossing: $crossing);
        $steps = [new Step(
            id: 'target',
            title: Message::of('hunt.target.title', [
                'product' => Numeral::of($this->product),
                'sum' => Numeral::of($this->sum),
            ]),
            why: Message::of(
                'hunt.target.why-' . ($this->product > 0 ? 'same' : 'opposite') . ($this->sum === 0 ? '-zero' : '')
                    . ($this->close ? '-close' : ''),
                ['count' => $this->count()],
            ),
            figure: $figure,
            question: $this->asked(),
            watch: Slip::RightProductWrongSum,
        )];
        foreach (Window::over($this->looked(), $this->hit ?? $this->crossing())->runs as $number => [$from, $count]) {
            $pairs = \array_slice($this->pairs, $from, $count);
            if ($number % 2 === 1 && $pairs !== []) {
                $figure = $figure->passing(\array_slice($pairs, 0, Window::UNFOLDED), $count);
                $steps[] = new Step(
                    id: 'passed-' . ($from + 1),
                    role: Role::Trial,
                    title: Message::of('hunt.passed.title', ['count' => $count]),
                    why: Message::of('hunt.passed.why', [
                        'first' => Numeral::of($pairs[0]->sum()),
                        'last' => Numeral::of($pairs[\count($pairs) - 1]->sum()),
                        'sum' => Numeral::of($this->sum),
                    ]),
                    figure: $figure,
                );
                continue;
            }
            foreach ($pairs as $pair) {
                $figure = $figure->with($pair);
                $steps[] = $this->look($pair, $figure);
            }
        }

        return $steps;
    }

    private function look(PairRow $row, PairHuntFigure $figure): Step
    {
        [$left, $right, $wanted] = array_map(Numeral::of(...), [$row->left, $row->right, $this->sum]);
        $sum = Sum::of([$left, $right]);
        $total = Numeral::of($row->sum());
        $line = Line::side($sum, new Marked($total, Mark::written()));
        $passed = !$row->fits && $this->hit === null && $this->crossing() === $row->number - 1 && $row->number > 1;

        return new Step(
            id: 'pair-' . $row->number,
            role: Role::Trial,
            title: Message::of($row->fits ? 'hunt.pair.title-fits' : 'hunt.pair.title', [
                'left' => $left,
                'right' => $right,
            ]),
            why: Message::of($row->fits ? 'hunt.pair.why-fits' : ($passed ? 'hunt.pair.why-passed' : 'hunt.pair.why'), [
                'total' => $total,
                'sum' => $wanted,
            ]),
            lines: [$line],
            figure: $figure,
        );
    }

    /** Which pair it is, asked before the hunt begins; null where there is none. */
    private function asked(): ?Question
    {
        $found = $this->found();
        if ($found === null) {
            return null;
        }
        [$left, $right, $product, $sum] = array_map(
            Numeral::of(...),
            [$found->left, $found->right, $this->product, $this->sum],
        );

        return Question::pair(
            Message::of('hunt.pair.ask', ['product' => $product, 'sum' => $sum]),
            [new Identity(Product::of([$left, $right]), $product), new Identity(Sum::of([$left, $right]), $sum)],
            $left,
            $right,
        );
    }

    /** Where the sums pass the target: the place of the first pair on its far side, the last place if there is none. */
    private function crossing(): int
    {
        foreach ($this->pairs as $place => $pair) {
            if ($place > 0 && ($pair->sum() <=> $this->sum) !== ($this->pairs[0]->sum() <=> $this->sum)) {
                return $place;
            }
        }

        return \count($this->pairs) - 1;
    }
}
