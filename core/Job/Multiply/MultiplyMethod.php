<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Answer\ExpressionAnswer;
use Runel\Demonstration\Answer\NamedCoefficientsAnswer;
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
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\CompareCoefficients;
use Runel\Law\Move\TakeLeftSide;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Method\Multiplies;
use Runel\Method\SideWork;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor;
use Runel\Problem\NamedCoefficients;
use Runel\Problem\ProductForm;
use Runel\Working\ProductChecks;

/**
 * What all ways to multiply share: reading, putting the brackets in order, choosing which two
 * come first, and the checks. A way to multiply only says how two polynomials are worked.
 */
abstract class MultiplyMethod implements Method, Multiplies
{
    final public function __construct(private readonly MultiplyFamily $family) {}

    final public function job(): string
    {
        return MultiplyFamily::JOB;
    }

    final public function refusal(Task $task): ?Refusal
    {
        if ($task->problem->product === null) {
            $reason = match (true) {
                !$task->problem->isSumOfProducts() => 'error.nothing-to-multiply',
                !$this->takesSums() => 'product.sum.refusal',
                default => null,
            };

            return $reason === null ? null : new MethodDoesNotApply(Message::of($reason));
        }
        $plan = $this->plan($task);
        if ($plan instanceof Refusal) {
            return $plan;
        }
        $reason = $this->refusalOf($plan);

        return $reason === null ? null : new MethodDoesNotApply($reason);
    }

