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
use Runel\Problem\Job;
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
        [$ways, $way] = $this->ways($task);
        $factoring = $way->demonstrate($task);
        $solving = $this->solving($trinomial);
        $sections = [...$this->factored($factoring, $ways, $way), $solving];
        $solutions = array_map(static fn(Rational $value): Expression => Term::constant($value)->toExpression(), self::solutions($trinomial));
        $steps = array_sum(array_map(static fn(Section $section): int => \count($section->steps), $sections));
        $forecast = $factoring->forecast;
        $fractions = $forecast->fractions || array_filter(self::solutions($trinomial), static fn(Rational $value): bool => !$value->isInteger()) !== [];

        return new Demonstration(
            $task->problem,
            Job::Solve,
            $this->id(),
            $task->style,
            new Forecast($steps, $forecast->trials, $forecast->products, $fractions, false, Message::of('advice.factoring', ['by' => Message::of('name.method.' . $way->id())])),
            $sections,
            Answer::solutions(self::either($trinomial), $solutions),
            [...self::substitutions($equation, $trinomial), $factoring->checks[0]],
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

    private function solving(Trinomial $trinomial): Section
    {
        $factors = self::factors($trinomial);
        $zero = Numeral::of(0);
        $equations = array_map(static fn(Polynomial $factor): Equation => new Equation($factor->toExpression(), $zero), $factors);
        $double = \count($equations) === 1;
        $steps = [new Step(
            'zero-product',
            Message::of($double ? 'solve.zero.title-double' : 'solve.zero.title'),
            Message::of($double ? 'solve.zero.why-double' : 'solve.zero.why'),
            [Line::equivalent($double ? $equations[0] : new Alternatives($equations))],
            watch: $trinomial->c === 0 ? Slip::RootLost : null,
        )];
        foreach ($factors as $number => $factor) {
            $lines = $this->linear($trinomial, $factor, $double ? null : (string) ($number + 1));
            if ($lines !== []) {
                $value = self::root($trinomial, $factor);
                $steps[] = new Step(
                    'solve-' . ($number + 1),
                    Message::of('solve.linear.title', ['factor' => $equations[$number]]),
                    Message::of('solve.linear.why'),
                    $lines,
                    question: Question::number(Message::of('solve.linear.ask', ['factor' => $equations[$number]]), Term::constant($value)->toExpression()),
                    watch: Slip::SignNotTurned,
                );
            }
        }
        $steps[] = new Step('solutions', Message::of($double ? 'solve.solutions.title-double' : 'solve.solutions.title'), Message::of($double ? 'solve.solutions.why-double' : 'solve.solutions.why'), [Line::result(self::either($trinomial))]);

        return new Section(Phase::Solving, $steps);
    }

    /** @return list<Line> mx + r = 0 solved in full; none when it says x = 0 already */
    private function linear(Trinomial $trinomial, Polynomial $factor, ?string $branch): array
    {
        $m = $factor->coefficient($trinomial->letter, 1);
        $r = $factor->coefficient($trinomial->letter, 0);
        $lines = [];
        if (!$r->isZero()) {
            $lines[] = Line::equivalent(new Equation($trinomial->linear($m, 0)->toExpression(), Term::constant($r->negated())->toExpression()), $branch);
        }
        if (!$m->isOne()) {
            $lines[] = Line::equivalent(new Equation(new Letter($trinomial->letter), Term::constant(self::root($trinomial, $factor))->toExpression()), $branch);
        }

        return $lines;
    }

    /** @return non-empty-list<Polynomial> the different factors that hold the letter */
    private static function factors(Trinomial $trinomial): array
    {
        if ($trinomial->c === 0) {
            return [$trinomial->linear(1, 0), $trinomial->linear($trinomial->a, $trinomial->b)];
        }
        [[$m, $r], [$n, $s]] = $trinomial->factors() ?? throw new \LogicException('A prime trinomial was not refused.');
        $first = $trinomial->linear($m, $r);
        $second = $trinomial->linear($n, $s);

        return $first->equals($second) ? [$first] : [$first, $second];
    }

    private static function root(Trinomial $trinomial, Polynomial $factor): Rational
    {
        return $factor->coefficient($trinomial->letter, 0)->negated()->dividedBy($factor->coefficient($trinomial->letter, 1));
    }

    /** @return non-empty-list<Rational> each once */
    private static function solutions(Trinomial $trinomial): array
    {
        return array_map(static fn(Polynomial $factor): Rational => self::root($trinomial, $factor), self::factors($trinomial));
    }

    private static function either(Trinomial $trinomial): Equation|Alternatives
    {
        $equations = array_map(static fn(Rational $value): Equation => new Equation(new Letter($trinomial->letter), Term::constant($value)->toExpression()), self::solutions($trinomial));

        return \count($equations) === 1 ? $equations[0] : new Alternatives($equations);
    }

    /** @return list<Check> each solution put into the original, both sides worked out separately */
    private static function substitutions(Equation $equation, Trinomial $trinomial): array
    {
        $checks = [];
        foreach (self::solutions($trinomial) as $solution) {
            $lines = [];
            $values = [];
            foreach ([$equation->left, $equation->right] as $side) {
                $value = $side->valueAt([$trinomial->letter => $solution]);
                $values[] = $value;
                if (!$side instanceof Numeral) {
                    $lines[] = Line::side(Substitution::into($side, $trinomial->letter, Numeral::of($solution)), Numeral::of($value));
                }
            }
            $checks[] = new Check(
                CheckKind::Substitution,
                Message::of('check.solution.title', ['letter' => $trinomial->letter, 'value' => Numeral::of($solution)]),
                Message::of('check.solution.why', ['value' => Numeral::of($values[1])]),
                $lines,
                $values[0]->equals($values[1]),
            );
        }

        return $checks;
    }
}
