<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** The hunt for the right arrangement of factors of the first and the last coefficient, as columns multiplied crosswise or as brackets. */
final readonly class ArrangementHunt implements Figure
{
    /**
     * @param string               $kind   cross or brackets
     * @param int                  $first  the first coefficient, a
     * @param int                  $last   the last coefficient c; its magnitude where signs are not decided yet
     * @param int                  $target what outer and inner product have to make
     * @param string               $mode   sum, difference, or either
     * @param list<ArrangementRow> $rows   the arrangements shown, in the order of the hunt
     * @param list<ArrangementRow> $folded some that were passed over quickly
     * @param string|null          $second the second letter, if there is one
     */
    public function __construct(
        public string $kind,
        public int $first,
        public int $last,
        public int $target,
        public string $mode,
        public string $letter,
        public ?string $second,
        public array $rows = [],
        public array $folded = [],
        public int $passed = 0,
    ) {}

    public function with(ArrangementRow $row): self
    {
        return new self($this->kind, $this->first, $this->last, $this->target, $this->mode, $this->letter, $this->second, [...$this->rows, $row], $this->folded, $this->passed);
    }

    /** @param list<ArrangementRow> $rows the first of those passed over */
    public function passing(array $rows, int $count): self
    {
        return new self($this->kind, $this->first, $this->last, $this->target, $this->mode, $this->letter, $this->second, $this->rows, [...$this->folded, ...$rows], $this->passed + $count);
    }

    public function type(): string
    {
        return $this->kind === 'cross' ? 'cross' : 'trial-brackets';
    }

    public function data(): array
    {
        return [
            'first' => $this->first,
            'last' => $this->last,
            'target' => $this->target,
            'mode' => $this->mode,
            'arrangements' => array_map(static fn(ArrangementRow $row): array => [
                'number' => $row->number, 'left' => [$row->m, $row->n], 'right' => [$row->r, $row->s],
                'outer' => $row->outer(), 'inner' => $row->inner(), 'total' => $row->total, 'verdict' => $row->verdict->value,
            ], $this->rows),
            'passed' => $this->passed,
        ];
    }

    public function claims(?Figure $before = null): array
    {
        $known = $before instanceof self && $before->type() === $this->type() ? [...$before->rows, ...$before->folded] : [];
        $claims = [];
        foreach ([...$this->rows, ...$this->folded] as $row) {
            if (\in_array($row, $known, true)) {
                continue;
            }
            $outer = Product::of([Numeral::of($row->m), Numeral::of($row->s)]);
            $inner = Product::of([Numeral::of($row->n), Numeral::of($row->r)]);
            $claims[] = new Equation(Product::of([Numeral::of($row->m), Numeral::of($row->n)]), Numeral::of($this->first));
            $claims[] = new Equation(Product::of([Numeral::of($row->r), Numeral::of($row->s)]), Numeral::of($this->last));
            $total = Sum::of([$outer, $this->mode === 'difference' ? new Negative($inner) : $inner]);
            $claims[] = new Equation(Product::of([$total, $total]), Product::of([Numeral::of($row->total), Numeral::of($row->total)]));
            $hits = $this->mode === 'either'
                ? \in_array(abs($this->target), [abs($row->outer() + $row->inner()), abs($row->outer() - $row->inner())], true)
                : abs($row->total) === abs($this->target);
            $claims[] = new Equation(Numeral::of($hits ? 1 : 0), Numeral::of($row->verdict->ends() || $row->verdict === TrialVerdict::Signs ? 1 : 0));
        }

        return $claims;
    }
}
