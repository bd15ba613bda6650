<?php

declare(strict_types=1);

namespace Tests\Core\TinyJob;

use Runel\Demonstration\Answer\ExpressionAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Working\Arithmetic;

/** Every sign in the bracket turned. */
final readonly class TurnedSigns implements Method
{
    public function id(): string
    {
        return 'turned-signs';
    }

    public function job(): string
    {
        return OpenMinusFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $given = $task->problem->node;
        \assert($given instanceof Expression);
        $opened = Sum::of(array_map(
            static fn(Expression $term): Expression => $term->negated(),
            $given->bare()->terms(),
        ));
        $sections = [new Section(Phase::Writing, [new Step(
            id: 'turn',
            title: Message::of('tiny.title'),
            why: Message::of('tiny.why'),
            lines: [Line::given($given), Line::result($opened)],
            question: Question::form(Message::of('tiny.ask'), new Identity($given, $opened), $opened),
        )])];

        return new Demonstration(
            $task,
            $this->job(),
            $this->id(),
            Forecast::of($sections, Message::of('tiny.advice')),
            $sections,
            new ExpressionAnswer($opened),
            static fn(): array => [new Check(
                kind: CheckKind::Substitution,
                title: Message::of('tiny.check'),
                why: Message::of('tiny.check-why'),
                lines: self::atTwo($given, $opened, (string) $task->problem->letter()),
                holds: true,
            )],
        );
    }

    /** @return list<Line> both worked out for one number */
    private static function atTwo(Expression $given, Expression $opened, string $letter): array
    {
        $put = static fn(Expression $side): Expression => Substitution::into($side, $letter, Numeral::of(2));

        return [...Arithmetic::lines($put($given)), ...Arithmetic::lines($put($opened))];
    }
}
