<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\SameDegree;

/**
 * Two polynomials side by side with arcs that join the terms whose degrees add to one degree, and the answer's places
 * below.
 */
final readonly class ArcsFigure implements Figure
{
    /**
     * @param list<Expression> $left    one a power, highest first
     * @param list<Expression> $right   one a power, highest first
     * @param Expression       $product what both make together; not shown
     * @param list<Total>      $totals  the places that are written; the ink is the degree
     * @param int|null         $degree  the degree whose arcs are drawn
     */
    private function __construct(
        public array $left,
        public array $right,
        private Expression $product,
        public array $totals,
        public ?int $degree,
    ) {}

    /**
     * @param list<Expression> $left
     * @param list<Expression> $right
     */
    public static function blank(array $left, array $right, Expression $product): self
    {
        return new self($left, $right, $product, [], null);
    }

    /** Draws the arcs of a degree and writes its place. */
    public function write(Total $total): self
    {
        return new self($this->left, $this->right, $this->product, [...$this->totals, $total], $total->ink);
    }

    /** No arcs. */
    public function quiet(): self
    {
        return new self($this->left, $this->right, $this->product, $this->totals, null);
    }

    /** The degree of the product. */
    public function top(): int
    {
        return \count($this->left) + \count($this->right) - 2;
    }

    /** @return list<array{int, int}> the places (left, right) of the terms joined for a degree, outermost arc first */
    public function joined(int $degree): array
    {
        $joined = [];
        foreach (array_keys($this->left) as $first) {
            $second = $this->top() - $degree - $first;
            if ($second >= 0 && $second < \count($this->right)) {
                $joined[] = [$first, $second];
            }
        }

        return $joined;
    }

    public function type(): string
    {
        return 'arcs';
    }

    public function data(): array
    {
        return [
            'left' => $this->left,
            'right' => $this->right,
            'places' => $this->top() + 1,
            'degree' => $this->degree,
            'joined' => $this->degree === null ? [] : $this->joined($this->degree),
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
        foreach ($this->totals as $total) {
            $written["total $total->ink " . spl_object_id($total)] = true;
        }

        return $written;
    }

    public function claims(string $part): array
    {
        if ($part === 'terms') {
            $claims = [new Identity(Product::of([Sum::of($this->left), Sum::of($this->right)]), $this->product)];
            foreach ([$this->left, $this->right] as $terms) {
                foreach ($terms as $place => $term) {
                    $claims[] = new SameDegree([$term], \count($terms) - 1 - $place);
                }
            }

            return $claims;
        }
        $claims = [];
        foreach ($this->totals as $total) {
            if ("total $total->ink " . spl_object_id($total) === $part) {
                $products = array_map(fn(array $places): Expression => Product::apart(
                    [$this->left[$places[0]], $this->right[$places[1]]],
                ), $this->joined($total->ink));
                $claims[] = new Identity(Sum::of($products), $total->sum);
                $claims[] = new SameDegree([$total->sum], $total->ink);
            }
        }

        return $claims;
    }
}
