<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Figure\ColumnsFigure as ColumnsFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Working\FractionWork;

/** Long multiplication of the coefficients alone, every missing power holding its place with a 0. */
final class MultiplyInColumns extends MultiplyMethod
{
    public function id(): string
    {
        return 'columns';
    }

    protected function refusalOf(MultiplicationPlan $plan): ?Message
    {
        foreach ($plan->worked() as $stage) {
            if ($stage->pair->letter === null) {
                return Message::of('columns.refusal-letters');
            }
            if (!$stage->pair->placed) {
                return Message::of('columns.refusal-single');
            }
        }

        return null;
    }

    protected function advice(MultiplicationPlan $plan): Message
    {
        $pair = $plan->worked()[0]->pair;

        return Message::of(
            $pair->hasGaps() ? 'columns.advice-gaps' : ($pair->work() > 6 ? 'columns.advice-long' : 'columns.advice'),
        );
    }

    protected function work(Stage $stage, Task $task): array
    {
        $pair = $stage->pair;
        $letter = $pair->letter ?? '';
        $upper = $pair->left->coefficients($letter);
        $lower = $pair->right->coefficients($letter);
        if (\count($upper) < \count($lower)) {
            [$upper, $lower] = [$lower, $upper];
        }
        $figure = ColumnsFigure::of($upper, $lower, $letter, $pair->product->toExpression());
        $setUp = $pair->hasGaps() ? [Steps::gaps($stage, null)] : [];
        $setUp[] = new Step(
            id: $stage->id('set-up'),
            title: Message::of('columns.set-up.title'),
            why: Message::of($pair->hasGaps() ? 'columns.set-up.why-gaps' : 'columns.set-up.why'),
            figure: $figure,
            watch: $pair->hasGaps() ? Slip::MissingPlaceholder : null,
        );
        $rows = [];
        foreach (array_reverse($lower) as $place => $multiplier) {
            $figure = $figure->writeRow();
            $rows[] = $this->row($stage, $figure, $multiplier, $upper, $place);
        }
        $sums = [];
        foreach (array_keys($figure->sums()) as $power) {
            $figure = $figure->writeSum();
            $sums[] = $this->sum($stage, $figure, $power);
        }
        $sums[] = Steps::standardForm($stage, $figure->quiet());

        return [
            $stage->section(Phase::SettingUp, $setUp),
            $stage->section(
                Phase::Multiplying,
                $rows,
                Message::of('outcome.rows', ['count' => \count($rows)]),
            ),
            $stage->section(Phase::Collecting, $sums),
        ];
    }

    /** @param list<Rational> $upper */
    private function row(Stage $stage, ColumnsFigure $figure, Rational $multiplier, array $upper, int $place): Step
    {
        $lines = [];
        foreach (array_reverse($upper) as $coefficient) {
            if (!$multiplier->isZero() && !$coefficient->isZero()) {
                $lines[] = Line::side(
                    Product::apart([Numeral::of($multiplier), Numeral::of($coefficient)]),
                    new Marked(Numeral::of($multiplier->times($coefficient)), Mark::written()),
                );
            }
        }

        return new Step(
            id: $stage->id('row-' . ($place + 1)),
            title: Message::of('columns.row.title', ['multiplier' => Numeral::of($multiplier)]),
            why: Message::of(
                $multiplier->isZero()
                    ? 'columns.row.why-zero'
                    : ($place === 0 ? 'columns.row.why-first' : 'columns.row.why'),
                ['places' => $place],
            ),
            lines: $lines,
            figure: $figure,
            question: $lines === [] ? null : Question::about(
                $lines[\count($lines) - 1],
                Message::of('columns.row.ask', [
                    'multiplier' => Numeral::of($multiplier),
                    'first' => Numeral::of($upper[0]),
                ]),
            ),
            watch: $multiplier->isNegative() ? Slip::SignOfProduct : null,
        );
    }

    private function sum(Stage $stage, ColumnsFigure $figure, int $power): Step
    {
        $entries = $figure->column($power);
        $terms = array_map(static fn(Rational $entry): Term => Term::constant($entry), $entries);
        $added = Sum::of(Steps::expressions($terms));
        $value = new Marked(Numeral::of($figure->sums()[$power]), Mark::ofDegree($power));

        return new Step(
            id: $stage->id("sum-$power"),
            title: Message::of($power === 0 ? 'columns.sum.title-constant' : 'columns.sum.title', [
                'power' => Monomial::power($stage->pair->letter ?? '', $power)->toExpression(),
            ]),
            why: Message::of(\count($entries) === 1 ? 'columns.sum.why-alone' : 'columns.sum.why'),
            lines: \count($entries) === 1
                ? []
                : FractionWork::chain($added, FractionWork::toCommonDenominator($terms), $value),
            figure: $figure,
            question: \count($entries) === 1 ? null : Question::about(Line::side($added, $value), Message::of(
                'product.collect.ask',
                ['sum' => $added],
            ), ),
        );
    }
}
