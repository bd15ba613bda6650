<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Claim;
use Runel\Law\Claim\Comparison;
use Runel\Law\Claim\Identity;

/**
 * The hunt for the right arrangement of factors of the first and the last coefficient, as columns multiplied crosswise
 * or as brackets.
 */
final readonly class ArrangementHuntFigure implements Figure
{
    /**
     * @param string               $kind   cross or brackets
     * @param int                  $first  the first coefficient, a
     * @param int                  $last   the last coefficient c; its magnitude where signs are not decided yet
     * @param int                  $target what outer and inner product have to make
     * @param string               $mode   sum, difference, or either
     * @param bool                 $adds   whether the last term is positive, so that the products have to be added
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
        public bool $adds,
        public string $letter,
        public ?string $second,
        public array $rows = [],
        public array $folded = [],
        public int $passed = 0,
    ) {}

    public function with(ArrangementRow $row): self
    {
        return new self(
            $this->kind,
            $this->first,
            $this->last,
            $this->target,
            $this->mode,
            $this->adds,
            $this->letter,
            $this->second,
            [...$this->rows, $row],
            $this->folded,
            $this->passed,
        );
    }

    /** @param list<ArrangementRow> $rows the first of those passed over */
    public function passing(array $rows, int $count): self
    {
        return new self(
            $this->kind,
            $this->first,
            $this->last,
            $this->target,
            $this->mode,
            $this->adds,
            $this->letter,
            $this->second,
            $this->rows,
            [...$this->folded, ...$rows],
            $this->passed + $count,
        );
    }

    /** Whether its numbers stand without their signs. */
    public function isPlain(): bool
    {
        return $this->kind === 'cross' || $this->mode === 'either';
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
                'outer' => $row->outer(), 'inner' => $row->inner(), 'total' => $row->total,
                'verdict' => $row->verdict->value,
            ], $this->rows),
            'passed' => $this->passed,
        ];
    }

    public function ground(): array
    {
        return [$this->kind, $this->first, $this->last, $this->target, $this->mode];
    }

    public function written(): array
    {
        $written = [];
        foreach ([...$this->rows, ...$this->folded] as $row) {
            $written["arrangement $row->number " . spl_object_id($row)] = true;
        }

        return $written;
    }

    public function claims(string $part): array
    {
        foreach ([...$this->rows, ...$this->folded] as $row) {
            if ("arrangement $row->number " . spl_object_id($row) === $part) {
                return $this->claimsOf($row);
            }
        }

        return [];
    }

    /** @return list<Claim> */
    private function claimsOf(ArrangementRow $row): array
    {
        [$outer, $inner] = [Numeral::of($row->outer()), Numeral::of($row->inner())];
        $total = Sum::of([$outer, $inner->signed($this->mode === 'difference')]);
        $squared = static fn(Expression $number): Expression => new Power($number, Numeral::of(2));
        $claims = [
            new Identity(Product::of([Numeral::of($row->m), Numeral::of($row->n)]), Numeral::of($this->first)),
            new Identity(Product::of([Numeral::of($row->r), Numeral::of($row->s)]), Numeral::of($this->last)),
            new Identity(Product::of([Numeral::of($row->m), Numeral::of($row->s)]), $outer),
            new Identity(Product::of([Numeral::of($row->n), Numeral::of($row->r)]), $inner),
            // A difference is shown without its sign.
            new Identity($squared($total), $squared(Numeral::of($row->total))),
        ];
        $hit = $row->verdict->ends() || $row->verdict === TrialVerdict::Signs;
        if ($this->mode !== 'either') {
            return [...$claims, new Comparison($squared(
                Numeral::of($row->total),
            ), $squared(Numeral::of($this->target)), $hit)];
        }
        // Plain numbers hit when their sum or their difference does; neither may when they do not.
        $difference = Sum::of([$outer, new Negative($inner)]);
        if (!$hit) {
            return [...$claims, new Comparison($squared($total), $squared(
                Numeral::of($this->target),
            ), false), new Comparison($squared($difference), $squared(Numeral::of($this->target)), false)];
        }
        $bySum = $row->outer() + $row->inner() === $this->target;

        return [...$claims, new Identity($squared(
            $bySum ? $total : $difference,
        ), $squared(Numeral::of($this->target)))];
    }
}
