<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\SameDegree;
use Runel\Number\Rational;

/** Long multiplication of coefficients: two rows of them, one row of products for each lower one, the sums below. */
final readonly class ColumnsFigure implements Figure
{
    /**
     * @param list<Rational>             $upper       coefficients, highest power first
     * @param list<Rational>             $lower       coefficients, highest power first
     * @param Expression                 $product     what both factors make together; not shown
     * @param list<Expression>           $powers      over the columns, highest first
     * @param list<array<int, Rational>> $rows        the products by power, one row a lower coefficient from the
     *                                                constant up
     * @param array<int, Rational>       $sums        by power, lowest first
     * @param int                        $sumsWritten from the lowest power up
     */
    private function __construct(
        public array $upper,
        public array $lower,
        private Expression $product,
        public array $powers,
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
    public static function of(array $upper, array $lower, string $letter, Expression $product): self
    {
        $rows = [];
        $sums = [];
        foreach (array_reverse($lower) as $shift => $multiplier) {
            $row = [];
            foreach (array_reverse($upper) as $power => $coefficient) {
                $entry = $multiplier->times($coefficient);
                $row[$power + $shift] = $entry;
                $sums[$power + $shift] = isset($sums[$power + $shift]) ? $sums[$power + $shift]->plus($entry) : $entry;
            }
            $rows[] = $row;
        }
        ksort($sums);

        $powers = array_map(static fn(int $power): Expression => self::power($letter, $power), range(
            \count($upper) + \count($lower) - 2,
            0,
        ));

        return new self($upper, $lower, $product, $powers, $rows, $sums, 0, 0, false);
    }

    public function writeRow(): self
    {
        return new self(
            $this->upper,
            $this->lower,
            $this->product,
            $this->powers,
            $this->rows,
            $this->sums,
            $this->rowsWritten + 1,
            0,
            false,
        );
    }

    public function writeSum(): self
    {
        return new self(
            $this->upper,
            $this->lower,
            $this->product,
            $this->powers,
            $this->rows,
            $this->sums,
            $this->rowsWritten,
            $this->sumsWritten + 1,
            false,
        );
    }

    /** Nothing lit. */
    public function quiet(): self
    {
        return new self(
            $this->upper,
            $this->lower,
            $this->product,
            $this->powers,
            $this->rows,
            $this->sums,
            $this->rowsWritten,
            $this->sumsWritten,
            true,
        );
    }

    /** @return array<int, Rational> by power, lowest first */
    public function sums(): array
    {
        return $this->sums;
    }

    /** @return non-empty-list<Rational> what stands in the column of a power, from the top */
    public function column(int $power): array
    {
        $entries = array_values(array_filter(
            array_map(static fn(array $row): ?Rational => $row[$power] ?? null, $this->rows),
        ));

        return $entries === [] ? [Rational::zero()] : $entries;
    }

    public function type(): string
    {
        return 'columns';
    }

    /**
     * Everything in the order of the powers, the highest first; what is worked out has a place under each of them.
     *
     * @return array{
     *     powers: list<Expression>, upper: list<Expression>, lower: list<Expression>,
     *     rows: list<list<Expression|null>>, sums: list<Expression|null>
     * }
     */
    public function data(): array
    {
        return [
            'powers' => $this->powers,
            'upper' => array_map(Numeral::of(...), $this->upper),
            'lower' => array_map(Numeral::of(...), $this->lower),
            'rows' => array_map($this->placed(...), \array_slice($this->rows, 0, $this->rowsWritten)),
            'sums' => $this->sumsWritten === 0
                ? []
                : $this->placed(\array_slice($this->sums, 0, $this->sumsWritten, true)),
        ];
    }

    /**
     * Numbers in their columns, as the powers over them: the highest first, null where none stands.
     *
     * @param array<int, Rational> $numbers by power
     *
     * @return list<Expression|null>
     */
    private function placed(array $numbers): array
    {
        return array_map(
            static fn(int $power): ?Expression => isset($numbers[$power]) ? Numeral::of($numbers[$power]) : null,
            range(\count($this->powers) - 1, 0),
        );
    }

    public function ground(): array
    {
        return [$this->upper, $this->lower, $this->product, $this->powers, $this->rows, $this->sums];
    }

    public function written(): array
    {
        $written = ['factors' => true];
        for ($number = 0; $number < $this->rowsWritten; ++$number) {
            $written["row $number"] = true;
        }
        for ($power = 0; $power < $this->sumsWritten; ++$power) {
            $written["sum $power"] = true;
        }

        return $written;
    }

    public function claims(string $part): array
    {
        $piece = Piece::named($part);
        $number = $piece->place;
        if ($piece->kind === 'factors') {
            $claims = [new Identity(Product::of(
                [$this->polynomial($this->upper), $this->polynomial($this->lower)],
            ), $this->product)];
            foreach (array_reverse($this->powers) as $power => $heading) {
                $claims[] = new SameDegree([$heading], $power);
            }

            return $claims;
        }
        if ($piece->kind === 'sum') {
            return [new Identity(Sum::of(
                array_map(Numeral::of(...), $this->column($number)),
            ), Numeral::of($this->sums[$number]))];
        }
        $claims = [];
        $multiplier = array_reverse($this->lower)[$number];
        foreach (array_reverse($this->upper) as $power => $coefficient) {
            $claims[] = new Identity(
                Product::of([Numeral::of($multiplier), Numeral::of($coefficient)]),
                Numeral::of($this->rows[$number][$power + $number] ?? throw new \LogicException(
                    'A product stands in no column.',
                )),
            );
        }

        return $claims;
    }

    /** @param list<Rational> $coefficients highest power first */
    private function polynomial(array $coefficients): Expression
    {
        $powers = \array_slice($this->powers, -\count($coefficients));

        return Sum::of(array_map(static fn(Rational $coefficient, Expression $power): Expression => Product::of(
            [Numeral::of($coefficient), $power],
        ), $coefficients, $powers));
    }

    private static function power(string $letter, int $power): Expression
    {
        return match ($power) {
            0 => Numeral::of(1),
            1 => new Letter($letter),
            default => new Power(new Letter($letter), Numeral::of($power)),
        };
    }
}
