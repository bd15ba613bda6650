<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Audit\Auditor;
use Runel\Audit\Unproved;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\NoSuchJob;
use Runel\Message\NoSuchMethod;
use Runel\Message\NotYet;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Message\TooLarge;
use Runel\Problem\Job;

/** Every method there is, and the one way to a demonstration: built, audited, then given. */
final readonly class Catalogue
{
    /** Every method by job and id, in the order in which they are offered when nothing else decides. */
    private const METHODS = [
        'multiply' => [
            'grid' => Multiply\Grid::class,
            'term-by-term' => Multiply\TermByTerm::class,
            'by-degree' => Multiply\ByDegree::class,
            'columns' => Multiply\Columns::class,
            'special' => Multiply\Special::class,
        ],
        'factor' => [
            'special' => Factor\Special::class,
            'sum-product' => Factor\SumProduct::class,
            'split-middle' => Factor\SplitMiddle::class,
            'product-grid' => Factor\ProductGrid::class,
            'cross' => Factor\Cross::class,
            'trial' => Factor\Trial::class,
            'scale' => Factor\Scale::class,
            'scale-why' => Factor\ScaleWhy::class,
        ],
        'solve' => [
            'factoring' => Solve\Factoring::class,
        ],
    ];

    private function __construct() {}

    public static function standard(): self
    {
        return new self();
    }

    /** @return list<Method> of one job */
    public function ofJob(Job $job): array
    {
        return array_map(static fn(string $method): Method => new $method(), array_values(self::METHODS[$job->value] ?? []));
    }

    /**
     * Every method of every job the problem has, with its forecast or its refusal; what fits comes first.
     *
     * @return list<Offer>
     */
    public function offers(Task $task): array
    {
        $offers = [];
        foreach ($task->problem->jobs as $job) {
            $own = [];
            foreach ($this->ofJob($job) as $method) {
                $own[] = self::offer($method, $task);
            }
            usort($own, Offer::comparison($task));
            array_push($offers, ...$own);
        }

        return $offers;
    }

    /**
     * The audited demonstration of a task.
     *
     * @param string|null $job    a job's id; left out, the problem's first job that has a demonstration
     * @param string|null $method a method's id; left out, the first that fits
     *
     * @throws Refusal  when there is nothing to show, with the reason
     * @throws Unproved when the audit finds a fault: a defect of Runel, never shown
     */
    public function demonstrate(Task $task, ?string $job = null, ?string $method = null): Demonstration
    {
        $demonstration = $this->choose($task, $job, $method)->demonstrate($task);
        Auditor::approve($demonstration);

        return $demonstration;
    }

    private function choose(Task $task, ?string $job, ?string $method): Method
    {
        $jobs = $job === null ? $task->problem->jobs : [$this->job($task, $job)];
        if ($method !== null) {
            return $this->named($task, $jobs, $method);
        }
        $reason = null;
        foreach ($jobs as $candidate) {
            $methods = $this->ofJob($candidate);
            usort($methods, static fn(Method $first, Method $second): int => ($second->id() === $task->style->get('favourite')) <=> ($first->id() === $task->style->get('favourite')));
            foreach ($methods as $own) {
                $refusal = $own->refusal($task);
                if ($refusal === null) {
                    return $own;
                }
                $reason ??= $refusal;
            }
        }
        // Equations that cannot be factored will have their own methods one day; nothing else is in sight for the rest.
        throw match (true) {
            $reason === null => new NotYet(Message::of('error.not-yet', ['job' => $jobs[0]->value])),
            \in_array(Job::Solve, $jobs, true) => new NotYet($reason),
            default => new OutOfReach($reason),
        };
    }

    /** @param list<Job> $jobs */
    private function named(Task $task, array $jobs, string $id): Method
    {
        foreach ($jobs as $job) {
            $class = self::METHODS[$job->value][$id] ?? null;
            if ($class === null) {
                continue;
            }
            $method = new $class();
            $refusal = $method->refusal($task);

            return $refusal === null ? $method : throw new MethodDoesNotApply($refusal);
        }
        if (array_filter($jobs, static fn(Job $job): bool => isset(self::METHODS[$job->value])) === []) {
            throw new NotYet(Message::of('error.not-yet', ['job' => $task->problem->jobs[0]->value]));
        }
        throw array_filter(self::METHODS, static fn(array $methods): bool => isset($methods[$id])) === []
            ? new NoSuchMethod(Message::of('error.no-such-method', ['found' => mb_substr($id, 0, 40)]))
            : new MethodDoesNotApply(Message::of('error.method-of-other-job', ['method' => $id]));
    }

    private function job(Task $task, string $id): Job
    {
        $job = Job::tryFrom($id);
        if ($job === null) {
            throw new NoSuchJob(Message::of('error.no-such-job', ['found' => mb_substr($id, 0, 40)]));
        }
        if (!\in_array($job, $task->problem->jobs, true)) {
            throw new NoSuchJob(Message::of('error.job-not-here', ['job' => $id]));
        }

        return $job;
    }

    private static function offer(Method $method, Task $task): Offer
    {
        try {
            $refusal = $method->refusal($task);

            return $refusal === null ? Offer::fits($method, $method->demonstrate($task)->forecast) : Offer::refuses($method, $refusal);
        } catch (TooLarge $tooLarge) {
            return Offer::refuses($method, $tooLarge->reason);
        }
    }
}
