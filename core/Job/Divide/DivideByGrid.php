<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Demonstration\Figure\DivisionGridFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;

/** The area model filled backwards: each diagonal has to come to the dividend's term, so each cell can be found. */
final class DivideByGrid extends DivideMethod
{
    public function id(): string
    {
        return 'grid';
    }

    protected function refusalOf(Division $division): ?Message
    {
        return null;
    }

    protected function advice(Division $division): Message
    {
        return Message::of('divide.grid.advice', [
            'count' => $division->dividend->degree() - $division->divisor->degree() + 1,
        ]);
    }

    protected function products(Division $division): int
    {
        return \count($division->quotient->terms) * \count($division->divisor->terms);
    }

    protected function work(Division $division): array
    {
        $figure = self::figure($division);
        $sections = [new Section(Phase::SettingUp, [new Step(
            id: 'set-up',
            title: Message::of('divide.grid.set-up.title'),
            why: Message::of('divide.grid.set-up.why', [
                'first' => array_values($figure->dividend)[0],
            ]),
            figure: $figure,
        )], null, Message::of('outcome.columns', ['count' => \count($figure->top)]))];
        $several = \count($figure->top) > 1;
        foreach (array_keys($figure->top) as $column) {
            $steps = [];
            foreach (['need', 'top', 'cells'] as $piece) {
                if ($piece !== 'cells' || \count($figure->side) > 1) {
                    $figure = $figure->next();
                    $steps[] = match ($piece) {
                        'need' => self::need($figure, $column),
                        'top' => self::top($division, $figure, $column),
                        'cells' => self::cells($figure, $column),
                    };
                }
            }
            $sections[] = new Section(
                Phase::Dividing,
                $steps,
                $several ? $column + 1 : null,
                Message::of('outcome.term', ['term' => $figure->top[$column]]),
            );
        }
        if ($figure->rest !== []) {
            $sections[] = new Section(
                Phase::Collecting,
                [self::rest($division, $figure->next())],
                null,
                Message::of('outcome.remainder', ['remainder' => $division->remainder->toExpression()]),
            );
        }

        return $sections;
    }

    private static function figure(Division $division): DivisionGridFigure
    {
        $side = $division->divisor->places($division->letter);
        $width = \count($side) - 1;
        $degree = $division->dividend->degree();
        $top = [];
        for ($power = $degree - $width; $power >= 0; --$power) {
            $top[] = self::placed($division->quotient, $division->letter, $power);
        }
        $rest = [];
        for ($power = $width - 1; $power >= 0; --$power) {
            $rest[$power] = self::placed($division->remainder, $division->letter, $power)->toExpression();
        }
        $written = static fn(Term $term): Expression => $term->toExpression();
        if ($side === [] || $top === []) {
            throw new \LogicException('A divisor of higher degree was not refused.');
        }

        return new DivisionGridFigure(
            array_combine(range($degree, 0), array_map($written, $division->dividend->places($division->letter))),
            array_map($written, $side),
            array_map($written, $top),
            array_map(static fn(Term $row): array => array_map(
                static fn(Term $column): Expression => $row->times($column)->toExpression(),
                $top,
            ), $side),
            $rest,
            $division->dividend->toExpression(),
        );
    }

    private static function placed(Polynomial $polynomial, string $letter, int $power): Term
    {
        return new Term($polynomial->coefficient($letter, $power), Monomial::power($letter, $power));
    }

    /** The first cell of a column: what its diagonal still lacks of the dividend's term. */
    private static function need(DivisionGridFigure $figure, int $column): Step
    {
        $power = $figure->power(0, $column);
        $cell = $figure->cells[0][$column];
        $own = $figure->dividend[$power];
        $there = self::withoutZeros($figure->diagonal($power, $column));
        $line = self::missing($own, $there, $cell);

        return new Step(
            id: 'need-' . ($column + 1),
            title: Message::of($column === 0 ? 'divide.grid.need.title-first' : 'divide.grid.need.title'),
            why: Message::of(match (true) {
                $column === 0 => 'divide.grid.need.why-first',
                $there === [] => 'divide.grid.need.why-alone',
                default => 'divide.grid.need.why',
            }, ['term' => $own, 'cell' => $cell, 'there' => Sum::of($there)]),
            lines: $line === null ? [] : [$line],
            figure: $figure,
            question: $line === null ? null : Question::about($line, Message::of('divide.grid.need.ask', [
                'term' => $own,
                'there' => Sum::of($there),
            ])),
        );
    }

