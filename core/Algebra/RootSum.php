<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;

/** One side of an equation with square roots: plain terms, and numbers before roots of plain terms. */
final readonly class RootSum
{
    /** @param list<RootTerm> $roots no two of the same radicand */
    private function __construct(public Polynomial $plain, public array $roots) {}

    /** @param list<RootTerm> $roots */
    public static function of(Polynomial $plain, array $roots): self
    {
        /** @var list<RootTerm> $together */
        $together = [];
        foreach ($roots as $root) {
            $coefficient = $root->coefficient;
            foreach ($together as $place => $other) {
                if ($other->radicand->equals($root->radicand)) {
                    $coefficient = $coefficient->plus($other->coefficient);
                    unset($together[$place]);
                }
            }
            $together = [...array_values($together), $root->with($coefficient)];
        }

        return new self($plain, array_values(array_filter(
            $together,
            static fn(RootTerm $root): bool => !$root->coefficient->isZero(),
        )));
    }

    /** @throws NotPolynomial where anything else stands there */
    public static function read(Expression $side, string $letter): self
    {
        $plain = Polynomial::constant(0);
        $roots = [];
        foreach ($side->terms() as $term) {
            $root = self::root($term, $letter, Rational::one());
            if ($root === null) {
                $plain = $plain->plus(Polynomial::fromExpression($term));
            } else {
                $roots[] = $root;
            }
        }

        return self::of($plain, $roots);
    }

    public function minus(self $other): self
    {
        return self::of($this->plain->minus($other->plain), [
            ...$this->roots,
            ...array_map(static fn(RootTerm $root): RootTerm => $root->with(
                $root->coefficient->negated(),
            ), $other->roots),
        ]);
    }

    public function isRootAlone(): bool
    {
        return $this->plain->isZero() && \count($this->roots) === 1;
    }

    public function isZero(): bool
    {
        return $this->plain->isZero() && $this->roots === [];
    }

    /** @return list<Expression> the terms as they are written: plain ones first where there are some */
    public function terms(): array
    {
        return [
            ...$this->plain->expressions(),
            ...array_map(static fn(RootTerm $root): Expression => $root->toExpression(), $this->roots),
        ];
    }

    public function toExpression(): Expression
    {
        return Sum::of($this->terms());
    }

    /** A number before the root of something with the letter; null where there is none. */
    private static function root(Expression $term, string $letter, Rational $front): ?RootTerm
    {
        if ($term instanceof Marked) {
            return self::root($term->content, $letter, $front);
        }
        if ($term instanceof Negative) {
            return self::root($term->operand, $letter, $front->negated());
        }
        if ($term instanceof Quotient) {
            $below = Polynomial::fromExpression($term->denominator);
            $inside = $below->isConstant() && !$below->isZero()
                ? self::root($term->numerator, $letter, $front)
                : null;

            return $inside?->with($inside->coefficient->dividedBy($below->terms[0]->coefficient));
        }
        if ($term instanceof Root) {
            $radicand = $term->index === 2 ? Polynomial::fromExpression($term->radicand) : null;

            return $radicand !== null && $radicand->letters() === [$letter] ? new RootTerm($front, $radicand) : null;
        }
        if ($term instanceof Product) {
            $last = self::root($term->factors[\count($term->factors) - 1], $letter, $front);
            $number = Polynomial::fromExpression(Product::of(
                $last === null ? [Numeral::of(1)] : \array_slice($term->factors, 0, -1),
            ));

            return $last !== null && $number->isConstant() && !$number->isZero()
                ? $last->with($last->coefficient->times($number->terms[0]->coefficient))
                : null;
        }

        return null;
    }
}