    final public function demonstrate(Task $task): Demonstration
    {
        if ($task->problem->product === null) {
            return SumOfProducts::demonstrate($task, $this->id());
        }
        $product = self::product($task);
        $plan = $this->plan($task);
        if ($plan instanceof Refusal) {
            throw $plan;
        }
        $sections = [$this->reading($task, $product, $plan), ...$this->stages($plan, $task)];
        $last = $plan->stages[\count($plan->stages) - 1]->pair->product;
        $node = $task->problem->node;
        $names = $node instanceof Equation ? NamedCoefficients::of($node->right, $product) : null;
        $answer = new ExpressionAnswer($last->toExpression(), isLeftSide: $node instanceof Equation);
        if ($names !== null && $node instanceof Equation) {
            [$section, $answer] = $this->comparison($node, $names, $last);
            $sections[] = $section;
        } elseif ($node instanceof Equation && $task->problem->polynomial?->isZero() === true) {
            $sections[] = self::agreement($node->right, $last);
        }
        $factors = array_map(static fn(Factor $factor): Polynomial => $factor->polynomial, $product->factors);

        return new Demonstration(
            task: $task,
            job: MultiplyFamily::JOB,
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                products: $plan->work(),
                fractions: array_filter(
                    $factors,
                    static fn(Polynomial $factor): bool => $factor->hasFractions(),
                ) !== [],
                advice: $this->advice($plan),
            ),
            sections: $sections,
            answer: $answer,
            checking: fn(): array => [
                $this->multipliedBack($factors, $last, $task),
                ...ProductChecks::byValues($factors, $last),
            ],
        );
    }

    final public function sideWork(array $factors, Task $task): ?SideWork
    {
        $plan = MultiplicationPlan::of($factors);

        return $plan instanceof MultiplicationPlan && $this->refusalOf($plan) === null
            ? SideWork::joined(array_map(
                fn(Stage $stage): SideWork => $stage->pair->onlyTurns()
                    ? new SideWork()
                    : $this->beside($stage, $task),
                $plan->stages,
            ))
            : null;
    }

    /**
     * The other way round than the work was done, by the tutor's favourite way to multiply.
     *
     * @param list<Polynomial> $factors
     */
    private function multipliedBack(array $factors, Polynomial $product, Task $task): Check
    {
        $turned = array_reverse($factors);
        $way = $task->choice(MultiplyFamily::CHECK_BY) === null
            ? null
            : $this->family->checking($task)[0]->sideWork($turned, $task);

        return $way === null
            ? ProductChecks::multiplyBack($factors, $product)
            : ProductChecks::worked(
                $way,
                Product::of(array_map(static fn(Polynomial $factor): Expression => $factor->toExpression(), $turned)),
                $product,
                Message::of('check.multiply-back.title-turned'),
                Message::of('check.multiply-back.why-turned'),
            );
    }

    /** Why this way does not fit, or null when it does. */
    abstract protected function refusalOf(MultiplicationPlan $plan): ?Message;

    /** One honest sentence on when this way is worth it here. */
    abstract protected function advice(MultiplicationPlan $plan): Message;

    /** @return list<Section> the work of one stage; its last line is the stage's closing line */
    abstract protected function work(Stage $stage, Task $task): array;

    /** What is worked beside in a stage; a way that can tell it without the words of its steps does so. */
    protected function beside(Stage $stage, Task $task): SideWork
    {
        return SideWork::of($this->work($stage, $task));
    }

    /** The plan this way follows. */
    protected function plan(Task $task): MultiplicationPlan|Refusal
    {
        return self::easiest($task);
    }

    /** Whether it also works several products that are added. */
    protected function takesSums(): bool
    {
        return false;
    }

    /** Whether the pattern the factors were typed in is worth keeping. */
    protected function keepsWriting(): bool
    {
        return false;
    }

    /** @return list<Section> */
    private function stages(MultiplicationPlan $plan, Task $task): array
    {
        return array_merge(...array_map(
            fn(Stage $stage): array => $stage->pair->onlyTurns()
                ? [$stage->section(Phase::Finishing, [Steps::turn($stage)])]
                : $this->work($stage, $task),
            $plan->stages,
        ));
    }

    private static function product(Task $task): ProductForm
    {
        return $task->problem->product ?? throw new \LogicException('A problem without brackets was not refused.');
    }

    /** The plan serves every way to multiply, so it is made once; where it cannot be made, the reason. */
    private static function easiest(Task $task): MultiplicationPlan|Refusal
    {
        return $task->once(MultiplicationPlan::class, static fn(): MultiplicationPlan|Refusal => MultiplicationPlan::of(
            array_map(static fn(Factor $factor): Polynomial => $factor->polynomial, self::product($task)->factors),
            $task->choice(MultiplicationPlan::CHOICE),
        ));
    }

    private function reading(Task $task, ProductForm $product, MultiplicationPlan $plan): Section
    {
        $given = $task->problem->node;
        $before = $given instanceof Equation ? $given->left : $given;
        $factors = array_map(
            static fn(Factor $factor): Expression => $factor->polynomial->toExpression(),
            $product->factors,
        );
        $tidied = WrittenProduct::write($factors);
        $steps = [self::read($task, $product)];
        if (!$this->keepsWriting() && !$tidied->equals(WrittenProduct::write($before->factors()))) {
            $kind = self::tidied($product, $before);
            $steps[] = new Step(
                id: 'tidy',
                title: Message::of($kind === '' ? 'product.tidy.title' : "product.tidy.title-$kind"),
                why: Message::of($kind === '' ? 'product.tidy.why' : "product.tidy.why-$kind"),
                lines: [Line::equal($tidied)],
            );
        }
        if ($plan->options !== []) {
            $steps[] = self::ordered($plan, $tidied);
        }

        return new Section(Phase::Reading, $steps);
    }

    /** How many factors there are, and of which degree the product will be. */
    private static function read(Task $task, ProductForm $product): Step
    {
        $letters = $task->problem->letters;
        $letter = \count($letters) === 1 ? $letters[0] : null;
        $degrees = array_map(static fn(Factor $factor): int => $factor->polynomial->degree(), $product->factors);
        $why = $letter === null
            ? Message::of('product.read.why-letters', ['count' => \count($degrees)])
            : Message::of('product.read.why', [
                'count' => \count($degrees),
                'degrees' => implode(' + ', $degrees),
                'degree' => array_sum($degrees),
                'first' => Polynomial::ofCoefficients($letter, [
                    Rational::one(),
                    ...array_fill(0, array_sum($degrees), Rational::zero()),
                ])->toExpression(),
            ]);
        $given = $task->problem->node;
        $degree = Numeral::of(array_sum($degrees));

        return new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('product.read.title'),
            why: $why,
            lines: $given instanceof Equation ? [Line::given($given), Line::equal(
                $given->left,
                new TakeLeftSide(),
            )] : [Line::given($given)],
            question: $letter === null ? null : Question::number(
                Message::of('product.read.ask'),
                new Identity(Sum::of(array_map(Numeral::of(...), $degrees)), $degree),
                $degree,
            ),
        );
    }

    /** Which two factors are multiplied first. */
    private static function ordered(MultiplicationPlan $plan, Expression $tidied): Step
    {
        $first = $plan->stages[0];
        [$left, $right] = [$first->pair->left->toExpression(), $first->pair->right->toExpression()];
        $begun = $first->whole($left, $right);

        return new Step(
            id: 'order',
            title: Message::of('product.order.title', ['left' => $left, 'right' => $right]),
            why: $plan->reason,
            lines: $begun->equals($tidied) ? [] : [Line::equal($begun)],
            options: $plan->options,
        );
    }

    /** What was to be shown: the other side is the same polynomial. */
    private static function agreement(Expression $right, Polynomial $product): Section
    {
        $reached = $product->toExpression();

        return new Section(Phase::Finishing, [new Step(
            id: 'agree',
            title: Message::of('product.agree.title'),
            why: Message::of('product.agree.why'),
            lines: [Line::side($reached, $right)],
        )]);
    }

    /** What is done to the factors: standard form (nothing is added), a power written out, or side by side. */
    private static function tidied(ProductForm $product, Expression $before): string
    {
        foreach ($product->factors as $factor) {
            $standard = $factor->polynomial->toExpression();
            if ($factor->written instanceof Sum && !$factor->written->equals($standard)) {
                return '';
            }
        }

        return $before instanceof Power ? 'power' : 'side';
    }

    /** @return array{Section, NamedCoefficientsAnswer} */
    private function comparison(Equation $form, NamedCoefficients $names, Polynomial $product): array
    {
        $letters = [];
        foreach ($names->powers as $name => $power) {
            $letters[$name] = Numeral::of($product->coefficient($names->letter, $power));
        }
        $move = new CompareCoefficients($form, $letters);
        $lines = [];
        foreach ($letters as $name => $value) {
            $lines[] = Line::implies(new Equation(new Letter($name), $value), $move);
        }
        $step = new Step(id: 'compare', title: Message::of('product.compare.title'), why: Message::of(
            'product.compare.why',
            ['form' => $form->right],
        ), lines: $lines);

        return [new Section(
            Phase::Finishing,
            [$step],
        ), new NamedCoefficientsAnswer($product->toExpression(), $letters)];
    }
}
