<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\LikeTerms;

/** Two factors side by side, an arrow from term to term for each product that is written, the products below. */
final readonly class ArrowsFigure implements Figure, Lights
{
    /**
     * @param list<Expression>     $left    the terms of the first factor
     * @param list<Expression>     $right   the terms of the second
     * @param Expression           $product what both make together; not shown
     * @param list<ArrowedProduct> $written in the order in which they were written
     * @param list<int>            $lit     which of them are looked at
     * @param list<Total>          $totals  the sums that are known
     */
    private function __construct(
        public array $left,
        public array $right,
        private Expression $product,
        public array $written,
        public array $lit,
        public array $totals,
    ) {}

    /**
     * @param list<Expression> $left
     * @param list<Expression> $right
     */
    public static function blank(array $left, array $right, Expression $product): self
    {
        return new self($left, $right, $product, [], [], []);
    }

    public function write(ArrowedProduct $written): self
    {
        return new self($this->left, $this->right, $this->product, [...$this->written, $written], [
            \count($this->written),
        ], $this->totals);
    }

    public function total(Total $total): self
    {
        return new self($this->left, $this->right, $this->product, $this->written, array_keys(array_filter(
            $this->written,
            static fn(ArrowedProduct $written): bool => $written->ink === $total->ink,
        )), [...$this->totals, $total]);
    }

    /** Nothing lit. */
    public function quiet(): self
    {
        return new self($this->left, $this->right, $this->product, $this->written, [], $this->totals);
    }

    public function type(): string
    {
        return 'arrows';
    }

    public function data(): array
    {
        return [
            'left' => $this->left,
            'right' => $this->right,
            'products' => array_map(static fn(ArrowedProduct $written): array => [
                'joined' => $written->joined,
                'product' => $written->product,
                'group' => $written->ink,
            ], $this->written),
            'lit' => $this->lit,
            'totals' => array_map(static fn(Total $total): array => [
                'group' => $total->ink,
                'sum' => $total->sum,
            ], $this->totals),
        ];
    }

    public function ground(): array
    {
        return [$this->left, $this->right, $this->product];
    }

    public function written(): array
    {
        $written = ['terms' => true];
        foreach (array_keys($this->written) as $place) {
            $written["entry $place"] = true;
        }
        foreach ($this->totals as $total) {
            $written["total $total->ink " . spl_object_id($total)] = true;
        }

        return $written;
    }

    public function lightable(): array
    {
        return array_filter(
            $this->written(),
            static fn(string $part): bool => str_starts_with($part, 'entry '),
            \ARRAY_FILTER_USE_KEY,
        );
    }

    public function lit(): array
    {
        return array_fill_keys(array_map(static fn(int $place): string => "entry $place", $this->lit), true);
    }

    public function claims(string $part): array
    {
        $piece = Piece::named($part);
        if ($piece->kind === 'terms') {
            return [new Identity(Product::of([Sum::of($this->left), Sum::of($this->right)]), $this->product)];
        }
        if ($piece->kind === 'entry') {
            $written = $this->written[$piece->place];

            return [new Identity(Sum::of(array_map(fn(array $places): Expression => Product::apart(
                [$this->left[$places[0]], $this->right[$places[1]]],
            ), $written->joined)), $written->product)];
        }
        $claims = [];
        foreach ($this->totals as $total) {
            if ($total->ink === $piece->place) {
                $column = array_values(array_map(
                    static fn(ArrowedProduct $written): Expression => $written->product,
                    array_filter(
                        $this->written,
                        static fn(ArrowedProduct $written): bool => $written->ink === $total->ink,
                    ),
                ));
                array_push($claims, new LikeTerms($column), new Identity(Sum::of($column), $total->sum));
            }
        }

        return $claims;
    }
}
