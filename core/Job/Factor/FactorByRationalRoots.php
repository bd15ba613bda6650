<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Answer\ExpressionAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Embedded;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\MinusOne;
use Runel\Working\Arithmetic;
use Runel\Working\Arrival;
use Runel\Working\MultiplyBack;
use Runel\Working\Preliminaries;
use Runel\Working\Quadratic\FormulaWritten;
use Runel\Working\Roots\PolynomialFactoring;
use Runel\Working\Roots\QuadraticPart;
use Runel\Working\Roots\RootRound;

/** A polynomial of higher degree factored completely: roots found among the candidates and divided out. */
final readonly class FactorByRationalRoots implements Method
{
    public function __construct(private MultiplyBack $back, private FactorFamily $ways) {}

    public function id(): string
    {
        return 'rational-roots';
    }

    public function job(): string
    {
        return FactorFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $refusal = PolynomialFactoring::refusal($task, $this->ways);
        if ($refusal !== null) {
            return $refusal;
        }
        $parts = PolynomialFactoring::ofTask($task, $this->ways);
        $isUseless = $parts->isStuck() && $parts->found() === [] && $parts->common->isOne();

        return $isUseless && $parts->rest()?->degree() !== 3
            ? new OutOfReach(Message::of('roots.refusal-none'))
            : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $parts = PolynomialFactoring::ofTask($task, $this->ways);
        $outer = $parts->outer();
        [$written, $factors] = $this->rest($parts, $task);
        $inside = $parts->common->negative && $task->style->get(MinusOne::class) === MinusOne::Inside;
        $answer = $factors === []
            ? $outer->wrap([])
            : $outer->finished($factors, $inside);
        $stuck = $parts->isStuck();
        $isPrime = $stuck && \count($factors) === 1 && $parts->common->isOne();
        $unfinished = $stuck && $parts->rest()?->degree() !== 3;
        $finish = new Section(Phase::Finishing, [new Step(
            id: 'complete',
            title: Message::of(match (true) {
                $isPrime && $task->problem->node instanceof Equation => 'roots.complete.title-prime-equation',
                $isPrime => 'roots.complete.title-prime',
                $unfinished => 'roots.complete.title-stuck',
                default => 'factor.complete.title',
            }),
            why: Message::of(match (true) {
                $isPrime && $task->problem->node instanceof Equation => 'roots.complete.why-prime-equation',
                $isPrime => 'roots.complete.why-prime',
                $unfinished => 'roots.complete.why-stuck',
                default => 'roots.complete.why',
            }),
            lines: [$outer->result($answer)],
            watch: $parts->common->isOne() ? null : Slip::CommonFactorForgotten,
        )]);
        $sections = Arrival::once([
            new Section(Phase::Reading, Preliminaries::steps($task, $parts->gathered, $parts->common, $outer)),
            ...$parts->sections(),
            ...$written,
            $finish,
        ]);

        return new Demonstration(
            task: $task,
            job: FactorFamily::JOB,
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                trials: $parts->trials(),
                fractions: $parts->gathered->difference()->hasFractions(),
                advice: $parts->advice(),
            ),
            sections: $sections,
            answer: new ExpressionAnswer($answer, $parts->gathered->multiple()),
            checking: fn(): array => $this->checks($parts, $answer, $task),
        );
    }

    /**
     * What is left taken apart, where it is a quadratic that can be.
     *
     * @return array{list<Section>, list<Polynomial>} how, and all factors
     */
    private function rest(PolynomialFactoring $parts, Task $task): array
    {
        $found = $parts->found();
        $rest = $parts->rest();
        if ($rest === null || $rest->degree() !== 2) {
            return [[], $rest === null ? $found : [...$found, $rest]];
        }
        $trinomial = Trinomial::of($rest);
        if ($trinomial?->isPrime() !== false) {
            return [$trinomial === null ? [] : [self::prime($trinomial)], [...$found, $rest]];
        }
        $part = QuadraticPart::expression($rest, $task);
        $way = $this->ways->fitting($part)[0] ?? throw new \LogicException('No way factors what is not prime.');
        $factored = $way->factoring($part);
        $factors = [...$found, ...$factored->factors];

        return [[
            ...Embedded::beside($factored->sections, 'rest-', $rest->toExpression()),
            new Section(Phase::Writing, [new Step(
                id: 'rest',
                title: Message::of('roots.rest.title'),
                why: Message::of('roots.rest.why'),
                lines: [$parts->outer()->line(...array_map(
                    static fn(Polynomial $factor): Expression => $factor->toExpression(),
                    $factors,
                ))],
            )]),
        ], $factors];
    }

    private static function prime(Trinomial $trinomial): Section
    {
        $discriminant = $trinomial->discriminant();

        return new Section(Phase::Discriminant, [new Step(
            id: 'rest-prime',
            title: Message::of('roots.rest.title-prime'),
            why: Message::of($discriminant < 0 ? 'roots.rest.why-prime-negative' : 'roots.rest.why-prime', [
                'value' => Numeral::of($discriminant),
            ]),
            lines: Arithmetic::lines(FormulaWritten::discriminant(
                Rational::of($trinomial->a),
                Rational::of($trinomial->b),
                Rational::of($trinomial->c),
            )),
        )]);
    }

    /** @return non-empty-list<Check> */
    private function checks(PolynomialFactoring $parts, Expression $answer, Task $task): array
    {
        $whole = $parts->gathered->whole;
        $checks = $answer->equals($whole->toExpression()) ? [] : [
            $this->back->check($answer, $whole, $task),
            ...$this->back->byValues($answer, $whole),
        ];
        $round = $parts->stuckRound();
        if ($round !== null) {
            $checks[] = self::none($round, $parts->letter);
        }

        return $checks === [] ? throw new \LogicException('Nothing was factored.') : $checks;
    }

    /** Every candidate put in: none gives 0. */
    private static function none(RootRound $round, string $letter): Check
    {
        $lines = [];
        foreach ($round->candidates->values as $value) {
            $put = Substitution::into($round->polynomial->toExpression(), $letter, Numeral::of($value));
            $lines[] = Line::side($put, Numeral::of(Evaluation::rational($put, [])));
        }

        return new Check(
            kind: CheckKind::Substitution,
            title: Message::of('roots.check.none'),
            why: Message::of('roots.check.none-why', ['letter' => $letter]),
            lines: $lines,
            holds: $round->root === null,
        );
    }
}
