<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Algebra\SyntheticDivision;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\TableauFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Working\SyntheticSteps;

/** Synthetic division: by a linear divisor, with numbers alone. */
final class Synthetic extends DivideMethod
{
    public function id(): string
    {
        return 'synthetic';
    }

    public function refusal(Task $task): ?Refusal
    {
        return $task->problem->remainder === null ? parent::refusal($task) : UnknownCoefficient::refusal($task);
    }

    public function demonstrate(Task $task): Demonstration
    {
        return $task->problem->remainder === null
            ? parent::demonstrate($task)
            : (new UnknownSteps($this->checks))->demonstrate($task);
    }

    protected function refusalOf(Division $division): ?Message
    {
        $shape = ['divisor' => $division->divisor->toExpression()];

        return match (true) {
            $division->root() === null => Message::of('divide.synthetic.refusal', $shape),
            \count($division->divisor->terms) === 1 => Message::of('divide.synthetic.refusal-single', $shape),
            default => null,
        };
    }

    protected function advice(Division $division): Message
    {
        return Message::of(
            $division->leading()->isOne() ? 'divide.synthetic.advice' : 'divide.synthetic.advice-scaled',
            ['count' => $division->dividend->degree(), 'leading' => Numeral::of($division->leading())],
        );
    }

    protected function products(Division $division): int
    {
        return $division->dividend->degree();
    }

    protected function work(Division $division): array
    {
        $letter = $division->letter;
        $root = $division->root() ?? throw new \LogicException('No linear divisor was not refused.');
        $coefficients = $division->dividend->coefficients($letter);
        $row = SyntheticDivision::ofNumbers($coefficients === [] ? [Rational::zero()] : $coefficients, $root);
        $isScaled = !$division->leading()->isOne();
        $tableau = SyntheticSteps::tableau(
            $row,
            $letter,
            $division->dividend->toExpression(),
            $isScaled ? array_map(Numeral::of(...), $division->quotient->coefficients($letter)) : [],
            $isScaled ? $division->leading() : null,
        );
        $gaps = \count($division->dividend->terms) <= $division->dividend->degree();
        $finished = $tableau->finished();
        $steps = [SyntheticSteps::readOff($division->dividend, $division->quotientBeforeScaling(), $finished)];
        if ($isScaled) {
            $steps[] = $this->scaled($division, $root, $finished->next());
        }

        return [
            new Section(Phase::SettingUp, [
                SyntheticSteps::corner($division->divisor, $letter, $root),
                SyntheticSteps::setUp($tableau, $division->dividend->toExpression(), $gaps),
            ], null, Message::of('outcome.corner', ['value' => $tableau->corner])),
            new Section(
                Phase::Dividing,
                SyntheticSteps::numbers($tableau),
                null,
                Message::of('outcome.remainder', ['remainder' => $row->remainder()->toExpression()]),
            ),
            new Section(Phase::Writing, $steps, null, Message::of('outcome.part', [
                'part' => $division->quotient->toExpression(),
            ])),
        ];
    }

    private function scaled(
        Division $division,
        Rational $root,
        TableauFigure $tableau,
    ): Step {
        $leading = Numeral::of($division->leading());
        $before = $division->quotientBeforeScaling()->toExpression();
        $monic = Polynomial::ofCoefficients($division->letter, [Rational::one(), $root->negated()])->toExpression();
        $rest = $division->remainder->expressions();
        $line = Line::side(new Quotient($before, $leading), new Marked(
            $division->quotient->toExpression(),
            Mark::written(),
        ));

        return new Step(
            id: 'divide-quotient',
            title: Message::of('divide.scale.title', ['leading' => $leading]),
            why: Message::of($rest === [] ? 'divide.scale.why-exact' : 'divide.scale.why', [
                'monic' => $monic,
                'divisor' => $division->divisor->toExpression(),
                'leading' => $leading,
            ]),
            lines: [
                Line::side($division->divisor->toExpression(), Product::of([$leading, $monic])),
                Line::side(
                    Sum::of([Product::of([$monic, $before]), ...$rest]),
                    Sum::of([Product::of([$leading, $monic, new Quotient($before, $leading)]), ...$rest]),
                ),
                $line,
            ],
            figure: $tableau,
            question: Question::about($line, Message::of('divide.scale.ask')),
        );
    }
}
