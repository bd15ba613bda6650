<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Demonstration\Answer\SimplifiedAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Slip\Slip;

/** Powers of letters multiplied, divided and raised, by one law after another. */
final readonly class Powers implements Method
{
    public function id(): string
    {
        return 'powers';
    }

    public function job(): string
    {
        return SimplifyFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return PowerProduct::ofTask($task) === null
            ? new MethodDoesNotApply(Message::of('simplify.powers.refusal'))
            : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $product = PowerProduct::ofTask($task) ?? throw new \LogicException('It was not refused.');
        $node = $task->problem->node;
        $whole = $node instanceof Expression ? $node : throw new \LogicException('It is an expression.');
        $value = $product->value() ?? $product->result();

        return SimplifyDemonstration::of(
            $task,
            $this->id(),
            $whole,
            self::steps($product, $whole),
            new SimplifiedAnswer($value),
            self::why($product),
            $product->isOfNumbers() ? 'read-numbers' : 'read',
        );
    }

    /** @return list<Step> one base, no brackets, like bases together, exponents worked out, below the line */
    private static function steps(PowerProduct $product, Expression $whole): array
    {
        $numbers = $product->isOfNumbers() ? '-numbers' : '';
        $steps = [];
        $reached = $whole;
        foreach (PowerProduct::inOneBase($whole) as $id => $reached) {
            $steps[] = self::step($id, '', $reached);
        }
        $opened = $product->opened();
        if (!$opened->equals($reached) && $product->value() === null) {
            $steps[] = self::step('open', '', $opened, match (true) {
                $product->raisesPowers() => Slip::ExponentsAdded,
                $product->squaresNumber() => Slip::CoefficientNotSquared,
                default => null,
            });
            $reached = $opened;
        }
        $gathered = $product->gathered();
        if (!$gathered->equals($reached) && ($product->isGathered() || !$product->isOfNumbers())) {
            $steps[] = self::gathering($product, $numbers);
            $reached = $gathered;
        }
        $worked = $product->worked($product->hasZero());
        $result = $product->result();
        if (!$worked->equals($reached) && !$worked->equals($result) && ($numbers === '' || $product->isGathered())) {
            $steps[] = self::step('work', $numbers, $worked, $product->hasZero() ? Slip::ZeroExponent : null);
        }

        return ($product->value() ?? $result)->equals($result)
            ? $steps
            : [...$steps, self::step('turn', '', $result)];
    }

    private static function gathering(PowerProduct $product, string $numbers): Step
    {
        return new Step(
            id: 'gather',
            title: Message::of("simplify.powers.gather.title$numbers"),
            why: Message::of($product->divides()
                ? 'simplify.powers.gather.why-quotient'
                : "simplify.powers.gather.why$numbers"),
            lines: [Line::equal($product->gathered()), ...$product->exponentLines()],
            watch: match (true) {
                $product->isOfNumbers() => Slip::BasesMultiplied,
                $product->divides() => Slip::ExponentsMultiplied,
                default => Slip::ExponentsNotAdded,
            },
        );
    }

    private static function step(string $id, string $numbers, Expression $line, ?Slip $watch = null): Step
    {
        return new Step(
            id: $id,
            title: Message::of("simplify.powers.$id.title"),
            why: Message::of("simplify.powers.$id.why$numbers"),
            lines: [Line::equal($line)],
            watch: $watch,
        );
    }

    /** The end of the key that says why the result is the result. */
    private static function why(PowerProduct $product): string
    {
        $result = $product->result();
        $isTurned = !$product->worked($product->hasZero())->equals($result) && $product->hasNegative();

        return match (true) {
            !($product->value() ?? $result)->equals($result) => 'result-why-value',
            $product->hasZero() => $isTurned ? 'result-why-zero-below' : 'result-why-zero',
            $isTurned => 'result-why-below',
            default => $product->isOfNumbers() ? 'result-why-numbers' : 'result-why',
        };
    }
}
