<?php

declare(strict_types=1);

namespace Runel\Method\Solve;

use Runel\Demonstration\Answer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Option;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Message\Message;
use Runel\Method\Factor;
use Runel\Method\Factor\FactorMethod;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Problem\Factor as ProductFactor;
use Runel\Problem\Job;
use Runel\Problem\Problem;
use Runel\Problem\Trinomial;
use Runel\Slip\Slip;

/** Solving a quadratic equation by factoring: zero on one side, factors, each factor 0, each solution checked. */
final class Factoring implements Method
{
    /** The option that names the way to factor. */
    public const CHOICE = 'by';

    public function id(): string
    {
        return 'factoring';
    }

    public function job(): Job
    {
        return Job::Solve;
    }

    public function refusal(Task $task): ?Message
    {
        $polynomial = $task->problem->polynomial;
        $trinomial = $polynomial === null ? null : Trinomial::of($polynomial);

        return match (true) {
            !$task->problem->node instanceof Equation || $trinomial === null || $trinomial->second !== null => Message::of('solve.refusal-not-quadratic'),
            $trinomial->c !== 0 && $trinomial->isPrime() => Message::of('solve.refusal-prime'),
            default => null,
        };
    }

    public function demonstrate(Task $task): Demonstration
    {
        $equation = $task->problem->node;
        $polynomial = $task->problem->polynomial;
        $trinomial = $polynomial === null ? null : Trinomial::of($polynomial);
        if (!$equation instanceof Equation || $trinomial === null) {
            throw new \LogicException('A problem that is no quadratic equation was not refused.');
        }
        $ready = self::readyMade($task->problem);
        [$ways, $way] = $this->ways($task);
        $factoring = $way->demonstrate($task);
        $factors = self::different($ready ?? self::factors($trinomial));
        $before = $ready === null ? $this->factored($factoring, $ways, $way) : [self::given($equation)];
        $sections = [...$before, $this->solving($trinomial->letter, $factors)];
        $values = array_map(self::root(...), $factors);
        $solutions = array_map(static fn(Rational $value): Expression => Term::constant($value)->toExpression(), $values);
        $steps = array_sum(array_map(static fn(Section $section): int => \count($section->steps), $sections));
        $forecast = $factoring->forecast;
        $fractions = $forecast->fractions || array_filter($values, static fn(Rational $value): bool => !$value->isInteger()) !== [];
        $advice = $ready === null ? Message::of('advice.factoring', ['by' => Message::of('name.method.' . $way->id())]) : Message::of('advice.factored-already');

        return new Demonstration(
            $task->problem,
            Job::Solve,
            $this->id(),
            $task->style,
            new Forecast($steps, $ready === null ? $forecast->trials : 0, $ready === null ? $forecast->products : 0, $fractions, false, $advice),
            $sections,
            Answer::solutions(self::either($trinomial->letter, $values), $solutions),
            [...self::substitutions($equation, $trinomial->letter, $values), ...($ready === null ? [$factoring->checks[0]] : [])],
        );
    }

    /**
     * The ways to factor that fit, and the one taken: the tutor's choice, else the favourite, else the lightest.
     *
     * @return array{list<FactorMethod>, FactorMethod}
     */
    private function ways(Task $task): array
    {
        $fitting = array_values(array_filter(
            [new Factor\Special(), new Factor\SumProduct(), new Factor\Cross(), new Factor\SplitMiddle(), new Factor\ProductGrid(), new Factor\Trial(), new Factor\Scale()],
            static fn(FactorMethod $method): bool => $method->refusal($task) === null,
        ));
        foreach ([$task->choices[self::CHOICE] ?? '', $task->style->get('favourite')] as $wanted) {
            foreach ($fitting as $method) {
                if ($method->id() === $wanted) {
                    return [$fitting, $method];
                }
            }
        }

        return [$fitting, $fitting[0] ?? throw new \LogicException('Nothing factors what was not refused.')];
    }

    /**
     * The factoring as part of the solving: its answer is not the answer yet.
     *
     * @param list<FactorMethod> $ways
     *
     * @return list<Section>
     */
    private function factored(Demonstration $factoring, array $ways, FactorMethod $taken): array
    {
        $options = array_map(static fn(FactorMethod $way): Option => new Option(self::CHOICE, $way->id(), Message::of('name.method.' . $way->id()), $way === $taken), $ways);
        $sections = [];
        foreach ($factoring->sections as $number => $section) {
            $steps = [];
            foreach ($section->steps as $place => $step) {
                $lines = array_map(static fn(Line $line): Line => $line->link === Link::Result ? Line::equivalent($line->node) : $line, $step->lines);
                $steps[] = new Step($step->id, $step->title, $step->why, $lines, $step->figure, $step->question, $step->watch, $number === 0 && $place === 0 && \count($options) > 1 ? $options : $step->options, $step->aside);
            }
            $sections[] = new Section($section->phase, $steps);
        }

        return $sections;
    }

