<?php

declare(strict_types=1);

namespace Runel\Method\Multiply;

use Runel\Demonstration\Answer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Message\Message;
use Runel\Method\Method;
use Runel\Notation\Ascii;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor;
use Runel\Problem\Job;
use Runel\Problem\NamedCoefficients;
use Runel\Problem\ProductForm;
use Runel\Style\HouseStyle;

/**
 * What all ways to multiply share: reading, putting the brackets in order, choosing which two
 * come first, and the checks. A way to multiply only says how two polynomials are worked.
 */
abstract class MultiplyMethod implements Method
{
    final public function job(): Job
    {
        return Job::Multiply;
    }

    final public function refusal(Task $task): ?Message
    {
        if ($task->problem->product === null) {
            return Message::of('error.nothing-to-multiply');
        }

        return $this->refusalOf(self::plan($task));
    }

    final public function demonstrate(Task $task): Demonstration
    {
        $product = self::product($task);
        $plan = self::plan($task);
        $sections = [$this->reading($task, $product, $plan), ...$this->stages($plan, $task->style)];
        $last = $plan->stages[\count($plan->stages) - 1]->pair;
        $answer = Answer::expression($last->product->toExpression());
        $names = $task->problem->node instanceof Equation ? NamedCoefficients::of($task->problem->node->right, $product) : null;
        if ($names !== null) {
            [$section, $answer] = $this->comparison($task->problem->node->right, $names, $last->product);
            $sections[] = $section;
        }
        $steps = array_sum(array_map(static fn(Section $section): int => \count($section->steps), $sections));
        $fractions = array_filter($product->factors, static fn(Factor $factor): bool => $factor->polynomial->hasFractions()) !== [];

        return new Demonstration(
            $task->problem,
            Job::Multiply,
            $this->id(),
            $task->style,
            new Forecast($steps, 0, $plan->work(), $fractions, false, $this->advice($plan)),
            $sections,
            $answer,
            Checks::of(array_map(static fn(Factor $factor): Polynomial => $factor->polynomial, $product->factors), $last->product),
        );
    }

    /**
     * The work of multiplying some factors, without reading and checks.
     *
     * @param list<Polynomial> $factors at least two
     *
     * @return list<Section>|null null where this way does not fit them
     */
    final public function multiplying(array $factors, HouseStyle $style): ?array
    {
        $plan = Plan::of($factors);

        return $this->refusalOf($plan) === null ? $this->stages($plan, $style) : null;
    }

    /** Why this way does not fit, or null when it does. */
    abstract protected function refusalOf(Plan $plan): ?Message;

    /** One honest sentence on when this way is worth it here. */
    abstract protected function advice(Plan $plan): Message;

    /** @return list<Section> the work of one stage; its last line is the stage's closing line */
    abstract protected function work(Stage $stage, HouseStyle $style): array;

    /** @return list<Section> */
    private function stages(Plan $plan, HouseStyle $style): array
    {
        return array_merge(...array_map(fn(Stage $stage): array => $this->work($stage, $style), $plan->stages));
    }

    private static function product(Task $task): ProductForm
    {
        return $task->problem->product ?? throw new \LogicException('A problem without brackets was not refused.');
    }

    private static function plan(Task $task): Plan
    {
        return Plan::of(array_map(static fn(Factor $factor): Polynomial => $factor->polynomial, self::product($task)->factors), $task->choices);
    }

    private function reading(Task $task, ProductForm $product, Plan $plan): Section
    {
        $factors = array_map(static fn(Factor $factor): Expression => $factor->polynomial->toExpression(), $product->factors);
        $letter = $task->problem->letter();
        $degrees = array_map(static fn(Factor $factor): int => $factor->polynomial->degree(), $product->factors);
        $why = $letter === null
            ? Message::of('product.read.why-letters', ['count' => \count($factors)])
            : Message::of('product.read.why', [
                'count' => \count($factors),
                'degrees' => implode(' + ', $degrees),
                'degree' => array_sum($degrees),
                'first' => Polynomial::ofCoefficients($letter, [Rational::one(), ...array_fill(0, array_sum($degrees), Rational::zero())])->toExpression(),
            ]);
        $steps = [new Step(
            'read',
            Message::of('product.read.title'),
            $why,
            [Line::given($task->problem->node)],
            question: $letter === null ? null : Question::number(Message::of('product.read.ask'), Numeral::of(array_sum($degrees))),
        )];
        $tidied = Product::of($factors);
        $given = $task->problem->node instanceof Equation ? $task->problem->node->left : $task->problem->node;
        if (Ascii::write($tidied) !== Ascii::write($given)) {
            $steps[] = new Step(
                'tidy',
                Message::of('product.tidy.title'),
                Message::of('product.tidy.why'),
                [Line::equal($tidied)],
            );
        }
        if ($plan->options !== []) {
            $first = $plan->stages[0];
            $steps[] = new Step(
                'order',
                Message::of('product.order.title', ['left' => $first->pair->left->toExpression(), 'right' => $first->pair->right->toExpression()]),
                Message::of('product.order.why', ['count' => $plan->work()]),
                [Line::equal($first->whole(Product::of([$first->pair->left->toExpression(), $first->pair->right->toExpression()])))],
                options: $plan->options,
            );
        }

        return new Section(Phase::Reading, $steps);
    }

    /** @return array{Section, Answer} */
    private function comparison(Expression $right, NamedCoefficients $names, Polynomial $product): array
    {
        $lines = [];
        $letters = [];
        foreach ($names->powers as $name => $power) {
            $letters[$name] = Numeral::of($product->coefficient($names->letter, $power));
            $lines[] = Line::implies(new Equation(new Letter($name), $letters[$name]));
        }

        return [
            new Section(Phase::Finishing, [new Step('compare', Message::of('product.compare.title'), Message::of('product.compare.why', ['form' => $right]), $lines)]),
            Answer::namedCoefficients($product->toExpression(), $letters),
        ];
    }
}
