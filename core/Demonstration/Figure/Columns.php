<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Number\Rational;

/** Long multiplication of coefficients: two rows of them, one row of products for each lower one, the sums below. */
final readonly class Columns implements Figure
{
    /**
     * @param list<Rational>             $upper       coefficients, highest power first
     * @param list<Rational>             $lower       coefficients, highest power first
     * @param list<array<int, Rational>> $rows        the products by power, one row a lower coefficient from the constant up
     * @param array<int, Rational>       $sums        by power, highest first
     * @param int                        $sumsWritten from the lowest power up
     */
    private function __construct(
        public array $upper,
        public array $lower,
        public string $letter,
        public array $rows,
        private array $sums,
        public int $rowsWritten,
        public int $sumsWritten,
        public bool $quiet,
    ) {}

    /**
     * @param list<Rational> $upper highest power first
     * @param list<Rational> $lower highest power first, not longer than the upper
     */
    public static function of(array $upper, array $lower, string $letter): self
    {
        $rows = [];
        $sums = [];
        foreach (array_reverse($lower) as $shift => $multiplier) {
            $row = [];
            foreach (array_reverse($upper) as $power => $coefficient) {
                $product = $multiplier->times($coefficient);
                $row[$power + $shift] = $product;
                $sums[$power + $shift] = isset($sums[$power + $shift]) ? $sums[$power + $shift]->plus($product) : $product;
            }
            $rows[] = $row;
        }
        ksort($sums);

        return new self($upper, $lower, $letter, $rows, $sums, 0, 0, false);
    }

    public function writeRow(): self
    {
        return new self($this->upper, $this->lower, $this->letter, $this->rows, $this->sums, $this->rowsWritten + 1, 0, false);
    }

    public function writeSum(): self
    {
        return new self($this->upper, $this->lower, $this->letter, $this->rows, $this->sums, $this->rowsWritten, $this->sumsWritten + 1, false);
    }

    /** Nothing lit. */
    public function quiet(): self
    {
        return new self($this->upper, $this->lower, $this->letter, $this->rows, $this->sums, $this->rowsWritten, $this->sumsWritten, true);
    }

    /** @return array<int, Rational> by power, lowest first */
    public function sums(): array
    {
        return $this->sums;
    }

    /** @return non-empty-list<Rational> what stands in the column of a power, from the top */
    public function column(int $power): array
    {
        $entries = array_values(array_filter(array_map(static fn(array $row): ?Rational => $row[$power] ?? null, $this->rows)));

        return $entries === [] ? [Rational::zero()] : $entries;
    }

    public function type(): string
    {
        return 'columns';
    }

    public function data(): array
    {
        $rows = [];
        foreach (\array_slice($this->rows, 0, $this->rowsWritten) as $row) {
            $rows[] = array_map(Numeral::of(...), $row);
        }

        return [
            'upper' => array_map(Numeral::of(...), $this->upper),
            'lower' => array_map(Numeral::of(...), $this->lower),
            'rows' => $rows,
            'sums' => array_map(Numeral::of(...), \array_slice($this->sums, 0, $this->sumsWritten, true)),
        ];
    }

    public function claims(?Figure $before = null): array
    {
        $known = $before instanceof self && $before->rows === $this->rows && $before->sums === $this->sums;
        $claims = [];
        $lower = array_reverse($this->lower);
        $upper = array_reverse($this->upper);
        for ($number = $known ? $before->rowsWritten : 0; $number < $this->rowsWritten; ++$number) {
            foreach ($this->rows[$number] as $power => $product) {
                $claims[] = new Equation(Product::of([Numeral::of($lower[$number]), Numeral::of($upper[$power - $number])]), Numeral::of($product));
            }
        }
        for ($power = $known ? $before->sumsWritten : 0; $power < $this->sumsWritten; ++$power) {
            $claims[] = new Equation(Sum::of(array_map(static fn(Rational $entry): Expression => Numeral::of($entry), $this->column($power))), Numeral::of($this->sums[$power]));
        }

        return $claims;
    }
}
