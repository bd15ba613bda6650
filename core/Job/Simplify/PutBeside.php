<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\RealNumber;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Line;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Message\Message;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Working\Arithmetic;

/** The original and what it has become, both with numbers in place of the letters. */
final class PutBeside
{
    /** Tried for the letters, until both sides have a value and neither is 0. */
    private const VALUES = [[2, 3, 5, 7], [3, 2, 7, 5], [5, 7, 2, 3], [7, 5, 11, 2], [11, 13, 7, 5], [13, 17, 5, 2]];
    /** Tried for letters under roots. */
    private const POWERS = [[2, 8, 18, 32], [4, 9, 16, 25], [3, 12, 27, 48], [8, 27, 64, 125], [9, 4, 25, 16]];

    /** Where roots stand: with powers in place of the letters, whose roots come out. */
    public static function checkRoots(Expression $original, Expression $result): Check
    {
        return self::check($original, $result, self::POWERS);
    }

    /** @param list<list<int>> $tried for the letters, in order */
    public static function check(Expression $original, Expression $result, array $tried = self::VALUES): Check
    {
        foreach ($tried as $values) {
            try {
                $lines = [];
                foreach (self::put($original, $result, $values) as $side) {
                    array_push($lines, ...($side->isNumber() ? [] : Arithmetic::lines($side)));
                }
                if ($lines !== []) {
                    return self::of($original, $lines);
                }
            } catch (DivisionByZero | NoExactValue) {
                continue;
            }
        }

        return self::about($original, $result, $tried) ?? self::of($original, [Line::side($original, $result)]);
    }

    /**
     * Where roots are left with all numbers tried: both as a decimal.
     *
     * @param list<list<int>> $tried
     */
    private static function about(Expression $original, Expression $result, array $tried): ?Check
    {
        foreach ($tried as $values) {
            [$left, $right] = self::put($original, $result, $values);
            try {
                [$one, $two] = [RealNumber::of($left), RealNumber::of($right)];
                $written = $one?->toDecimal(3);
            } catch (DivisionByZero | NoExactValue) {
                continue;
            }
            if ($one !== null && $written !== null && $two?->equals($one) === true) {
                $value = Numeral::of(Rational::ofDecimal($written)->asDecimal());

                return new Check(
                    kind: CheckKind::Substitution,
                    title: Message::of('simplify.check.title'),
                    why: Message::of(RealNumber::of($value)?->equals($one) === true
                        ? 'simplify.radicals.check.why-exact'
                        : 'simplify.radicals.check.why', ['value' => $value]),
                    lines: [Line::side($left, $right)],
                    holds: true,
                );
            }
        }

        return null;
    }

    /**
     * @param list<int> $values for the letters, in order
     *
     * @return list<Expression> both with numbers in place of the letters
     */
    private static function put(Expression $original, Expression $result, array $values): array
    {
        $letters = array_keys(Letters::of($original));

        return array_map(static function (Expression $side) use ($letters, $values): Expression {
            foreach ($letters as $place => $letter) {
                $side = Substitution::into($side, (string) $letter, Numeral::of($values[$place % \count($values)]));
            }

            return $side;
        }, [$original, $result]);
    }

    /** @param non-empty-list<Line> $lines */
    private static function of(Expression $original, array $lines): Check
    {
        return new Check(
            kind: CheckKind::Substitution,
            title: Message::of(Letters::of($original) === []
                ? 'simplify.check.title-numbers'
                : 'simplify.check.title'),
            why: Message::of('simplify.check.why'),
            lines: $lines,
            holds: true,
        );
    }
}
