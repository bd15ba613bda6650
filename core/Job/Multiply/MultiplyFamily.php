<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Task;
use Runel\Method\Choice;
use Runel\Method\Family;
use Runel\Method\Multiplies;
use Runel\Method\Offer;
use Runel\Problem\Job;

/** The ways to multiply. */
final readonly class MultiplyFamily implements Family
{
    /** The standing choice of how a factoring is multiplied back. */
    public const CHECK_BY = 'check-by';

    /** @var list<MultiplyMethod> */
    private array $methods;

    public function __construct()
    {
        $this->methods = [
            new MultiplyByGrid($this), new TermByTerm($this), new ByDegree($this), new MultiplyInColumns($this), new SpecialProducts($this),
        ];
    }

    public function job(): Job
    {
        return Job::Multiply;
    }

    public function methods(): array
    {
        return $this->methods;
    }

    public function rank(Offer $offer, Task $task): array
    {
        return [];
    }

    public function choices(): array
    {
        return [
            new Choice(MultiplicationPlan::CHOICE, null),
            new Choice(self::CHECK_BY, ['term-by-term', 'grid', 'by-degree', 'columns'], true),
        ];
    }

    /**
     * The ways to multiply back, the tutor's favourite first.
     *
     * @return list<Multiplies>
     */
    public function checking(Task $task): array
    {
        $wanted = $task->choice(self::CHECK_BY);
        $favourite = array_filter($this->methods, static fn(MultiplyMethod $method): bool => $method->id() === $wanted);

        return array_values([...$favourite, $this->methods[1]]);
    }
}
