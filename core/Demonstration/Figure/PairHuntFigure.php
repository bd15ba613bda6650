<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Comparison;
use Runel\Law\Claim\Identity;

/** The hunt for two numbers with a given product and sum: the pairs looked at so far, the last one lit. */
final readonly class PairHuntFigure implements Figure
{
    /**
     * @param int           $product  what each pair multiplies to
     * @param int           $sum      what the right pair adds to
     * @param list<PairRow> $rows     the pairs shown, in the order of the hunt
     * @param list<PairRow> $folded   pairs passed over quickly, to unfold on demand; the first of many
     * @param int           $passed   how many pairs were passed over
     * @param Crossing|null $crossing how the product and the sum are crossed; null where they are not
     */
    public function __construct(
        public int $product,
        public int $sum,
        public array $rows = [],
        public array $folded = [],
        public int $passed = 0,
        public ?Crossing $crossing = null,
    ) {}

    public function with(PairRow $row): self
    {
        return new self(
            $this->product,
            $this->sum,
            [...$this->rows, $row],
            $this->folded,
            $this->passed,
            $this->crossing,
        );
    }

    /** @param list<PairRow> $rows the first of those passed over */
    public function passing(array $rows, int $count): self
    {
        return new self($this->product, $this->sum, $this->rows, [
            ...$this->folded,
            ...$rows,
        ], $this->passed + $count, $this->crossing);
    }

    public function type(): string
    {
        return $this->crossing !== null ? 'crossing' : 'pair-hunt';
    }

    public function data(): array
    {
        return [
            'product' => $this->product,
            'sum' => $this->sum,
            'pairs' => array_map(static fn(PairRow $row): array => [
                'number' => $row->number,
                'pair' => [$row->left, $row->right],
                'sum' => $row->sum(),
                'fits' => $row->fits,
            ], $this->rows),
            'passed' => $this->passed,
        ] + ($this->crossing?->said() ?? []);
    }

    public function ground(): array
    {
        return [$this->product, $this->sum];
    }

    public function written(): array
    {
        $written = [];
        foreach ([...$this->rows, ...$this->folded] as $row) {
            $written["pair $row->number " . spl_object_id($row)] = true;
        }

        return $written;
    }

    public function claims(string $part): array
    {
        $claims = [];
        foreach ([...$this->rows, ...$this->folded] as $row) {
            if ("pair $row->number " . spl_object_id($row) === $part) {
                [$left, $right] = [Numeral::of($row->left), Numeral::of($row->right)];
                $claims[] = new Identity(Product::of([$left, $right]), Numeral::of($this->product));
                $claims[] = new Comparison(Sum::of([$left, $right]), Numeral::of($this->sum), $row->fits);
                $claims[] = new Identity(Sum::of([$left, $right]), Numeral::of($row->sum()));
            }
        }

        return $claims;
    }
}
