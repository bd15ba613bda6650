<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Demonstration\Task;
use Runel\Job\Multiply\MultiplyFamily;
use Runel\Method\Family;
use Runel\Method\Method;
use Runel\Method\Offer;
use Runel\Problem\Job;
use Runel\Working\MultiplyBack;

/** The ways to divide one polynomial by another. */
final readonly class DivideFamily implements Family
{
    /** @var list<Method> */
    private array $methods;

    public function __construct(MultiplyFamily $multiplying)
    {
        $checks = new DivisionChecks(new MultiplyBack($multiplying));
        $this->methods = [new LongDivision($checks), new Synthetic($checks), new DivideByGrid($checks), new Bridge($checks)];
    }

    public function job(): Job
    {
        return Job::Divide;
    }

    public function methods(): array
    {
        return $this->methods;
    }

    /** Where the divisor is linear, numbers alone are enough; explanations come last. */
    public function rank(Offer $offer, Task $task): array
    {
        return [match (true) {
            $offer->method instanceof Synthetic => 0,
            $offer->method instanceof LongDivision => 1,
            $offer->method instanceof DivideByGrid => 2,
            default => 3,
        }];
    }

    public function choices(): array
    {
        return [];
    }
}
