<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Figure\ArrangementHuntFigure;
use Runel\Demonstration\Figure\ArrangementRow;
use Runel\Demonstration\Figure\TrialVerdict;
use Runel\Demonstration\Line;
use Runel\Demonstration\Option;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Polynomial\Polynomial;

/** The steps of a hunt through arrangements, one a trial shown. */
final class ArrangementSteps
{
    private const MOST_LISTED = 24;

    /**
     * What the hunt arrives at, for where it is folded.
     *
     * @param array{Polynomial, Polynomial}|null $brackets null where none fit
     */
    public static function outcome(?array $brackets): Message
    {
        return $brackets === null ? Message::of('outcome.none') : Message::of('outcome.factors', [
            'first' => $brackets[0]->toExpression(),
            'second' => $brackets[1]->toExpression(),
        ]);
    }

    /**
     * @param list<Option> $options what can be chosen before anything is tried
     *
     * @return list<Step>
     */
    public static function of(
        Trinomial $trinomial,
        Arrangements $arrangements,
        string $kind,
        bool $listed,
        array $options = [],
    ): array {
        $figure = $arrangements->figure($trinomial, $kind);
        $steps = $listed ? [self::listed($trinomial)] : [];
        $steps[] = new Step(
            id: 'target',
            title: Message::of("$kind.target.title"),
            why: Message::of("$kind.target.why-{$arrangements->mode}", [
                'count' => $arrangements->count(),
                'target' => Numeral::of($arrangements->target),
            ]),
            figure: $figure,
            options: $options,
        );
        foreach (Window::over(
            $arrangements->looked(),
            $arrangements->looked() - 1,
        )->runs as $number => [$from, $count]) {
            $rows = \array_slice($arrangements->rows, $from, $count);
            if ($number % 2 === 1 && $rows !== []) {
                $figure = $figure->passing(\array_slice($rows, 0, Window::UNFOLDED), $count);
                $steps[] = new Step(
                    id: 'passed-' . ($from + 1),
                    role: Role::Trial,
                    title: Message::of('hunt.passed.title-arrangements', ['count' => $count]),
                    why: self::passedWhy($arrangements, $rows),
                    figure: $figure,
                );
                continue;
            }
            foreach ($rows as $row) {
                $figure = $figure->with($row);
                $steps[] = self::look($trinomial, $arrangements, $row, $figure, $kind);
            }
        }

        return $steps;
    }

    /** Both lists at the side, before anything is tried. */
    private static function listed(Trinomial $trinomial): Step
    {
        $lines = [];
        foreach ([$trinomial->a, abs($trinomial->c)] as $number) {
            foreach (Integers::factorPairs($number) as $pair) {
                if (\count($lines) < self::MOST_LISTED) {
                    $lines[] = Line::side(Numeral::of($number), Product::apart(array_map(Numeral::of(...), $pair)));
                }
            }
        }

        return new Step(
            id: 'pairs-listed',
            title: Message::of('hunt.listed.title', [
                'first' => Numeral::of($trinomial->a),
                'last' => Numeral::of(abs($trinomial->c)),
            ]),
            why: Message::of('hunt.listed.why'),
            lines: $lines,
        );
    }

    /**
     * Why some arrangements need no trial: at sight, by their reach, or because none makes it.
     *
     * @param non-empty-list<ArrangementRow> $rows
     */
    private static function passedWhy(Arrangements $arrangements, array $rows): Message
    {
        $sharing = array_filter(
            $rows,
            static fn(ArrangementRow $row): bool => $row->verdict === TrialVerdict::Shares,
        );
        $most = max(array_map(static fn(ArrangementRow $row): int => abs($row->total), $rows));
        $target = Numeral::of($arrangements->target);

        return match (true) {
            \count($sharing) === \count($rows) => Message::of('hunt.passed.why-shares'),
            $most < abs($arrangements->target) => Message::of('hunt.passed.why-reach', [
                'most' => Numeral::of($most),
                'target' => $target,
            ]),
            default => Message::of('hunt.passed.why-arrangements', ['target' => $target]),
        };
    }

