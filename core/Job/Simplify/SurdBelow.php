<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\Conjugate;
use Runel\Algebra\SurdWritten;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Slip\Slip;

/** A fraction with a square root below its line: above and below are multiplied by what takes it away. */
final class SurdBelow
{
    /**
     * Above and below times what takes the root away below.
     *
     * @param \Closure(Expression): Expression $in     the whole, with a part in the fraction's place
     * @param int                              $before so many fractions were treated before
     *
     * @return array{Step, Expression} how, and what it becomes
     */
    public static function removed(Quotient $whole, \Closure $in, int $before): array
    {
        $below = RadicalShape::value($whole->denominator) ?? throw new \LogicException('It was evaluated.');
        $number = $below->toRational();
        if ($number !== null) {
            return self::withNumberBelow($whole, $number, $in, $before);
        }
        $isOne = \count($below->parts) === 1;
        $parts = $below->parts;
        $by = $isOne
            ? new Root(Numeral::of((int) array_key_first($parts)), 2)
            : Conjugate::of($whole->denominator) ?? SurdWritten::of(RadicalShape::conjugate($below));
        $product = $below->times(RadicalShape::value($by) ?? $below);
        $above = RadicalShape::value($whole->numerator)?->times(RadicalShape::value($by) ?? $below)
            ?? throw new \LogicException('It was evaluated.');
        // 1 · √2 over √2 · √2: what is done above and below is to be seen.
        $times = static fn(Expression $side): Expression => $isOne && $side->terms() === [$side]
            ? Product::apart([...$side->factors(), $by])
            : Product::of([$side, $by]);
        $written = new Quotient($times($whole->numerator), $times($whole->denominator));
        $left = SurdWritten::of($product);
        $worked = $left->isOne() ? SurdWritten::of($above) : new Quotient(SurdWritten::of($above), $left);

        return [new Step(
            id: 'rationalise' . ($before === 0 ? '' : '-' . ($before + 1)),
            title: Message::of('simplify.radicals.below.title', ['by' => $by]),
            why: Message::of(match (true) {
                $isOne => 'simplify.radicals.below.why',
                $product->toRational() === null => 'simplify.radicals.below.why-fewer',
                default => 'simplify.radicals.below.why-conjugate',
            }),
            lines: [
                Line::equal($in($written)),
                Line::side($written->denominator, $left),
                Line::equal($in($worked)),
            ],
            watch: $isOne ? Slip::RootNotSimplified : Slip::ConjugateSign,
        ), $worked];
    }

    /**
     * What stands below is a number, though roots stand in it.
     *
     * @param \Closure(Expression): Expression $in
     *
     * @return array{Step, Expression}
     */
    private static function withNumberBelow(Quotient $whole, Rational $number, \Closure $in, int $before): array
    {
        $below = Numeral::of($number);
        $worked = $number->isOne() ? $whole->numerator : new Quotient($whole->numerator, $below);

        return [new Step(
            id: 'rationalise' . ($before === 0 ? '' : '-' . ($before + 1)),
            title: Message::of('simplify.radicals.below-number.title'),
            why: Message::of('simplify.radicals.below-number.why'),
            lines: [Line::side($whole->denominator, $below), Line::equal($in($worked))],
            watch: Slip::RootNotSimplified,
        ), $worked];
    }

    /** A fraction over a root in a sum that is a factor; null where there is none. */
    public static function within(Expression $whole): ?Quotient
    {
        foreach ($whole->terms() as $term) {
            $factors = $term->bare()->factors();
            foreach ($factors as $factor) {
                $sum = $factor->base();
                foreach ($sum instanceof Sum && $sum !== $whole ? $sum->terms : [] as $part) {
                    $fraction = $part->bare();
                    $isOver = $fraction instanceof Quotient && !Inside::holds($fraction, Sum::class)
                        && Inside::holds($fraction->denominator, Root::class);
                    if ($isOver && RadicalShape::canLoseRoots(RadicalShape::value($fraction->denominator))) {
                        return $fraction;
                    }
                }
            }
        }

        return null;
    }
}
