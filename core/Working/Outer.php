<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Algebra\CommonTerm;
use Runel\Demonstration\Line;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Law\Move\Rewrite;
use Runel\Polynomial\Polynomial;

/** What stands around the trinomial while it is worked: the common term and −1 in front, "= 0" behind an equation. */
final readonly class Outer
{
    public function __construct(private CommonTerm $common, private bool $equation) {}

    public function isEquation(): bool
    {
        return $this->equation;
    }

    /** A line in which the trinomial is written in some other way. */
    public function line(Expression ...$factors): Line
    {
        return $this->written($this->wrap(array_values($factors)));
    }

    /** A line of the whole, as it stands. */
    public function written(Expression $whole): Line
    {
        return $this->equation ? Line::equivalent(
            new Equation($whole, Numeral::of(0)),
            new Rewrite(),
        ) : Line::equal($whole);
    }

    /** The line that ends the factoring. */
    public function result(Expression $whole): Line
    {
        return $this->equation ? Line::result(
            new Equation($whole, Numeral::of(0)),
            new Rewrite(),
        ) : Line::result($whole);
    }

    /**
     * The common factor and the minus in front of some factors.
     *
     * @param list<Expression> $factors
     */
    public function wrap(array $factors): Expression
    {
        $product = Product::of([...$this->common->factors(), ...$factors]);

        return $product->signed($this->common->negative);
    }

    /**
     * The finished factoring: equal factors as a power, −1 outside or multiplied into exactly one of them.
     *
     * @param non-empty-list<Polynomial> $factors
     */
    public function finished(array $factors, bool $minusInside): Expression
    {
        if ($this->common->negative && $minusInside) {
            $factors[0] = $factors[0]->negated();
        }
        $written = [];
        foreach (self::counted($factors) as [$factor, $times]) {
            $base = $factor->toExpression();
            $written[] = $times === 1 ? $base : new Power($base, Numeral::of($times));
        }

        return $this->common->negative && $minusInside
            ? Product::of([...$this->common->factors(), ...$written])
            : $this->wrap($written);
    }

    /**
     * @param non-empty-list<Polynomial> $factors
     *
     * @return non-empty-list<array{Polynomial, int}> each once, and how often it stands there
     */
    public static function counted(array $factors): array
    {
        $counted = [];
        foreach ($factors as $factor) {
            foreach ($counted as $place => [$other, $times]) {
                if ($other->equals($factor)) {
                    $counted[$place] = [$other, $times + 1];
                    continue 2;
                }
            }
            $counted[] = [$factor, 1];
        }

        return array_values($counted);
    }
}
