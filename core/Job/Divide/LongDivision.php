<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Demonstration\Figure\LongDivisionFigure as LongDivisionFigure;
use Runel\Demonstration\Figure\LongDivisionRound;
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
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Working\SyntheticSteps;

/** Long division: how many times, the product, its signs turned, what is left, the next term down; round by round. */
final class LongDivision extends DivideMethod
{
    public function id(): string
    {
        return 'long';
    }

    protected function refusalOf(Division $division): ?Message
    {
        return null;
    }

    protected function advice(Division $division): Message
    {
        $rounds = $division->dividend->degree() - $division->divisor->degree() + 1;

        return Message::of(match (true) {
            $division->root() === null => 'divide.long.advice',
            default => 'divide.long.advice-linear',
        }, ['count' => $rounds]);
    }

    protected function products(Division $division): int
    {
        return \count($division->quotient->terms) * \count($division->divisor->terms);
    }

    protected function work(Division $division): array
    {
        $figure = Rounds::figure($division);
        $sections = [new Section(Phase::SettingUp, [new Step(
            id: 'set-up',
            title: Message::of('divide.long.set-up.title'),
            why: Message::of('divide.long.set-up.why'),
            figure: $figure,
            question: !$division->hasGaps() ? null : SyntheticSteps::places(
                Message::of('divide.long.set-up.ask'),
                $division->dividend->degree(),
                $division->dividend->toExpression(),
            ),
        )], null, Message::of('outcome.columns', ['count' => \count($figure->dividend)]))];
        $several = \count($figure->rounds) > 1;
        foreach ($figure->rounds as $place => $round) {
            $steps = [];
            foreach ($round->pieces($figure->turns) as $piece) {
                $figure = $figure->next();
                $steps[] = $this->step($division, $figure, $round, $piece, $place + 1);
            }
            $sections[] = new Section(
                Phase::Dividing,
                $steps,
                $several ? $place + 1 : null,
                Message::of('outcome.term', ['term' => $round->times]),
            );
        }

        return $sections;
    }

    private function step(
        Division $division,
        LongDivisionFigure $figure,
        LongDivisionRound $round,
        string $piece,
        int $number,
    ): Step {
        return match ($piece) {
            'times' => $round->product === []
                ? $this->timesZero($division, $figure, $round, $number)
                : $this->times($division, $figure, $round, $number),
            'product' => $this->product($division, $figure, $round, $number),
            'turned' => $this->turned($figure, $round, $number),
            'difference' => $this->difference($division, $figure, $round, $number),
            default => new Step(
                id: "round-$number-down",
                title: Message::of('divide.long.down.title', ['term' => $round->down ?? $round->times]),
                why: Message::of($number === 1 ? 'divide.long.down.why' : 'divide.long.down.why-again', [
                    'number' => $number + 1,
                ]),
                figure: $figure,
            ),
        };
    }

    private function times(
        Division $division,
        LongDivisionFigure $figure,
        LongDivisionRound $round,
        int $number,
    ): Step {
        $first = array_values($round->before)[0];
        $leading = array_values($figure->divisor)[0];
        $line = Line::side(new Quotient($first, $leading), new Marked($round->times, Mark::written()));

        return new Step(
            id: "round-$number-times",
            title: Message::of('divide.long.times.title', ['first' => $first, 'leading' => $leading]),
            why: Message::of($number === 1 ? 'divide.long.times.why' : 'divide.long.times.why-again', [
                'term' => $round->times,
                'first' => $first,
            ]),
            lines: [$line],
            figure: $figure,
            question: Question::about(
                $line,
                Message::of('divide.long.times.ask', ['first' => $first, 'leading' => $leading]),
            ),
            watch: $number === 1 ? Slip::QuotientDegree : null,
        );
    }

    private function timesZero(
        Division $division,
        LongDivisionFigure $figure,
        LongDivisionRound $round,
        int $number,
    ): Step {
        return new Step(
            id: "round-$number-times",
            title: Message::of('divide.long.times.title-zero'),
            why: Message::of($round->power === 0 ? 'divide.long.times.why-zero-end' : 'divide.long.times.why-zero', [
                'term' => $round->times,
                'divisor' => $division->divisor->toExpression(),
            ]),
            figure: $figure,
        );
    }

    private function product(
        Division $division,
        LongDivisionFigure $figure,
        LongDivisionRound $round,
        int $number,
    ): Step {
        $divisor = $division->divisor->toExpression();
        $product = self::withoutZeros($round->product);
        $factors = [$round->times, $divisor];
        $written = $divisor instanceof Sum ? Product::of($factors) : Product::apart($factors);
        $line = Line::side($written, new Marked($product, Mark::written()));

        return new Step(
            id: "round-$number-product",
            title: Message::of('divide.long.product.title', ['term' => $round->times]),
            why: Message::of($number === 1 ? 'divide.long.product.why' : 'divide.long.product.why-again', [
                'term' => $round->times,
                'count' => \count($round->product),
            ]),
            lines: [$line],
            figure: $figure,
            question: Question::about($line, Message::of('divide.long.product.ask', [
                'term' => $round->times,
                'divisor' => $divisor,
            ])),
        );
    }

    private function turned(LongDivisionFigure $figure, LongDivisionRound $round, int $number): Step
    {
        $single = \count(array_filter(
            $round->product,
            static fn(Expression $term): bool => !Polynomial::vanishes($term),
        )) === 1;

        return new Step(
            id: "round-$number-turn",
            title: Message::of('divide.long.turned.title'),
            why: Message::of($number === 1 ? 'divide.long.turned.why' : 'divide.long.turned.why-again', [
                'count' => \count($round->product),
            ]),
            // Of a single term the turned sign says it all: −3x = −3x would be no line.
            lines: $single ? [] : [Line::side(
                new Negative(self::withoutZeros($round->product)),
                new Marked(self::withoutZeros($round->turned), Mark::written()),
            )],
            figure: $figure,
            watch: \count($round->product) > 1 ? Slip::MinusNotCarried : null,
        );
    }

    private function difference(
        Division $division,
        LongDivisionFigure $figure,
        LongDivisionRound $round,
        int $number,
    ): Step {
        $lines = [];
        foreach ($round->difference as $power => $left) {
            if (!Polynomial::vanishes($round->turned[$power]) && !Polynomial::vanishes($round->before[$power])) {
                $lines[] = Line::side(
                    Sum::of([$round->before[$power], $round->turned[$power]]),
                    new Marked($left, Mark::written()),
                );
            }
        }
        $written = Sum::of(array_map(
            static fn(int $power): Expression => Sum::of([$round->before[$power], $round->turned[$power]]),
            array_keys($round->before),
        ));
        $left = self::withoutZeros($round->difference);

        return new Step(
            id: "round-$number-difference",
            title: Message::of('divide.long.difference.title'),
            why: Message::of(match (true) {
                $round->down === null && Polynomial::vanishes($left) => 'divide.long.difference.why-nothing',
                $round->down === null => 'divide.long.difference.why-end',
                default => $number === 1 ? 'divide.long.difference.why' : 'divide.long.difference.why-again',
            }, ['first' => array_values($round->before)[0], 'divisor' => $division->divisor->toExpression()]),
            lines: $lines,
            figure: $figure,
            question: Question::expression(
                Message::of('divide.long.difference.ask'),
                new Identity($written, $left),
                $left,
            ),
        );
    }

    /** @param array<int, Expression> $terms by power */
    private static function withoutZeros(array $terms): Expression
    {
        return Sum::of(array_values(array_filter(
            $terms,
            static fn(Expression $term): bool => !Polynomial::vanishes($term),
        )));
    }
}