    private static function look(
        Trinomial $trinomial,
        Arrangements $arrangements,
        ArrangementRow $row,
        ArrangementHuntFigure $figure,
        string $kind,
    ): Step {
        $isPlain = $kind === 'brackets' && $figure->isPlain();
        $whole = static fn(int $number): Polynomial => $trinomial->linear($number, 0);
        $parameters = [
            'first' => ($isPlain ? $whole($row->m) : $trinomial->linear($row->m, $row->r))->toExpression(),
            'second' => ($isPlain ? $whole($row->n) : $trinomial->linear($row->n, $row->s))->toExpression(),
            'outer' => Numeral::of($row->outer()),
            'inner' => Numeral::of($row->inner()),
            'total' => Numeral::of($row->total),
            'target' => Numeral::of($arrangements->target),
            'm' => $row->m, 'n' => $row->n, 'r' => abs($row->r), 's' => abs($row->s),
        ];
        $why = match ($row->verdict) {
            TrialVerdict::Misses => "misses-{$arrangements->mode}",
            TrialVerdict::Fits => 'fits-'
                . ($arrangements->mode !== 'either' ? $arrangements->mode : ($trinomial->c > 0 ? 'sum' : 'difference')),
            default => $row->verdict->value . ($isPlain && $row->verdict === TrialVerdict::Shares ? '-either' : ''),
        };

        $lines = self::lines($arrangements, $row);
        $asked = $lines[\count($lines) - 1];
        $bySum = $arrangements->mode === 'sum'
            || ($arrangements->mode === 'either' && self::reachedBySum($arrangements, $row));

        return new Step(
            id: 'trial-' . $row->number,
            role: Role::Trial,
            title: Message::of("$kind.trial.title" . ($isPlain ? '-either' : '')
                . ($row->verdict->ends() ? '-fits' : ''), $parameters),
            why: Message::of("$kind.trial.$why", $parameters + ['difference' => Numeral::of(abs(
                $row->outer() - $row->inner(),
            ))]),
            lines: $lines,
            figure: $figure,
            question: $row->number > 1 && !$row->verdict->ends() ? null : Question::about($asked, match (true) {
                $isPlain => Message::of('brackets.trial.ask-' . ($bySum ? 'sum' : 'difference'), $parameters),
                $kind === 'brackets' => Message::of('brackets.trial.ask', $parameters),
                $bySum => Message::of('cross.trial.ask', $parameters),
                default => Message::of('cross.trial.ask-difference', $parameters),
            }),
        );
    }

    /**
     * The two cross products and what they make together, as plain numbers; where sum or difference may do, both, the
     * one that fits last.
     *
     * @return non-empty-list<Line>
     */
    private static function lines(Arrangements $arrangements, ArrangementRow $row): array
    {
        $outer = Product::apart([Numeral::of($row->m), Numeral::of($row->s)]);
        $inner = Product::apart([Numeral::of($row->n), Numeral::of($row->r)]);
        [$larger, $smaller] = $row->outer() >= $row->inner() ? [$outer, $inner] : [$inner, $outer];
        $sum = [Sum::of([$outer, $inner]), Numeral::of($row->outer() + $row->inner())];
        $difference = [
            Sum::of([$larger, new Negative($smaller)]),
            Numeral::of(abs($row->outer() - $row->inner())),
        ];
        $written = static fn(Expression $left, Expression $right): Line => Line::side(
            $left,
            new Marked($right, Mark::written()),
        );

        return match (true) {
            $arrangements->mode === 'sum' => [$written(...$sum)],
            $arrangements->mode === 'difference' => [$written(...$difference)],
            self::reachedBySum($arrangements, $row) => [Line::side(...$difference), $written(...$sum)],
            default => [Line::side(...$sum), $written(...$difference)],
        };
    }

    private static function reachedBySum(Arrangements $arrangements, ArrangementRow $row): bool
    {
        return $row->outer() + $row->inner() === $arrangements->target;
    }
}
