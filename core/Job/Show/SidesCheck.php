<?php

declare(strict_types=1);

namespace Runel\Job\Show;

use Runel\Algebra\RealNumber;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Line;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Substitution;
use Runel\Message\Message;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Working\Arithmetic;

/** Both sides as they were given, with numbers for the letters; sides without letters as decimals. */
final class SidesCheck
{
    /** For the letters in turn, until both sides have a value. */
    private const VALUES = [[2, 3], [3, 4], [5, 7], [7, 10], [11, 13], [4, 9], [8, 27]];

    /** @param list<string> $letters */
    public static function of(Equation $given, array $letters): Check
    {
        if ($letters === []) {
            $value = RealNumber::of($given->left) ?? throw new \LogicException('Both have the same value.');

            return new Check(
                kind: CheckKind::Substitution,
                title: Message::of('show.check.title-numbers'),
                why: Message::of('show.check.why-numbers', [
                    'value' => Numeral::of(Rational::ofDecimal($value->toDecimal(3))->asDecimal()),
                ]),
                lines: [Line::side($given->left, $given->right)],
                holds: true,
            );
        }
        [$numbers, $lines] = self::lines($given, $letters);

        return new Check(
            kind: CheckKind::Substitution,
            title: Message::of('show.check.title', ['values' => implode(', ', array_map(
                static fn(string $letter, int $number): string => "$letter = $number",
                $letters,
                $numbers,
            ))]),
            why: Message::of('show.check.why'),
            lines: $lines,
            holds: true,
        );
    }

    /**
     * @param non-empty-list<string> $letters
     *
     * @return array{list<int>, list<Line>} what was put in, and what comes of it
     */
    private static function lines(Equation $given, array $letters): array
    {
        $unworked = null;
        foreach (self::VALUES as $values) {
            $put = [$given->left, $given->right];
            $numbers = [];
            foreach ($letters as $place => $letter) {
                $numbers[] = $values[$place % 2];
                $put = array_map(static fn(Expression $side): Expression => Substitution::into(
                    $side,
                    $letter,
                    Numeral::of($values[$place % 2]),
                ), $put);
            }
            try {
                // No number can be put for π: there the two sides stand beside each other.
                $lines = Inside::holds($given, Pi::class) ? [] : array_merge(...array_map(
                    static fn(Expression $side): array => $side instanceof Numeral ? [] : Arithmetic::lines($side),
                    $put,
                ));

                return [$numbers, $lines !== [] ? $lines : [Line::side($put[0], $put[1])]];
            } catch (DivisionByZero) {
                continue;
            } catch (NoExactValue) {
                $unworked ??= [$numbers, [Line::side($put[0], $put[1])]];
            }
        }

        return $unworked ?? throw new \LogicException('Both sides have a value somewhere.');
    }
}
