<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

use Runel\Demonstration\Figure\ArrangementHunt;
use Runel\Demonstration\Figure\ArrangementRow;
use Runel\Demonstration\Figure\TrialVerdict;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Term;
use Runel\Problem\Trinomial;

/** The steps of a hunt through arrangements, one a trial shown. */
final class ArrangementSteps
{
    /** @return list<Step> */
    public static function of(Trinomial $trinomial, Arrangements $arrangements, string $kind): array
    {
        $figure = $arrangements->figure($trinomial, $kind);
        $steps = [new Step(
            'target',
            Message::of("$kind.target.title"),
            Message::of("$kind.target.why-{$arrangements->mode}", ['count' => $arrangements->count(), 'target' => self::number($arrangements->target)]),
            [],
            $figure,
        )];
        foreach (Window::over($arrangements->looked(), $arrangements->looked() - 1)->runs as $number => [$from, $count]) {
            $rows = \array_slice($arrangements->rows, $from, $count);
            if ($number % 2 === 1 && $rows !== []) {
                $figure = $figure->passing(\array_slice($rows, 0, Window::UNFOLDED), $count);
                $steps[] = new Step('passed-' . ($from + 1), Message::of('hunt.passed.title-arrangements', ['count' => $count]), Message::of('hunt.passed.why-arrangements', ['target' => self::number($arrangements->target)]), [], $figure);
                continue;
            }
            foreach ($rows as $row) {
                $figure = $figure->with($row);
                $steps[] = self::look($trinomial, $arrangements, $row, $figure, $kind);
            }
        }

        return $steps;
    }

    private static function look(Trinomial $trinomial, Arrangements $arrangements, ArrangementRow $row, ArrangementHunt $figure, string $kind): Step
    {
        $parameters = [
            'first' => $trinomial->linear($row->m, $row->r)->toExpression(),
            'second' => $trinomial->linear($row->n, $row->s)->toExpression(),
            'outer' => self::number($row->outer()),
            'inner' => self::number($row->inner()),
            'total' => self::number($row->total),
            'target' => self::number($arrangements->target),
            'm' => $row->m, 'n' => $row->n, 'r' => abs($row->r), 's' => abs($row->s),
        ];
        $why = match ($row->verdict) {
            TrialVerdict::Misses => "misses-{$arrangements->mode}",
            TrialVerdict::Fits => 'fits-' . ($arrangements->mode !== 'either' ? $arrangements->mode : ($trinomial->c > 0 ? 'sum' : 'difference')),
            default => $row->verdict->value,
        };

        return new Step(
            'trial-' . $row->number,
            Message::of($row->verdict->ends() ? "$kind.trial.title-fits" : "$kind.trial.title", $parameters),
            Message::of("$kind.trial.$why", $parameters + ['difference' => self::number(abs($row->outer() - $row->inner()))]),
            [self::line($arrangements, $row)],
            $figure,
            Question::number(Message::of("$kind.trial.ask", $parameters), self::total($row, $arrangements)),
        );
    }

    /** The two cross products and what they make together, as plain numbers. */
    private static function line(Arrangements $arrangements, ArrangementRow $row): Line
    {
        $outer = Product::apart([self::number($row->m), self::number($row->s)]);
        $inner = Product::apart([self::number($row->n), self::number($row->r)]);
        if ($arrangements->mode !== 'difference') {
            return Line::side(Sum::of([$outer, $inner]), new Marked(self::total($row, $arrangements), Mark::written()));
        }
        [$larger, $smaller] = $row->outer() >= $row->inner() ? [$outer, $inner] : [$inner, $outer];

        return Line::side(Sum::of([$larger, new Negative($smaller)]), new Marked(self::total($row, $arrangements), Mark::written()));
    }

    private static function total(ArrangementRow $row, Arrangements $arrangements): Expression
    {
        return self::number($arrangements->mode === 'difference' ? abs($row->outer() - $row->inner()) : $row->outer() + $row->inner());
    }

    private static function number(int $value): Expression
    {
        return Term::constant(Rational::of($value))->toExpression();
    }
}
