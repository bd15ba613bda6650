<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/**
 * Whether a sum of numbers with roots and of at most two roots of such numbers is 0: decided by isolating and squaring,
 * the signs being looked at each time. Roots of negative numbers have no value here.
 */
final class NestedSum
{
    private Surd $plain;
    /** @var list<array{Surd, Surd}> what stands before each root, and what stands under it */
    private array $roots = [];

    private function __construct()
    {
        $this->plain = Surd::rational(0);
    }

    /** @throws NoExactValue where it is of another form */
    public static function isZero(Expression $expression): bool
    {
        $sum = new self();
        $sum->collect($expression, Surd::rational(1));

        return match (\count($sum->roots)) {
            0 => $sum->plain->isZero(),
            1 => self::one($sum->roots[0][0], $sum->roots[0][1], $sum->plain),
            2 => self::two($sum->roots[0], $sum->roots[1], $sum->plain),
            default => throw new NoExactValue('more than two roots of roots'),
        };
    }

    private function collect(Expression $expression, Surd $factor): void
    {
        try {
            $this->plain = $this->plain->plus($factor->times(self::value($expression)));

            return;
        } catch (NoExactValue) {
            // A root of a root somewhere in it: looked for part by part.
        }
        if ($expression instanceof Sum) {
            foreach ($expression->terms as $term) {
                $this->collect($term, $factor);
            }

            return;
        }
        match (true) {
            $expression instanceof Marked => $this->collect($expression->content, $factor),
            $expression instanceof Negative => $this->collect($expression->operand, $factor->negated()),
            $expression instanceof Quotient => $this->collect(
                $expression->numerator,
                $factor->dividedBy(self::value($expression->denominator)),
            ),
            $expression instanceof Product => $this->product($expression, $factor),
            $expression instanceof Root && $expression->index === 2 => $this->root($factor, self::value(
                $expression->radicand,
            )),
            default => throw new NoExactValue('another form'),
        };
    }

    private function product(Product $product, Surd $factor): void
    {
        $open = null;
        foreach ($product->factors as $part) {
            try {
                $factor = $factor->times(self::value($part));
            } catch (NoExactValue $reason) {
                $open = $open === null ? $part : throw $reason;
            }
        }
        if ($open !== null) {
            $this->collect($open, $factor);
        }
    }

    private function root(Surd $factor, Surd $radicand): void
    {
        if (!$radicand->isReal() || $radicand->sign() < 0) {
            throw new NoExactValue('the root of a negative number');
        }
        foreach ($this->roots as $place => [$before, $under]) {
            if ($under->equals($radicand)) {
                $this->roots[$place][0] = $before->plus($factor);

                return;
            }
        }
        $this->roots[] = [$factor, $radicand];
    }

    /** c√r + p = 0: the squares agree, and the signs do not. */
    private static function one(Surd $front, Surd $radicand, Surd $plain): bool
    {
        return $front->times($front)->times($radicand)->equals($plain->times($plain))
            && $front->sign() * $radicand->sign() === -$plain->sign();
    }

    /**
     * @param array{Surd, Surd} $first
     * @param array{Surd, Surd} $second
     */
    private static function two(array $first, array $second, Surd $plain): bool
    {
        [$one, $another] = array_map(
            static fn(array $root): Surd => $root[0]->times($root[0])->times($root[1]),
            [$first, $second],
        );
        $difference = $one->minus($another)->sign();
        [$own, $other] = [$first[0]->sign(), $second[0]->sign()];
        // The sign of the two roots together: that of both, or of the larger.
        $sign = $own === $other ? $own : ($difference === 0 ? 0 : ($difference > 0 ? $own : $other));
        if ($sign !== -$plain->sign()) {
            return false;
        }
        $rest = $one->plus($another)->minus($plain->times($plain));

        return self::one(
            $first[0]->times($second[0])->times(Surd::rational(Rational::of(2))),
            $first[1]->times($second[1]),
            $rest,
        );
    }

    private static function value(Expression $expression): Surd
    {
        return Evaluation::at(new Surds(), [])->of($expression);
    }
}
