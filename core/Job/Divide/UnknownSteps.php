<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Demonstration\Answer\CoefficientAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Law\Move\RemainderIs;
use Runel\Law\Move\Rewrite;
use Runel\Message\Message;
use Runel\Style\Moving;
use Runel\Working\LinearSteps;
use Runel\Working\SyntheticSteps;

/** An unknown coefficient found: carried through synthetic division, then the remainder is what it has to be. */
final readonly class UnknownSteps
{
    public function __construct(private DivisionChecks $checks) {}

    public function demonstrate(Task $task): Demonstration
    {
        $unknown = UnknownCoefficient::ofTask($task);
        $solved = $unknown->solved();
        $sections = [
            self::reading($unknown),
            ...self::dividing($unknown),
            self::solving($unknown, $task),
            self::finishing($unknown, $solved),
        ];
        $root = Numeral::of($unknown->row->root);

        return new Demonstration(
            task: $task,
            job: DivideFamily::JOB,
            method: 'synthetic',
            forecast: Forecast::of(
                sections: $sections,
                products: \count($unknown->coefficients) - 1,
                fractions: $solved->hasFractions() || !$unknown->value()->isInteger(),
                advice: Message::of('divide.unknown.advice', ['unknown' => $unknown->unknown]),
            ),
            sections: $sections,
            answer: new CoefficientAnswer(
                $unknown->unknown,
                Numeral::of($unknown->value()),
                $unknown->dividend->toExpression(),
                $unknown->divisor->toExpression(),
                $unknown->letter,
                $root,
                $unknown->wanted(),
                $solved->quotient->toExpression(),
            ),
            checking: fn(): array => $this->checks->of($solved, $task),
        );
    }

    private static function reading(UnknownCoefficient $unknown): Section
    {
        return new Section(Phase::Reading, [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('product.read.title'),
            why: Message::of(match (true) {
                $unknown->remainder->isZero() => 'divide.unknown.read.why-factor',
                default => 'divide.unknown.read.why',
            }, [
                'unknown' => $unknown->unknown,
                'divisor' => $unknown->divisor->toExpression(),
                'remainder' => Numeral::of($unknown->remainder),
            ]),
            lines: [Line::given($unknown->written)],
        )]);
    }

    /** @return non-empty-list<Section> */
    private static function dividing(UnknownCoefficient $unknown): array
    {
        $tableau = SyntheticSteps::tableau($unknown->row, $unknown->letter, $unknown->dividend->toExpression());
        $gaps = array_filter($unknown->coefficients, static fn($coefficient): bool => $coefficient->isZero()) !== [];

        return [
            new Section(Phase::SettingUp, [
                SyntheticSteps::corner($unknown->divisor, $unknown->letter, $unknown->row->root),
                SyntheticSteps::setUp($tableau, $unknown->dividend->toExpression(), $gaps),
            ], null, Message::of('outcome.corner', ['value' => $tableau->corner])),
            new Section(
                Phase::Dividing,
                SyntheticSteps::numbers($tableau),
                null,
                Message::of('outcome.remainder', ['remainder' => $unknown->row->remainder()->toExpression()]),
            ),
        ];
    }

    private static function solving(UnknownCoefficient $unknown, Task $task): Section
    {
        $wanted = $unknown->wanted();
        $linear = new LinearSteps(
            $unknown->unknown,
            $wanted->left,
            $task->style->get(Moving::class),
            $unknown->row->top[0]->content(),
            $unknown->remainder,
        );
        $steps = [new Step(
            id: 'wanted',
            title: Message::of('divide.unknown.wanted.title'),
            why: Message::of('divide.unknown.wanted.why', [
                'rest' => $wanted->left,
                'remainder' => $wanted->right,
            ]),
            lines: [Line::implies($wanted, new RemainderIs(
                $unknown->letter,
                Numeral::of($unknown->row->root),
                $wanted->right,
            ))],
        )];
        if (!$linear->isSolved()) {
            $steps[] = $linear->step('solve', null);
        }

        return new Section(Phase::Solving, $steps);
    }

    private static function finishing(UnknownCoefficient $unknown, Division $solved): Section
    {
        $value = Numeral::of($unknown->value());

        return new Section(Phase::Finishing, [new Step(
            id: 'put-in',
            title: Message::of('divide.unknown.put-in.title', ['value' => new Equation(
                new Letter($unknown->unknown),
                $value,
            )]),
            why: Message::of($solved->isExact() ? 'divide.unknown.put-in.why-factor' : 'divide.unknown.put-in.why', [
                'divisor' => $unknown->divisor->toExpression(),
                'remainder' => Numeral::of($unknown->remainder),
            ]),
            lines: [
                Line::side($solved->dividend->toExpression(), $solved->product()),
                Line::result(new Equation(new Letter($unknown->unknown), $value), new Rewrite()),
            ],
        )]);
    }
}
