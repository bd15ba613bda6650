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
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
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
use Runel\Slip\Slip;
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
        [$number, $factors] = self::further($seen);
        $further = $this->furtherSteps($seen, $number, $factors, $outer);
        $sections = [
            new Section(Phase::Reading, $seen->reading ?? Preliminaries::steps($task, $gathered, $common, $outer)),
            ...$seen->sections,
            ...($further === [] ? [] : [new Section(Phase::Finishing, $further)]),
        ];
        array_unshift($factors, ...($seen->reading === null ? self::letters($common->letters) : []));

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
                $outer->finished(self::further($seen)[1], false),
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
        return self::isDone($seen, $number, $factors) ? [] : [new Step(
            id: 'further',
            title: Message::of('structure.further.title'),
            why: Message::of('structure.further.why'),
            lines: [$seen->reading === null ? $outer->line(...array_map(
                static fn(Polynomial $factor): Expression => $factor->toExpression(),
                $factors,
            )) : Line::equal(self::asTyped($seen, $number, $factors))],
        )];
    }

    /**
     * Letters stand before parentheses.
     *
     * @param list<Expression> $factors
     *
     * @return list<Expression>
     */
    final protected static function lettersFirst(array $factors): array
    {
        usort($factors, static fn(Expression $one, Expression $other): int => [$one instanceof Sum]
            <=> [$other instanceof Sum]);

        return $factors;
    }

    /** What all terms have in common, taken out as they stand. */
    final protected static function takenOut(Expression $whole, Expression $rest, Term $common): Step
    {
        $term = $common->toExpression();
        $words = ['content' => $term];
        $taken = Product::of([...$term->factors(), $rest]);

        return new Step(
            id: 'common-factor',
            role: Role::TakingOut,
            title: Message::of('factor.content.title', $words),
            why: Message::of(
                $common->coefficient->isOne() ? 'factor.content.why-letter' : 'factor.content.why',
                $words,
            ),
            lines: [Line::equal($taken)],
            question: Question::greatest(
                Message::of('factor.content.ask'),
                new Identity($whole, Product::of([$term, $rest])),
                $term,
            ),
            watch: Slip::CommonFactorForgotten,
        );
    }

    /** @return list<Polynomial> the letters of a common term, each as often as it stands there */
    private static function letters(Monomial $common): array
    {
        $letters = [];
        foreach ($common->exponents as $letter => $exponent) {
            $power = Polynomial::ofTerms([new Term(Rational::one(), Monomial::power((string) $letter, 1))]);
            array_push($letters, ...array_fill(0, $exponent, $power));
        }

        return $letters;
    }

    /** @param non-empty-list<Polynomial> $factors */
    private static function isDone(SeenStructure $seen, Rational $number, array $factors): bool
    {
        $front = $seen->front === null ? [] : self::letters($seen->front->monomial);

        return \count($factors) === \count($seen->factors) + \count($front)
            && $number->equals($seen->front->coefficient ?? Rational::one());
    }

    final public function demonstrate(Task $task): Demonstration
    {
        $seen = $this->seen($task) ?? throw new \LogicException('It was not refused.');
        $gathered = Known::standardForm($task) ?? throw new \LogicException('It is a polynomial.');
        $common = CommonTerm::of($gathered->whole);
        $outer = self::outer($task, $common);
        [$number, $factors] = self::further($seen);
        // What is read as it stands has nothing taken out before.
        $answer = match (true) {
            $seen->reading === null => $outer->finished($factors, false),
            self::isDone($seen, $number, $factors) => $seen->result ?? self::asTyped($seen, $number, $factors),
            default => self::asTyped($seen, $number, $factors),
        };
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

    /** @return array{Rational, non-empty-list<Polynomial>} the number in front, and each split as far as school goes */
    private static function further(SeenStructure $seen): array
    {
        $split = $seen->front === null ? [] : self::letters($seen->front->monomial);
        $number = $seen->front->coefficient ?? Rational::one();
        if ($seen->isLast && $seen->factors !== []) {
            return [$number, $seen->factors];
        }
        foreach ($seen->factors as $factor) {
            $parts = FactoredPolynomial::of($factor);
            $own = [];
            foreach ($parts->factors as [$one, $times]) {
                array_push($own, ...array_fill(0, $times, $one));
            }
            $turned = $seen->reading !== null && $parts->number->isNegative() ? self::turned($own) : null;
            $number = $number->times($turned === null ? $parts->number : $parts->number->negated());
            array_push($split, ...($turned ?? $own));
        }

        return [$number, $split === [] ? throw new \LogicException('Something was factored.') : $split];
    }

    /**
     * A minus in front taken into a difference: −(x − 3) is 3 − x.
     *
     * @param list<Polynomial> $factors
     *
     * @return list<Polynomial>|null null where there is no difference
     */
    private static function turned(array $factors): ?array
    {
        foreach ($factors as $index => $factor) {
            foreach ($factor->terms as $term) {
                if ($term->coefficient->isNegative()) {
                    $factors[$index] = $factor->negated();

                    return $factors;
                }
            }
        }

        return null;
    }

    /** @param non-empty-list<Polynomial> $factors */
    private static function asTyped(SeenStructure $seen, Rational $number, array $factors): Expression
    {
        $written = [];
        foreach (Outer::counted($factors) as [$factor, $times]) {
            $base = $seen->ordered($factor);
            $written[] = $times === 1 ? $base : new Power($base, Numeral::of($times));
        }
        $size = $number->absolute();
        $product = Product::of([...($size->isOne() ? [] : [Numeral::of($size)]), ...self::lettersFirst($written)]);

        return $product->signed($number->isNegative());
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
