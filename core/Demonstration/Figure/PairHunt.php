<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** The hunt for two numbers with a given product and sum: the pairs looked at so far, the last one lit. */
final readonly class PairHunt implements Figure
{
    /**
     * @param int           $product  what each pair multiplies to
     * @param int           $sum      what the right pair adds to
     * @param list<PairRow> $rows     the pairs shown, in the order of the hunt
     * @param list<PairRow> $folded   pairs passed over quickly, to unfold on demand; the first of many
     * @param int           $passed   how many pairs were passed over
     * @param bool          $crossing whether it is drawn with the product above and the sum below a crossing
     */
    public function __construct(
        public int $product,
        public int $sum,
        public array $rows = [],
        public array $folded = [],
        public int $passed = 0,
        public bool $crossing = false,
    ) {}

    public function with(PairRow $row): self
    {
        return new self($this->product, $this->sum, [...$this->rows, $row], $this->folded, $this->passed, $this->crossing);
    }

    /** @param list<PairRow> $rows the first of those passed over */
    public function passing(array $rows, int $count): self
    {
        return new self($this->product, $this->sum, $this->rows, [...$this->folded, ...$rows], $this->passed + $count, $this->crossing);
    }

    public function type(): string
    {
        return $this->crossing ? 'crossing' : 'pair-hunt';
    }

    public function data(): array
    {
        return [
            'product' => $this->product,
            'sum' => $this->sum,
            'pairs' => array_map(static fn(PairRow $row): array => ['number' => $row->number, 'pair' => [$row->left, $row->right], 'sum' => $row->sum(), 'fits' => $row->fits], $this->rows),
            'passed' => $this->passed,
        ];
    }

    public function claims(?Figure $before = null): array
    {
        $known = $before instanceof self && $before->product === $this->product && $before->sum === $this->sum ? [...$before->rows, ...$before->folded] : [];
        $claims = [];
        foreach ([...$this->rows, ...$this->folded] as $row) {
            if (\in_array($row, $known, true)) {
                continue;
            }
            $claims[] = new Equation(self::product($row->left, $row->right), Numeral::of($this->product));
            // A pair fits exactly when its sum is the one wanted: 0 = 0, or 1 = 1.
            $claims[] = new Equation(Numeral::of($row->left + $row->right === $this->sum ? 1 : 0), Numeral::of($row->fits ? 1 : 0));
        }

        return $claims;
    }

    private static function product(int $left, int $right): Expression
    {
        return Product::of([Numeral::of($left), Sum::of([Numeral::of($right)])]);
    }
}
