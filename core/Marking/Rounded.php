<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Algebra\RealNumber;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Rewriter;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/** A number that is rounded from another: right where the exact one rounds to it, to as many places as are written. */
final readonly class Rounded
{
    /** Nobody writes more places. */
    private const MOST = 30;
    /** With fewer places a number whose last place is off is another number. */
    private const FEWEST_OFF = 2;

    /**
     * @param Expression $exact  what it is rounded from
     * @param int        $places behind the point
     * @param bool       $isOff  its last place is one off
     */
    private function __construct(public Expression $exact, public int $places, public bool $isOff) {}

    /**
     * Which of the exact values a decimal is rounded from; null where it is no decimal, or of none.
     *
     * @param list<Expression> $exact
     */
    public static function from(Expression $decimal, array $exact): ?self
    {
        $bare = $decimal->bare();
        if (!$bare instanceof Numeral) {
            return self::within($decimal, $exact);
        }
        if (!$bare->value->isDecimal()) {
            return null;
        }
        $value = $decimal instanceof Negative ? $bare->value->negated() : $bare->value;
        $places = self::places($value);
        $written = Surd::rational($value)->toDecimal($places);
        foreach ($exact as $one) {
            if (self::rounds($one, $places) === $written) {
                return new self($one, $places, false);
            }
        }
        foreach ($places < self::FEWEST_OFF ? [] : $exact as $one) {
            $off = RealNumber::of($one)?->minus(Surd::rational($value));
            $unit = Surd::rational(Rational::of(10)->power($places)->reciprocal());
            if ($off !== null && ($off->sign() < 0 ? $off->negated() : $off)->compareTo($unit) < 0) {
                return new self($one, $places, true);
            }
        }

        return null;
    }

    /**
     * The exact value itself, written in whatever way; null where it is none of them.
     *
     * @param list<Expression> $exact
     */
    public static function not(Expression $number, array $exact): ?self
    {
        $value = RealNumber::of($number);
        foreach ($exact as $one) {
            if ($value !== null && RealNumber::of($one)?->equals($value) === true) {
                return new self($one, 0, false);
            }
        }

        return null;
    }

    /**
     * (5 + 5.74)/4, with a rounded number in it: right where the exact value lies between what it would be with the
     * smallest and with the largest number that is rounded so.
     *
     * @param list<Expression> $exact
     */
    private static function within(Expression $side, array $exact): ?self
    {
        $decimals = [];
        Rewriter::everywhere($side, static function (Node $part) use (&$decimals): ?Node {
            if ($part instanceof Numeral && $part->value->isDecimal()) {
                $decimals[] = $part->value;
            }

            return null;
        });
        if (\count($decimals) !== 1) {
            return null;
        }
        $places = self::places($decimals[0]);
        $half = Rational::of(2)->times(Rational::of(10)->power($places))->reciprocal();
        $ends = [];
        foreach ([$decimals[0]->minus($half), $decimals[0]->plus($half)] as $end) {
            $ends[] = RealNumber::of(Rewriter::everywhere(
                $side,
                static fn(Node $part): ?Node => $part instanceof Numeral && $part->value->isDecimal()
                    ? Numeral::of($end)
                    : null,
            ));
        }
        foreach ($exact as $one) {
            $value = RealNumber::of($one);
            if ($value !== null && $ends[0] !== null && $ends[1] !== null
                && $value->compareTo($ends[0]) * $value->compareTo($ends[1]) <= 0) {
                return new self($one, $places, false);
            }
        }

        return null;
    }

    private static function rounds(Expression $value, int $places): ?string
    {
        try {
            return RealNumber::of($value)?->toDecimal($places);
        } catch (NoExactValue) {
            return null;
        }
    }

    /** How many places a decimal has, zeros at its end not counted. */
    public static function places(Rational $value): int
    {
        $places = 0;
        while (!$value->isInteger() && $places < self::MOST) {
            $value = $value->times(Rational::of(10));
            ++$places;
        }

        return $places;
    }
}
