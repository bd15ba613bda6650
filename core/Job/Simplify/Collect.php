<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Demonstration\Answer\SimplifiedAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Working\FractionWork;

/** Like terms collected: each with the sign before it, letters and exponents alike. */
final readonly class Collect implements Method
{
    public function id(): string
    {
        return 'collect';
    }

    public function job(): string
    {
        return SimplifyFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return self::groups($task) === null && TermsBelow::of($task) === null
            ? new MethodDoesNotApply(Message::of('simplify.collect.refusal'))
            : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $below = TermsBelow::of($task);
        if ($below !== null) {
            return $below->demonstration($task, $this->id());
        }
        $groups = self::groups($task) ?? throw new \LogicException('It was not refused.');
        $node = $task->problem->node;
        $whole = $node instanceof Expression ? $node : throw new \LogicException('It is an expression.');
        $result = Polynomial::fromExpression($whole)->toExpression();
        $steps = self::marked($whole, $groups);
        foreach ($groups as $ink => $terms) {
            if (\count($terms) > 1) {
                $steps[] = self::group($ink, array_column($terms, 0));
            }
        }
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of('simplify.collect.read'),
                lines: [Line::given($whole)],
            )]),
            new Section(Phase::Collecting, $steps),
            new Section(Phase::Finishing, [new Step(
                id: 'result',
                title: Message::of('simplify.result.title'),
                why: Message::of('simplify.collect.result-why'),
                lines: [Line::result($result)],
                question: Question::form(Message::of('simplify.ask'), new Identity($whole, $result), $result),
            )]),
        ];

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                advice: Message::of('simplify.collect.advice', ['count' => \count($groups)]),
            ),
            sections: $sections,
            answer: new SimplifiedAnswer($result),
            checking: static fn(): array => [PutBeside::check($whole, $result)],
        );
    }

    /**
     * @param list<non-empty-list<array{Term, int, Expression}>> $groups
     *
     * @return non-empty-list<Step> like terms in one ink, then side by side
     */
    private static function marked(Expression $whole, array $groups): array
    {
        $ordered = array_merge(...$groups);
        $inks = [];
        foreach ($groups as $ink => $terms) {
            foreach ($terms as [, $place]) {
                $inks[$place] = $ink;
            }
        }
        $steps = [new Step(
            id: 'mark',
            title: Message::of('simplify.collect.mark.title'),
            why: Message::of('simplify.collect.mark.why'),
            lines: [Line::equal(Sum::of(array_map(
                static fn(Expression $term, int $place): Expression => new Marked($term, Mark::ofDegree($inks[$place])),
                $whole->terms(),
                array_keys($whole->terms()),
            )))],
            watch: Slip::UnlikeTermsCollected,
        )];
        if (array_column($ordered, 1) !== array_keys($whole->terms())) {
            $steps[] = new Step(
                id: 'together',
                title: Message::of('simplify.collect.together.title'),
                why: Message::of('simplify.collect.together.why'),
                lines: [Line::equal(Sum::of(array_map(
                    static fn(array $one): Expression => new Marked($one[2], Mark::ofDegree($inks[$one[1]])),
                    $ordered,
                )))],
                watch: Slip::SignsIgnored,
            );
        }

        return $steps;
    }

    /** @param non-empty-list<Term> $terms like one another */
    private static function group(int $ink, array $terms): Step
    {
        $total = Polynomial::ofTerms($terms)->toExpression();
        $sum = Term::sum($terms);
        $letters = $terms[0]->monomial;

        return new Step(
            id: 'collect-' . ($ink + 1),
            title: $letters->exponents === []
                ? Message::of('simplify.collect.group.title-number')
                : Message::of('simplify.collect.group.title', ['letters' => $letters->toExpression()]),
            why: Message::of('simplify.collect.group.why'),
            lines: FractionWork::chain(
                $sum,
                FractionWork::toCommonDenominator($terms),
                new Marked($total, Mark::ofDegree($ink)),
            ),
            question: Question::form(
                Message::of('simplify.collect.group.ask', ['sum' => $sum]),
                new Identity($sum, $total),
                $total,
            ),
            watch: Slip::LargerSignLost,
        );
    }

    /**
     * The terms by what is alike, in the order of the answer: each as a term, its place, and as it stands.
     *
     * @return list<non-empty-list<array{Term, int, Expression}>>|null null where nothing is alike, or no plain term
     */
    private static function groups(Task $task): ?array
    {
        $node = $task->problem->node;
        if (!$node instanceof Sum || $task->problem->polynomial === null || Inside::holds($node, Root::class)) {
            return null;
        }
        $groups = [];
        foreach ($node->terms as $place => $written) {
            $polynomial = Inside::holds($written, Sum::class) ? null : Polynomial::tryFrom($written);
            $term = $polynomial?->terms[0] ?? null;
            if ($polynomial === null || $term === null || \count($polynomial->terms) > 1) {
                return null;
            }
            $groups[$term->monomial->key][] = [$term, $place, $written];
        }
        $order = array_map(
            static fn(array $terms): Monomial => $terms[0][0]->monomial,
            array_values($groups),
        );
        $groups = array_values($groups);
        array_multisort(array_map(static function (Monomial $one) use ($order): int {
            return \count(array_filter($order, static fn(Monomial $other): bool => $other->compareTo($one) < 0));
        }, $order), $groups);

        return array_filter($groups, static fn(array $terms): bool => \count($terms) > 1) === [] ? null : $groups;
    }
}