    /**
     * A diagonal's term less what stands on the diagonal; null where nothing stands there.
     *
     * @param list<Expression> $there
     */
    private static function missing(Expression $own, array $there, Expression $left): ?Line
    {
        $terms = [...self::withoutZeros([$own]), ...array_map(
            static fn(Expression $cell): Negative => new Negative($cell),
            $there,
        )];
        $written = Sum::of($terms);

        return $there === [] || $written->equals($left)
            ? null
            : Line::side($written, new Marked($left, Mark::written()));
    }

    private static function top(Division $division, DivisionGridFigure $figure, int $column): Step
    {
        [$term, $leading, $cell] = [$figure->top[$column], $figure->side[0], $figure->cells[0][$column]];
        if (Polynomial::vanishes($cell)) {
            return new Step(
                id: 'top-' . ($column + 1),
                title: Message::of('divide.grid.top.title-zero', ['term' => $term]),
                why: Message::of('divide.grid.top.why-zero', ['leading' => $leading]),
                figure: $figure,
            );
        }
        $line = Line::side(new Quotient($cell, $leading), new Marked($term, Mark::written()));

        return new Step(
            id: 'top-' . ($column + 1),
            title: Message::of('divide.grid.top.title', ['term' => $term]),
            why: Message::of($column === 0 ? 'divide.grid.top.why' : 'divide.grid.top.why-again', [
                'leading' => $leading,
                'cell' => $cell,
                'term' => $term,
            ]),
            lines: [$line],
            figure: $figure,
            question: Question::about(
                $line,
                Message::of('divide.grid.top.ask', ['leading' => $leading, 'cell' => $cell]),
            ),
            watch: $column === 0 && $division->divisor->degree() > 0 ? Slip::QuotientDegree : null,
        );
    }

    private static function cells(DivisionGridFigure $figure, int $column): Step
    {
        $term = $figure->top[$column];
        $lines = [];
        foreach (\array_slice($figure->side, 1) as $place => $edge) {
            $cell = $figure->cells[$place + 1][$column];
            if (!Polynomial::vanishes($cell)) {
                $lines[] = Line::side(Product::apart([$edge, $term]), new Marked($cell, Mark::written()));
            }
        }
        $single = \count($figure->side) === 2 && $lines !== [];

        return new Step(
            id: 'column-' . ($column + 1),
            title: Message::of(match (true) {
                \count($figure->side) === 2 => 'divide.grid.cells.title-one',
                default => 'divide.grid.cells.title',
            }),
            why: Message::of(match (true) {
                Polynomial::vanishes($term) => 'divide.grid.cells.why-zero',
                $column === 0 => 'divide.grid.cells.why',
                default => 'divide.grid.cells.why-again',
            }, [
                'term' => $term,
                'count' => \count($figure->side) - 1,
            ]),
            lines: $lines,
            figure: $figure,
            question: $single ? Question::about($lines[0], Message::of('product.cell-ask', [
                'product' => Product::apart([$figure->side[1], $term]),
            ])) : null,
        );
    }

    private static function rest(Division $division, DivisionGridFigure $figure): Step
    {
        $lines = [];
        $written = [];
        foreach ($figure->rest as $power => $left) {
            $own = $figure->dividend[$power];
            $there = self::withoutZeros($figure->diagonal($power, \count($figure->top)));
            $line = self::missing($own, $there, $left);
            if ($line !== null) {
                $lines[] = $line;
            }
            array_push($written, $own, ...array_map(
                static fn(Expression $cell): Negative => new Negative($cell),
                $there,
            ));
        }
        $rest = $division->remainder->toExpression();

        return new Step(
            id: 'rest',
            title: Message::of('divide.grid.rest.title'),
            why: Message::of($division->isExact() ? 'divide.grid.rest.why-exact' : 'divide.grid.rest.why', [
                'count' => \count($figure->rest),
            ]),
            lines: $lines,
            figure: $figure,
            question: Question::expression(
                Message::of('divide.grid.rest.ask'),
                new Identity(Sum::of($written), $rest),
                $rest,
            ),
        );
    }

    /**
     * @param list<Expression> $terms
     *
     * @return list<Expression>
     */
    private static function withoutZeros(array $terms): array
    {
        return array_values(array_filter($terms, static fn(Expression $term): bool => !Polynomial::vanishes($term)));
    }
}
