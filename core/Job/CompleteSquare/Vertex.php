<?php

declare(strict_types=1);

namespace Runel\Job\CompleteSquare;

use Runel\Algebra\LetteredQuadratic;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Working\Expansion;

/** A quadratic function or expression in vertex form: there is no other side, so the leading number stays outside. */
final readonly class Vertex implements Method
{
    public function id(): string
    {
        return 'vertex';
    }

    public function job(): string
    {
        return CompleteSquareFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return self::polynomial($task) === null && self::lettered($task) === null
            ? new MethodDoesNotApply(Message::of('quadratic.vertex.refusal'))
            : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $lettered = self::lettered($task);
        if ($lettered !== null) {
            return $this->ofLetters($task, ...$lettered);
        }
        [$polynomial, $letter, $name] = self::polynomial($task) ?? throw new \LogicException('Was not refused.');
        [$a, $b, $c] = array_map(
            static fn(int $power): Rational => $polynomial->coefficient($letter, $power)->plain(),
            [2, 1, 0],
        );
        $work = new VertexWork($letter, $name, $a, $b, $c, $task->style);
        $node = $task->problem->node;
        $given = $node instanceof Equation ? $node->right : $node;
        // Without a middle term nothing is to be completed: put in order, it is vertex form.
        $hasMiddle = !$b->isZero();
        $isDone = $work->stands($given) || !$hasMiddle;
        $sections = [
            new Section(Phase::Reading, $work->stands($given)
                ? [self::read($task, 'quadratic.vertex.read-stands')]
                : $this->reading($task, $work, $given, $hasMiddle)),
            ...($isDone ? [] : [new Section(Phase::Completing, $work->completing())]),
            new Section(Phase::Finishing, $isDone
                ? [$work->readOff([$work->line($work->stands($given) ? $given : $work->standard(), true)])]
                : $work->finishing()),
        ];

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: !$b->dividedBy($a)->dividedBy(Rational::of(2))->isInteger(),
                advice: Message::of('quadratic.advice.vertex'),
            ),
            sections: $sections,
            answer: $work->answer(),
            checking: static fn(): array => $work->checks($given),
        );
    }

    private function ofLetters(Task $task, LetteredQuadratic $quadratic, ?Letter $name): Demonstration
    {
        $work = new LetteredVertex($quadratic, $task->problem->node, $name);
        $sections = $work->sections();

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: true,
                advice: Message::of('quadratic.advice.vertex'),
            ),
            sections: $sections,
            answer: $work->answer(),
            checking: static fn(): array => [$work->check()],
        );
    }

    /** @return array{LetteredQuadratic, Letter|null}|null with letters for numbers, and what it is equal to */
    private static function lettered(Task $task): ?array
    {
        $node = $task->problem->node;
        $quadratic = self::withLetters($task->problem);

        return $quadratic === null ? null : [
            $quadratic,
            $node instanceof Equation && $node->left instanceof Letter ? $node->left : null,
        ];
    }

    /** The quadratic with letters for numbers that a problem is, or that a letter in it is equal to. */
    public static function withLetters(Problem $problem): ?LetteredQuadratic
    {
        $node = $problem->node;
        if (!$node instanceof Equation) {
            return LetteredQuadratic::ofProblem($problem);
        }
        if (!$node->left instanceof Letter || Letters::holds($node->right, $node->left->name)) {
            return null;
        }
        try {
            return LetteredQuadratic::ofProblem(Problem::of($node->right));
        } catch (Refusal) {
            return null;
        }
    }

    /** @return non-empty-list<Step> */
    private function reading(Task $task, VertexWork $work, Expression $given, bool $hasMiddle): array
    {
        $steps = [self::read($task, $hasMiddle ? 'quadratic.vertex.read' : 'quadratic.vertex.read-no-middle')];
        $standard = $work->standard();
        if (!$given->equals($standard)) {
            $expansion = Expansion::lines($given);
            $steps[] = new Step(
                id: 'standard-form',
                title: Message::of($expansion === [] ? 'factor.standard.title' : 'factor.standard.title-expand'),
                why: Message::of($expansion === [] ? 'factor.standard.why' : 'factor.standard.why-expand'),
                lines: [...$expansion, $work->line($standard)],
            );
        }

        return $steps;
    }

    private static function read(Task $task, string $why): Step
    {
        return new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: Message::of($why),
            lines: [Line::given($task->problem->node)],
        );
    }

    /** @return array{Polynomial, string, Letter|null}|null the quadratic, its letter, and what it is equal to */
    private static function polynomial(Task $task): ?array
    {
        $node = $task->problem->node;
        $name = null;
        if ($node instanceof Equation) {
            if (!$node->left instanceof Letter) {
                return null;
            }
            $name = $node->left;
            $node = $node->right;
        }
        try {
            $polynomial = Polynomial::fromExpression($node);
        } catch (NotPolynomial | DivisionByZero | Refusal) {
            return null;
        }
        $letters = $polynomial->letters();
        $letter = \count($letters) === 1 ? $letters[0] : null;

        return $letter === null || $letter === $name?->name || $polynomial->degree() !== 2
            ? null
            : [$polynomial, $letter, $name];
    }
}
