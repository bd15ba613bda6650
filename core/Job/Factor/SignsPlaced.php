<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Option;
use Runel\Demonstration\Role;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Slip\Slip;

/** What several hunts share: the signs put to plain numbers that were found, at once or wrongly first. */
final class SignsPlaced
{
    /** Whether signs that differ are put in as they fit, or wrongly first, to be swapped. */
    public const CHOICE = 'signs';
    public const VALUES = ['fit', 'turned'];

    public static function areTurned(Trinomial $trinomial, Task $task): bool
    {
        return self::canTurn($trinomial) && $task->choice(self::CHOICE) === 'turned';
    }

    /** @return list<Option> none where no exchange of signs makes a slip */
    public static function options(Trinomial $trinomial, Task $task): array
    {
        $turned = self::areTurned($trinomial, $task);

        return self::canTurn($trinomial) ? array_map(static fn(string $value): Option => new Option(
            self::CHOICE,
            $value,
            Message::of("cross.signs.option-$value"),
            ($value === 'turned') === $turned,
        ), self::VALUES) : [];
    }

    /**
     * @param array{array{int, int}, array{int, int}} $rows   m and r, n and s, from top to bottom, with their signs
     * @param bool                                    $last   whether nothing is known of the signs yet: then all four
     *                                                        combinations are looked at
     * @param Figure|null                             $figure the hunt, which stays while signs are read off it
     *
     * @return non-empty-list<Step>
     */
    public static function steps(Trinomial $trinomial, array $rows, bool $last, ?Figure $figure, Task $task): array
    {
        [[$m, $r], [$n, $s]] = $rows;
        $options = self::options($trinomial, $task);
        if (!self::areTurned($trinomial, $task)) {
            return [self::step($trinomial, $rows, $last, $figure, $options)];
        }
        $total = Numeral::of(-$trinomial->b);

        return [
            new Step(
                id: 'signs-turned',
                role: Role::Trial,
                title: Message::of('cross.signs.title-turned'),
                why: Message::of('cross.signs.why-turned', [
                    'total' => $total,
                    'middle' => Numeral::of($trinomial->b),
                ]),
                lines: [Line::side(Sum::of([Numeral::of(-$m * $s), Numeral::of(-$n * $r)]), $total)],
                figure: $figure,
                options: $options,
            ),
            self::step($trinomial, $rows, false, $figure, []),
        ];
    }

    private static function canTurn(Trinomial $trinomial): bool
    {
        return $trinomial->c < 0 && $trinomial->b !== 0;
    }

    /**
     * @param array{array{int, int}, array{int, int}} $rows
     * @param list<Option>                            $options
     */
    private static function step(
        Trinomial $trinomial,
        array $rows,
        bool $last,
        ?Figure $figure,
        array $options,
    ): Step {
        [[$m, $r], [$n, $s]] = $rows;
        [$outer, $inner] = [abs($m * $s), abs($n * $r)];
        $lines = [];
        foreach ($last ? [[1, 1], [1, -1], [-1, 1], [-1, -1]] : [
            [$s < 0 ? -1 : 1, $r < 0 ? -1 : 1],
        ] as [$first, $second]) {
            $total = Numeral::of($first * $outer + $second * $inner);
            $fits = $first === ($s < 0 ? -1 : 1) && $second === ($r < 0 ? -1 : 1);
            $lines[] = Line::side(Sum::of(
                [Numeral::of($first * $outer), Numeral::of($second * $inner)],
            ), $fits ? new Marked($total, Mark::written()) : $total);
        }

        return new Step(
            id: 'place-signs',
            title: Message::of('cross.signs.title'),
            why: Message::of(
                match (true) {
                    $last && $trinomial->b === 0 => 'cross.signs.why-last-none',
                    $last => 'cross.signs.why-last',
                    $trinomial->c > 0 => 'cross.signs.why-same',
                    $trinomial->b === 0 => 'cross.signs.why-opposite-none',
                    default => 'cross.signs.why-opposite',
                },
                ['middle' => Numeral::of($trinomial->b), 'last' => Numeral::of($trinomial->c)],
            ),
            lines: $lines,
            figure: $figure,
            watch: $trinomial->b === 0 ? null : Slip::SignsInWrongBrackets,
            options: $options,
        );
    }
}
