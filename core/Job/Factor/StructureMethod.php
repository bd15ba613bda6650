<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\CommonTerm;
use Runel\Algebra\FactoredPolynomial;
use Runel\Algebra\Trinomial;
use Runel\Demonstration\Answer\ExpressionAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Message\TooLarge;
use Runel\Method\Factored;
use Runel\Method\FactorsQuadratics;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Working\Arrival;
use Runel\Working\Known;
use Runel\Working\MultiplyBack;
use Runel\Working\Outer;
use Runel\Working\Preliminaries;

/**
 * What the ways share that factor by what is seen: the common term first, then the structure, then each factor looked
 * into once more.
 */
abstract class StructureMethod implements FactorsQuadratics
{
    public function __construct(private readonly MultiplyBack $back) {}

    public function job(): string
    {
        return FactorFamily::JOB;
    }

    final public function refusal(Task $task): ?Refusal
    {
        return $task->problem->node instanceof Equation || !$this->isSeen($task)
            ? new MethodDoesNotApply($this->refused())
            : null;
    }

    /** Whether it is there, in an equation as well. */
    final public function isSeen(Task $task): bool
    {
        return $this->seen($task) !== null;
    }

    final public function factoring(Task $task): Factored
    {
        $seen = $this->seen($task) ?? throw new \LogicException('It is not seen there.');
        $gathered = Known::standardForm($task) ?? throw new \LogicException('It is a polynomial.');
        $common = CommonTerm::of($gathered->whole);
        $outer = self::outer($task, $common);
        [$number, $factors] = self::further($seen->factors);
        $further = $this->furtherSteps($seen, $number, $factors, $outer);
        $sections = [
            new Section(Phase::Reading, $seen->reading ?? Preliminaries::steps($task, $gathered, $common, $outer)),
            ...$seen->sections,
            ...($further === [] ? [] : [new Section(Phase::Finishing, $further)]),
        ];
        foreach ($common->letters->exponents as $letter => $exponent) {
            $power = Polynomial::ofTerms([new Term(Rational::one(), Monomial::power((string) $letter, 1))]);
            array_unshift($factors, ...array_fill(0, $exponent, $power));
        }

        return new Factored(
            $sections,
            $factors,
            Forecast::of(
                sections: $sections,
                trials: $seen->trials,
                fractions: $gathered->whole->hasFractions(),
                advice: $seen->advice,
            ),
            fn(): Check => $this->back->check(
                $outer->finished(self::further($seen->factors)[1], false),
                $gathered->whole,
                $task,
            ),
            !$common->content->isOne() || $common->negative || !$number->isOne(),
            false,
        );
    }

    private static function outer(Task $task, CommonTerm $common): Outer
    {
        return new Outer($common, $task->problem->node instanceof Equation);
    }

    /**
     * Each factor looked into once more.
     *
     * @param non-empty-list<Polynomial> $factors
     *
     * @return list<Step> none where nothing more comes of it
     */
    private function furtherSteps(SeenStructure $seen, Rational $number, array $factors, Outer $outer): array
    {
        return \count($factors) === \count($seen->factors) && $number->isOne() ? [] : [new Step(
            id: 'further',
            title: Message::of('structure.further.title'),
            why: Message::of('structure.further.why'),
            lines: [$seen->reading === null ? $outer->line(...array_map(
                static fn(Polynomial $factor): Expression => $factor->toExpression(),
                $factors,
            )) : Line::equal(self::withNumber($number, $factors))],
        )];
    }

    final public function demonstrate(Task $task): Demonstration
    {
        $seen = $this->seen($task) ?? throw new \LogicException('It was not refused.');
        $gathered = Known::standardForm($task) ?? throw new \LogicException('It is a polynomial.');
        $common = CommonTerm::of($gathered->whole);
        $outer = self::outer($task, $common);
        [$number, $factors] = self::further($seen->factors);
        // What is read as it stands, in brackets, has nothing taken out before.
        $isPlain = $seen->reading === null;
        $answer = $isPlain ? $outer->finished($factors, false) : self::withNumber($number, $factors);
        $steps = $this->furtherSteps($seen, $number, $factors, $outer);
        $isComplete = array_filter($factors, static fn(Polynomial $factor): bool => !self::isPrime($factor)) === [];
        $steps[] = new Step(
            id: 'complete',
            title: Message::of($isComplete ? 'factor.complete.title' : 'roots.complete.title-stuck'),
            why: Message::of($isComplete ? 'roots.complete.why' : 'structure.stuck'),
            lines: [$outer->result($answer)],
        );
        $reading = $seen->reading ?? Preliminaries::steps($task, $gathered, $common, $outer);
        $sections = Arrival::once([
            new Section(Phase::Reading, $reading),
            ...$seen->sections,
            new Section(Phase::Finishing, $steps),
        ]);
        $whole = $gathered->whole;

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                trials: $seen->trials,
                fractions: $whole->hasFractions(),
                advice: $seen->advice,
            ),
            sections: $sections,
            answer: new ExpressionAnswer($answer),
            checking: fn(): array => $this->checks($answer, $whole, $task),
        );
    }

    /** What is seen in a task; null where there is nothing of the kind. */
    abstract protected function look(Task $task, Polynomial $rest, Outer $outer): ?SeenStructure;

    abstract protected function refused(): Message;

    private function seen(Task $task): ?SeenStructure
    {
        return $task->once(static::class, function () use ($task): ?SeenStructure {
            $gathered = Known::standardForm($task);
            if ($gathered === null || \count($gathered->whole->terms) < 2) {
                return null;
            }
            $common = CommonTerm::of($gathered->whole);
            try {
                return $this->look($task, $common->rest, self::outer($task, $common));
            } catch (Refusal) {
                return null;
            }
        });
    }

    /**
     * @param list<Polynomial> $factors
     *
     * @return array{Rational, non-empty-list<Polynomial>} the number in front, and each split as far as school goes
     */
    private static function further(array $factors): array
    {
        $split = [];
        $number = Rational::one();
        foreach ($factors as $factor) {
            $parts = FactoredPolynomial::of($factor);
            $number = $number->times($parts->number);
            foreach ($parts->factors as [$one, $times]) {
                array_push($split, ...array_fill(0, $times, $one));
            }
        }

        return [$number, $split === [] ? throw new \LogicException('Something was factored.') : $split];
    }

    /** @param non-empty-list<Polynomial> $factors */
    private static function withNumber(Rational $number, array $factors): Expression
    {
        $product = FactoredPolynomial::number($number);
        foreach ($factors as $factor) {
            $product = $product->times(FactoredPolynomial::of($factor));
        }

        return $product->toExpression();
    }

    /** Whether a factor is known not to split over the integers. */
    private static function isPrime(Polynomial $factor): bool
    {
        $letters = $factor->letters();
        foreach ($letters as $letter) {
            $powers = array_map(static fn(Term $term): int => $term->monomial->degreeIn($letter), $factor->terms);
            $isLinear = max([0, ...$powers]) === 1;
            if ($isLinear && (\count($letters) === 1 || $factor->degree() === 1 || \count($factor->terms) === 2)) {
                return true;
            }
        }
        if ($factor->degree() === 2) {
            try {
                return Trinomial::of($factor)?->isPrime() === true;
            } catch (TooLarge) {
                return false;
            }
        }

        return \count($letters) === 1 && $factor->degree() === 3;
    }

    /** @return non-empty-list<Check> */
    private function checks(Expression $answer, Polynomial $whole, Task $task): array
    {
        return [$this->back->check($answer, $whole, $task), ...$this->back->byValues($answer, $whole)];
    }
}
