<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Line;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Integers;

/** That no pair can work, seen from the discriminant: it lies between two neighbouring squares, or below 0. */
final class NoPair
{
    public static function check(Trinomial $trinomial): Check
    {
        $discriminant = $trinomial->discriminant();
        $written = Numeral::of($discriminant);
        if ($discriminant < 0) {
            $square = Numeral::of(abs($trinomial->b));
            $larger = Numeral::of(4 * $trinomial->product());

            return new Check(
                kind: CheckKind::Discriminant,
                title: Message::of('check.no-pair.title-negative'),
                why: Message::of('check.no-pair.why-negative'),
                lines: [
                    Line::side(new Power($square, Numeral::of(2)), Numeral::of($trinomial->b ** 2)),
                    Line::side(self::times(4, $trinomial->a, $trinomial->c), $larger),
                    Line::side(Sum::of([Numeral::of($trinomial->b ** 2), new Negative($larger)]), $written),
                ],
                holds: true,
            );
        }
        $below = (int) floor(sqrt($discriminant));
        while ($below * $below > $discriminant) {
            --$below;
        }
        while (($below + 1) ** 2 <= $discriminant) {
            ++$below;
        }

        return new Check(
            kind: CheckKind::Discriminant,
            title: Message::of('check.no-pair.title', ['value' => $written]),
            why: Message::of('check.no-pair.why', ['value' => $written]),
            lines: [
                Line::side(new Power(Numeral::of($below), Numeral::of(2)), Numeral::of($below ** 2)),
                Line::side(new Power(Numeral::of($below + 1), Numeral::of(2)), Numeral::of(($below + 1) ** 2)),
            ],
            holds: Integers::squareRoot($discriminant) === null,
        );
    }

    private static function times(int ...$factors): Expression
    {
        return Product::apart(array_map(Numeral::of(...), array_values($factors)));
    }
}
