<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

use Runel\Demonstration\Figure\PairHunt;
use Runel\Demonstration\Figure\PairRow;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Number\Whole;
use Runel\Polynomial\Term;
use Runel\Problem\Trinomial;
use Runel\Slip\Slip;

/**
 * The hunt for two numbers with a given product and sum. The signs are decided before it begins: both as the
 * sum where the product is positive, the larger magnitude as the sum where it is negative. Pairs come with the
 * smaller magnitude growing, so that their sums move one way only and the hunt knows when it has passed the target.
 */
final readonly class PairSearch
{
    /**
     * @param list<PairRow> $pairs all of them, in order
     * @param int|null      $hit   the place of the right one, from 0
     */
    private function __construct(private int $product, private int $sum, private array $pairs, public ?int $hit) {}

    public static function of(int $product, int $sum): self
    {
        $smallSign = $product > 0 ? ($sum < 0 ? -1 : 1) : ($sum < 0 ? 1 : -1);
        $largeSign = $sum < 0 ? -1 : 1;
        $pairs = [];
        $hit = null;
        foreach (Whole::factorPairs(abs($product)) as $place => [$small, $large]) {
            $fits = $small * $smallSign + $large * $largeSign === $sum;
            $pairs[] = new PairRow($place + 1, $small * $smallSign, $large * $largeSign, $fits);
            $hit = $fits ? $place : $hit;
        }

        return new self($product, $sum, $pairs, $hit);
    }

    /** The step that multiplies first and last coefficient before the hunt. */
    public static function productStep(Trinomial $trinomial, string $why): Step
    {
        $number = static fn(int $value): Expression => Term::constant($value)->toExpression();

        return new Step(
            'product',
            Message::of('factor.product.title'),
            Message::of($why),
            [Line::side(Product::apart([$number($trinomial->a), $number($trinomial->c)]), new Marked($number($trinomial->product()), Mark::written()))],
            question: Question::number(Message::of('factor.product.ask'), $number($trinomial->product())),
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

    /** @return list<Step> one a pair shown */
    public function steps(bool $crossing = false): array
    {
        $figure = new PairHunt($this->product, $this->sum, crossing: $crossing);
        $steps = [new Step(
            'target',
            Message::of('hunt.target.title', ['product' => $this->number($this->product), 'sum' => $this->number($this->sum)]),
            Message::of($this->product > 0 ? 'hunt.target.why-same' : 'hunt.target.why-opposite', ['sum' => $this->number($this->sum), 'count' => $this->count()]),
            [],
            $figure,
            null,
            Slip::RightProductWrongSum,
        )];
        foreach (Window::over($this->looked(), $this->hit ?? $this->crossing())->runs as $number => [$from, $count]) {
            $pairs = \array_slice($this->pairs, $from, $count);
            if ($number % 2 === 1 && $pairs !== []) {
                $figure = $figure->passing(\array_slice($pairs, 0, Window::UNFOLDED), $count);
                $steps[] = new Step('passed-' . ($from + 1), Message::of('hunt.passed.title', ['count' => $count]), Message::of('hunt.passed.why', [
                    'first' => $this->number($pairs[0]->sum()),
                    'last' => $this->number($pairs[\count($pairs) - 1]->sum()),
                    'sum' => $this->number($this->sum),
                ]), [], $figure);
                continue;
            }
            foreach ($pairs as $pair) {
                $figure = $figure->with($pair);
                $steps[] = $this->look($pair, $figure);
            }
        }

        return $steps;
    }

    private function look(PairRow $row, PairHunt $figure): Step
    {
        $sum = Sum::of([$this->number($row->left), $this->number($row->right)]);
        $total = $this->number($row->sum());
        $near = !$row->fits && $this->passes($row);

        return new Step(
            'pair-' . $row->number,
            Message::of($row->fits ? 'hunt.pair.title-fits' : 'hunt.pair.title', ['left' => $this->number($row->left), 'right' => $this->number($row->right)]),
            Message::of($row->fits ? 'hunt.pair.why-fits' : ($near ? 'hunt.pair.why-near' : 'hunt.pair.why'), ['total' => $total, 'sum' => $this->number($this->sum)]),
            [Line::side($sum, new Marked($total, Mark::written()))],
            $figure,
            $row->fits
                ? Question::pair(Message::of('hunt.pair.ask', ['product' => $this->number($this->product), 'sum' => $this->number($this->sum)]), $this->number($row->left), $this->number($row->right))
                : Question::number(Message::of('hunt.pair.ask-sum', ['sum' => $sum]), $total),
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

    /** Whether the sums pass the target at this pair: the nearest miss. */
    private function passes(PairRow $row): bool
    {
        $next = $this->pairs[$row->number] ?? null;
        $before = $this->pairs[$row->number - 2] ?? null;
        $side = $row->sum() <=> $this->sum;

        return ($next !== null && ($next->sum() <=> $this->sum) === -$side) || ($before !== null && ($before->sum() <=> $this->sum) === -$side);
    }

    private function number(int $value): Expression
    {
        return Term::constant(Rational::of($value))->toExpression();
    }
}
