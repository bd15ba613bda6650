<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Demonstration\Task;
use Runel\Job\Multiply\MultiplyFamily;
use Runel\Method\Choice;
use Runel\Method\FactorsQuadratics;
use Runel\Method\Family;
use Runel\Method\Method;
use Runel\Method\Offer;
use Runel\Problem\Job;
use Runel\Working\MultiplyBack;

/** The ways to factor. */
final readonly class FactorFamily implements Family
{
    /** The standing choice of the way that is offered first. */
    public const FAVOURITE = 'favourite';

    /** @var list<FactorMethod> for quadratics */
    private array $quadratic;
    private FactorByRationalRoots $roots;

    public function __construct(MultiplyFamily $multiplying)
    {
        $back = new MultiplyBack($multiplying);
        $this->quadratic = [
            new SpecialForms($back), new SumProduct($back), new SplitMiddle($back), new ProductGrid($back),
            new Cross($back), new Trial($back), new Scale($back), new ScaleWhy($back),
        ];
        $this->roots = new FactorByRationalRoots($back, $this);
    }

    public function job(): Job
    {
        return Job::Factor;
    }

    public function methods(): array
    {
        return [...$this->quadratic, $this->roots];
    }

    /** The favourite, then the special forms, then fewer trials, then fewer steps; explanations come last. */
    public function rank(Offer $offer, Task $task): array
    {
        return [
            $offer->method->id() === $task->choice(self::FAVOURITE) ? 0 : 1,
            $offer->method instanceof SpecialForms ? 0 : ($offer->method instanceof ScaleWhy ? 2 : 1),
            $offer->forecast->trials ?? 0,
            $offer->forecast->steps ?? 0,
        ];
    }

    public function choices(): array
    {
        $hunts = array_filter(
            $this->quadratic,
            static fn(FactorMethod $method): bool => !$method instanceof SpecialForms && !$method instanceof ScaleWhy,
        );

        return [
            new Choice(SplitMiddle::CHOICE, ['small', 'large']),
            new Choice(self::FAVOURITE, ['none', ...array_map(
                static fn(Method $method): string => $method->id(),
                array_values($hunts),
            )], true),
        ];
    }

    /**
     * The ways that fit a task, in the order in which solving tries them; why scaling works is not one of them.
     *
     * @return list<FactorsQuadratics>
     */
    public function fitting(Task $task): array
    {
        $order = [
            SpecialForms::class,
            SumProduct::class,
            Cross::class,
            SplitMiddle::class,
            ProductGrid::class,
            Trial::class,
            Scale::class,
        ];
        $fitting = array_filter($this->quadratic, static fn(FactorMethod $method): bool => \in_array(
            $method::class,
            $order,
            true,
        ) && $method->refusal($task) === null);
        usort($fitting, static fn(FactorMethod $first, FactorMethod $second): int => array_search(
            $first::class,
            $order,
            true,
        ) <=> array_search($second::class, $order, true));

        return $fitting;
    }
}
