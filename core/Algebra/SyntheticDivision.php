<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/**
 * The numbers of a synthetic division (W. G. Horner, 1819): each sum is the coefficient above plus the root times the
 * sum before. The coefficients may hold a letter of their own.
 */
final readonly class SyntheticDivision
{
    /**
     * @param non-empty-list<Polynomial> $top      the coefficients, highest power first
     * @param list<Polynomial>           $products one under each coefficient but the first
     * @param non-empty-list<Polynomial> $sums     the last is the remainder
     */
    private function __construct(
        public Rational $root,
        public array $top,
        public array $products,
        public array $sums,
    ) {}

    /** @param non-empty-list<Polynomial> $top */
    public static function of(array $top, Rational $root): self
    {
        $sums = [$top[0]];
        $products = [];
        foreach (\array_slice($top, 1) as $place => $coefficient) {
            $products[] = $sums[$place]->scaledBy($root);
            $sums[] = $coefficient->plus($products[$place]);
        }

        return new self($root, $top, $products, $sums);
    }

    /** @param non-empty-list<Rational> $coefficients */
    public static function ofNumbers(array $coefficients, Rational $root): self
    {
        return self::of(array_map(Polynomial::constant(...), $coefficients), $root);
    }

    public function remainder(): Polynomial
    {
        return $this->sums[\count($this->sums) - 1];
    }

    /**
     * @param list<Polynomial> $row
     *
     * @return list<Expression>
     */
    public static function written(array $row): array
    {
        return array_map(static fn(Polynomial $entry): Expression => $entry->toExpression(), $row);
    }
}