    /** @param non-empty-list<Polynomial> $factors the different ones that hold the letter */
    private function solving(string $letter, array $factors): Section
    {
        $zero = Numeral::of(0);
        $equations = array_map(static fn(Polynomial $factor): Equation => new Equation($factor->toExpression(), $zero), $factors);
        $double = \count($equations) === 1;
        $steps = [new Step(
            'zero-product',
            Message::of($double ? 'solve.zero.title-double' : 'solve.zero.title'),
            Message::of($double ? 'solve.zero.why-double' : 'solve.zero.why'),
            [Line::equivalent($double ? $equations[0] : new Alternatives($equations))],
            watch: self::root($factors[0])->isZero() ? Slip::RootLost : null,
        )];
        foreach ($factors as $number => $factor) {
            $lines = $this->linear($letter, $factor, $double ? null : (string) ($number + 1));
            if ($lines !== []) {
                $steps[] = new Step(
                    'solve-' . ($number + 1),
                    Message::of('solve.linear.title', ['factor' => $equations[$number]]),
                    Message::of('solve.linear.why'),
                    $lines,
                    question: Question::number(Message::of('solve.linear.ask', ['factor' => $equations[$number]]), Term::constant(self::root($factor))->toExpression()),
                    watch: Slip::SignNotTurned,
                );
            }
        }
        $steps[] = new Step('solutions', Message::of($double ? 'solve.solutions.title-double' : 'solve.solutions.title'), Message::of($double ? 'solve.solutions.why-double' : 'solve.solutions.why'), [Line::result(self::either($letter, array_map(self::root(...), $factors)))]);

        return new Section(Phase::Solving, $steps);
    }

    /** @return list<Line> mx + r = 0 solved in full; none when it says x = 0 already */
    private function linear(string $letter, Polynomial $factor, ?string $branch): array
    {
        $m = $factor->coefficient($letter, 1);
        $r = $factor->coefficient($letter, 0);
        $lines = [];
        if (!$r->isZero()) {
            $lines[] = Line::equivalent(new Equation(Polynomial::ofCoefficients($letter, [$m, Rational::zero()])->toExpression(), Term::constant($r->negated())->toExpression()), $branch);
        }
        if (!$m->isOne()) {
            $lines[] = Line::equivalent(new Equation(new Letter($letter), Term::constant(self::root($factor))->toExpression()), $branch);
        }

        return $lines;
    }

    /** A problem that stands as a product equal to 0 already: nothing is to be factored. */
    private static function given(Equation $equation): Section
    {
        return new Section(Phase::Reading, [new Step('read', Message::of('solve.given.title'), Message::of('solve.given.why'), [Line::given($equation)])]);
    }

    /** @return non-empty-list<Polynomial>|null the linear factors of a product that equals 0 as it was typed */
    private static function readyMade(Problem $problem): ?array
    {
        $node = $problem->node;
        if (!$node instanceof Equation || !$node->right instanceof Numeral || !$node->right->value->isZero()) {
            return null;
        }
        $factors = array_map(static fn(ProductFactor $factor): Polynomial => $factor->polynomial, $problem->product->factors ?? []);
        $linear = array_values(array_filter($factors, static fn(Polynomial $factor): bool => $factor->degree() === 1));
        $flat = array_filter($factors, static fn(Polynomial $factor): bool => $factor->degree() > 1);

        return \count($linear) === 2 && $flat === [] ? $linear : null;
    }

    /** @return non-empty-list<Polynomial> the two factors that hold the letter */
    private static function factors(Trinomial $trinomial): array
    {
        if ($trinomial->c === 0) {
            return [$trinomial->linear(1, 0), $trinomial->linear($trinomial->a, $trinomial->b)];
        }
        [[$m, $r], [$n, $s]] = $trinomial->factors() ?? throw new \LogicException('A prime trinomial was not refused.');

        return [$trinomial->linear($m, $r), $trinomial->linear($n, $s)];
    }

    /**
     * @param non-empty-list<Polynomial> $factors
     *
     * @return non-empty-list<Polynomial> one of several with the same solution
     */
    private static function different(array $factors): array
    {
        $different = [];
        foreach ($factors as $factor) {
            $different[(string) self::root($factor)] ??= $factor;
        }

        return array_values($different);
    }

    /** The solution of mx + r = 0. */
    private static function root(Polynomial $linear): Rational
    {
        $letter = $linear->letters()[0] ?? throw new \LogicException('A factor without the letter.');

        return $linear->coefficient($letter, 0)->negated()->dividedBy($linear->coefficient($letter, 1));
    }

    /** @param non-empty-list<Rational> $values */
    private static function either(string $letter, array $values): Equation|Alternatives
    {
        $equations = array_map(static fn(Rational $value): Equation => new Equation(new Letter($letter), Term::constant($value)->toExpression()), $values);

        return \count($equations) === 1 ? $equations[0] : new Alternatives($equations);
    }

    /**
     * @param non-empty-list<Rational> $solutions
     *
     * @return list<Check> each solution put into the original, both sides worked out separately
     */
    private static function substitutions(Equation $equation, string $letter, array $solutions): array
    {
        $checks = [];
        foreach ($solutions as $solution) {
            $lines = [];
            $values = [];
            foreach ([$equation->left, $equation->right] as $side) {
                $value = $side->valueAt([$letter => $solution]);
                $values[] = $value;
                if (!$side instanceof Numeral) {
                    $lines[] = Line::side(Substitution::into($side, $letter, Numeral::of($solution)), Numeral::of($value));
                }
            }
            $checks[] = new Check(
                CheckKind::Substitution,
                Message::of('check.solution.title', ['letter' => $letter, 'value' => Numeral::of($solution)]),
                Message::of('check.solution.why', ['value' => Numeral::of($values[1])]),
                $lines,
                $values[0]->equals($values[1]),
            );
        }

        return $checks;
    }
}
