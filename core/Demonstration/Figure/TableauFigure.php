<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;

/** Synthetic division laid out: the number in the corner, coefficients above, products between, sums below. */
final readonly class TableauFigure implements Figure, Lights
{
    /**
     * @param Expression       $corner    what is multiplied by: the root of the divisor, or its opposite where the
     *                                    products are still subtracted
     * @param list<Expression> $top       the coefficients, highest power first
     * @param list<Expression> $products  one under each coefficient but the first
     * @param list<Expression> $sums      one under each coefficient; the last is the remainder
     * @param list<Expression> $powers    over the columns
     * @param Expression       $whole     what the coefficients belong to
     * @param list<Expression> $scaled    the sums but the last divided by the divisor's leading coefficient
     * @param Expression|null  $scale     that coefficient, where it is not 1
     * @param bool             $subtracts whether the products are subtracted
     * @param int              $count     how many numbers are written
     */
    public function __construct(
        public Expression $corner,
        public array $top,
        public array $products,
        public array $sums,
        public array $powers,
        private Expression $whole,
        public array $scaled = [],
        public ?Expression $scale = null,
        public bool $subtracts = false,
        public int $count = 0,
    ) {}

    public function next(): self
    {
        return $this->with($this->count + 1);
    }

    /** With every number but the divided row written. */
    public function finished(): self
    {
        return $this->with(2 * \count($this->top) - 1);
    }

    public function hasSum(int $place): bool
    {
        return $this->count > 2 * $place;
    }

    public function hasProduct(int $place): bool
    {
        return $place > 0 && $this->count >= 2 * $place;
    }

    public function hasScaled(): bool
    {
        return $this->count >= 2 * \count($this->top) && $this->scaled !== [];
    }

    /** The part written last: "sum 0", "product 1", "scaled"; null at the start. */
    public function last(): ?string
    {
        return match (true) {
            $this->count === 0 => null,
            $this->hasScaled() => 'scaled',
            $this->count % 2 === 1 => 'sum ' . intdiv($this->count, 2),
            default => 'product ' . intdiv($this->count, 2),
        };
    }

    public function type(): string
    {
        return 'tableau';
    }

    public function data(): array
    {
        $sums = [];
        $products = [];
        foreach (array_keys($this->top) as $place) {
            if ($this->hasSum($place)) {
                $sums[] = $this->sums[$place];
            }
            if ($this->hasProduct($place)) {
                $products[] = $this->products[$place - 1];
            }
        }

        return [
            'corner' => $this->corner,
            'powers' => $this->powers,
            'top' => $this->top,
            'products' => $products,
            'sums' => $sums,
            'subtracts' => $this->subtracts,
            'scaled' => $this->hasScaled() ? $this->scaled : [],
        ];
    }

    public function ground(): array
    {
        return [$this->corner, $this->top, $this->products, $this->sums, $this->powers, $this->subtracts];
    }

    public function written(): array
    {
        $written = ['given' => true];
        foreach (array_keys($this->top) as $place) {
            if ($this->hasProduct($place)) {
                $written["product $place"] = true;
            }
            if ($this->hasSum($place)) {
                $written["sum $place"] = true;
            }
        }
        if ($this->hasScaled()) {
            $written['scaled'] = true;
        }

        return $written;
    }

    public function lightable(): array
    {
        $written = $this->written();
        unset($written['given']);

        return $written;
    }

    public function lit(): array
    {
        $last = $this->last();

        return $last === null ? [] : [$last => true];
    }

    public function claims(string $part): array
    {
        $piece = Piece::named($part);
        [$kind, $place] = [$piece->kind, $piece->place];
        $product = $this->products[$place - 1] ?? null;

        return match (true) {
            $kind === 'given' => $this->given(),
            $kind === 'product' && $product !== null => [
                new Identity(Product::of([$this->corner, $this->sums[$place - 1]]), $product),
            ],
            $kind === 'sum' && $product !== null => [new Identity(
                Sum::of([$this->top[$place], $product->signed($this->subtracts)]),
                $this->sums[$place],
            )],
            $kind === 'sum' => [new Identity($this->top[0], $this->sums[0])],
            default => array_map(
                fn(Expression $sum, Expression $scaled): Identity => new Identity(
                    new Quotient($sum, $this->scale ?? Numeral::of(1)),
                    $scaled,
                ),
                \array_slice($this->sums, 0, -1),
                $this->scaled,
            ),
        };
    }

    /** @return non-empty-list<Identity> the coefficients with their powers are what is divided */
    private function given(): array
    {
        return [
            new Identity($this->whole, Sum::of(array_map(
                static fn(Expression $coefficient, Expression $power): Expression => Product::of([
                    $coefficient,
                    $power,
                ]),
                $this->top,
                $this->powers,
            ))),
            new Identity($this->corner, $this->corner),
        ];
    }

    private function with(int $count): self
    {
        return new self(
            $this->corner,
            $this->top,
            $this->products,
            $this->sums,
            $this->powers,
            $this->whole,
            $this->scaled,
            $this->scale,
            $this->subtracts,
            $count,
        );
    }
}
