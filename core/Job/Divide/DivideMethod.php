<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Demonstration\Answer\DivisionAnswer;
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
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;

/** What all ways to divide share: reading, what is said at the end, the checks. */
abstract class DivideMethod implements Method
{
    public function __construct(protected readonly DivisionChecks $checks) {}

    final public function job(): string
    {
        return DivideFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        if ($task->problem->remainder !== null) {
            return UnknownCoefficient::refusal($task)
                ?? new MethodDoesNotApply(Message::of('divide.refusal-unknown'));
        }
        $refusal = Division::refusal($task);
        if ($refusal !== null) {
            return $refusal;
        }
        $reason = $this->refusalOf(Division::ofTask($task));

        return $reason === null ? null : new MethodDoesNotApply($reason);
    }

    public function demonstrate(Task $task): Demonstration
    {
        $division = Division::ofTask($task);
        $sections = [$this->reading($division), ...$this->work($division), self::stated($division)];

        return new Demonstration(
            task: $task,
            job: DivideFamily::JOB,
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                products: $this->products($division),
                fractions: $division->hasFractions(),
                advice: $this->advice($division),
            ),
            sections: $sections,
            answer: new DivisionAnswer(
                $division->dividend->toExpression(),
                $division->divisor->toExpression(),
                $division->quotient->toExpression(),
                $division->isExact() ? Numeral::of(0) : $division->remainder->toExpression(),
                $division->reduced() ?? $division->mixed(),
            ),
            checking: fn(): array => $this->checks->of($division, $task),
        );
    }

    /** Why this way does not take the division, or null. */
    abstract protected function refusalOf(Division $division): ?Message;

    abstract protected function advice(Division $division): Message;

    /** How many single products it takes. */
    abstract protected function products(Division $division): int;

    /** Whether every power needs a place of its own, a missing one too. */
    protected function keepsPlaces(): bool
    {
        return true;
    }

    /** @return non-empty-list<Section> between reading and the statement of the result */
    abstract protected function work(Division $division): array;

    /** What the quotient has to be multiplied with, and what is left over, in both ways of saying it. */
    private static function stated(Division $division): Section
    {
        $divisor = $division->divisor;
        $mixed = $division->mixed();
        $reduced = $division->reduced();

        return new Section(Phase::Finishing, [
            new Step(
                id: 'product-form',
                title: Message::of('divide.product.title'),
                why: Message::of(match (true) {
                    $division->isExact() => 'divide.product.why-factor',
                    $division->remainder->isConstant() => 'divide.product.why-number',
                    default => 'divide.product.why',
                }, [
                    'divisor' => $divisor->toExpression(),
                    'remainder' => $division->remainder->toExpression(),
                ]),
                lines: [Line::side($division->dividend->toExpression(), $division->product())],
            ),
            new Step(
                id: 'quotient-form',
                title: Message::of($division->isExact() ? 'divide.quotient.title-exact' : 'divide.quotient.title'),
                why: Message::of($division->isExact() ? 'divide.quotient.why-exact' : 'divide.quotient.why', [
                    'divisor' => $divisor->toExpression(),
                ]),
                lines: [$reduced === null ? Line::result($mixed) : Line::equal($mixed)],
                question: $division->isExact() ? null : Question::expression(
                    Message::of('divide.quotient.ask'),
                    new Identity(
                        new Quotient($division->dividend->toExpression(), $divisor->toExpression()),
                        $mixed,
                    ),
                    $mixed,
                ),
                watch: $division->isExact() ? null : Slip::RemainderLeftOut,
            ),
            ...($reduced === null ? [] : [new Step(
                id: 'reduced',
                title: Message::of('divide.reduced.title'),
                why: Message::of('divide.reduced.why', ['divisor' => $divisor->toExpression()]),
                lines: [Line::result($reduced)],
            )]),
        ]);
    }

    private function reading(Division $division): Section
    {
        $steps = [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('product.read.title'),
            why: Message::of('divide.read.why', [
                'dividend' => $division->dividend->toExpression(),
                'divisor' => $division->divisor->toExpression(),
                'degree' => $division->dividend->degree() - $division->divisor->degree(),
            ]),
            lines: [Line::given($division->written)],
        )];
        $standard = new Quotient($division->dividend->toExpression(), $division->divisor->toExpression());
        if (!self::isWritten($division, $standard)) {
            $steps[] = new Step(
                id: 'tidy',
                title: Message::of('divide.tidy.title'),
                why: Message::of('divide.tidy.why'),
                lines: [Line::equal($standard)],
            );
        }
        if ($this->keepsPlaces() && $division->hasGaps()) {
            $steps[] = new Step(
                id: 'gaps',
                title: Message::of('product.gaps.title'),
                why: Message::of('divide.gaps.why'),
                lines: [Line::equal(new Quotient(
                    self::lit($division->dividend, $division->letter),
                    self::lit($division->divisor, $division->letter),
                ))],
                watch: Slip::MissingPlaceholder,
            );
        }

        return new Section(Phase::Reading, $steps);
    }

    private static function isWritten(Division $division, Quotient $standard): bool
    {
        return $division->written->equals($standard);
    }

    private static function lit(Polynomial $polynomial, string $letter): Expression
    {
        return Sum::of(array_map(
            static fn(Term $term): Expression => $term->isZero()
                ? new Marked($term->toExpression(), Mark::written())
                : $term->toExpression(),
            $polynomial->places($letter),
        ));
    }
}
