<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Demonstration\Answer\SimplifiedAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Quotient;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** One fraction, or fractions multiplied and divided: factored above and below, common factors cancelled. */
final readonly class Cancel implements Method
{
    /** What a sentence seeks that asks only where there is no value. */
    private const EXCLUDED = 'excluded';

    public function id(): string
    {
        return 'cancel';
    }

    public function job(): string
    {
        return SimplifyFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return self::read($task) === null ? new MethodDoesNotApply(Message::of('simplify.cancel.refusal')) : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $product = self::read($task) ?? throw new \LogicException('It was not refused.');
        $node = $task->problem->node;
        $whole = $node instanceof Expression ? $node : throw new \LogicException('It is an expression.');
        $reducing = new Reducing($product->top(), $product->bottom());
        $excluded = ExcludedValues::of($whole, $product->divisors);
        $result = $reducing->result();
        $steps = [];
        $reached = $whole;
        if ($product->turns || !$whole->bare() instanceof Quotient) {
            $reached = $product->written();
            $steps[] = new Step(
                id: 'turn',
                title: Message::of($product->turns ? 'simplify.cancel.turn.title' : 'simplify.cancel.one.title'),
                why: Message::of($product->turns ? 'simplify.cancel.turn.why' : 'simplify.cancel.one.why'),
                lines: [Line::equal($reached)],
            );
        }
        $factored = $reducing->factored();
        if (!$factored->equals($reached)) {
            $steps[] = new Step(
                id: 'factor',
                title: Message::of('simplify.cancel.factor.title'),
                why: Message::of('simplify.cancel.factor.why'),
                lines: [
                    ...FactoredSides::lines([...$product->above, ...$product->below], $product->factors(...)),
                    Line::equal($factored),
                ],
            );
        }
        array_push($steps, ...$excluded->steps());
        if (!$reducing->isReduced()) {
            $steps[] = $reducing->step();
        }

        return SimplifyDemonstration::of(
            $task,
            $this->id(),
            $whole,
            $steps,
            new SimplifiedAnswer($result, $excluded->letter, $excluded->values),
            match (true) {
                !$reducing->turns() => 'result-why',
                $result instanceof Quotient => 'result-why-turned',
                default => 'result-why-opened',
            },
        );
    }

    /** Whether it is one fraction over a number, to be written more simply. */
    public static function isOverNumber(Task $task): bool
    {
        return self::read($task)?->isOverNumber() === true;
    }

    /** Whether it is one fraction with a common factor that does not come out divided: nothing to divide out first. */
    public static function isReducedFirst(Task $task): bool
    {
        $product = self::read($task);
        $quotient = $task->problem->quotient();
        $above = $quotient === null ? null : Polynomial::tryFrom($quotient->numerator);
        $below = $quotient === null ? null : Polynomial::tryFrom($quotient->denominator);

        if ($product === null || $above === null || $below === null || $below->isConstant()) {
            return false;
        }
        $common = $product->top()->common($product->bottom());
        $comesOut = $above->degree() > $below->degree() && $product->bottom()->over($common)->isNumber();

        return $common->factors !== [] && !$comesOut;
    }

    private static function read(Task $task): ?FractionProduct
    {
        return $task->once(self::class, static function () use ($task): ?FractionProduct {
            $node = $task->problem->node;
            if (!$node instanceof Expression || !Inside::holds($node, Quotient::class) || Letters::of($node) === []
                || PowerProduct::ofTask($task) !== null) {
                return null;
            }
            try {
                $product = FractionProduct::of($node);
                if ($product === null) {
                    return null;
                }
                $isReduced = (new Reducing($product->top(), $product->bottom()))->isReduced();
                $isOne = $node->bare() instanceof Quotient && !$product->turns;
            } catch (Refusal) {
                return null;
            }

            // Over a number a fraction is simplified where the number and all above have a factor in common.
            return match (true) {
                !$product->bottom()->isNumber() => !$isReduced || !$isOne
                    || $task->problem->asked->seeks === self::EXCLUDED,
                default => !$isReduced && $isOne && self::isWhole($product),
            } ? $product : null;
        });
    }

    /** Whether all numbers of it are whole, and something is added above. */
    private static function isWhole(FractionProduct $product): bool
    {
        $terms = static fn(Expression $part): array => Polynomial::fromExpression($part)->terms;
        $isSum = static fn(Expression $part): bool => \count($terms($part)) > 1;

        return array_filter(
            array_merge(...array_map($terms, [...$product->above, ...$product->below])),
            static fn(Term $term): bool => !$term->coefficient->isInteger(),
        ) === [] && array_filter($product->above, $isSum) !== [];
    }
}
