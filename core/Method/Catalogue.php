<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Audit\Auditor;
use Runel\Audit\Unproved;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Message\Defect;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\NoSuchMethod;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;

/** Every family of methods, and the one way to a demonstration: built, audited, then given. */
final readonly class Catalogue
{
    /** @var \WeakMap<Task, array<string, Defect>> what has failed with a task, by job and method */
    private \WeakMap $failed;
    private Built $built;

    /**
     * @param Incidents|null $incidents where what fails is noted; null: it is thrown on
     */
    public function __construct(public Families $families, private ?Incidents $incidents = null)
    {
        $this->failed = new \WeakMap();
        $this->built = new Built();
    }

    /** @return list<Choice> every choice of every family, each key once */
    public function choices(): array
    {
        $choices = [];
        foreach ($this->families->all as $family) {
            foreach ($family->choices() as $choice) {
                $choices[$choice->key] = $choice;
            }
        }

        return array_values($choices);
    }

    /**
     * Every method of every job the problem has, with its forecast or its refusal; what fits comes first.
     *
     * @return list<Offer>
     *
     * @throws OutOfReach where there is nothing to do with it, or not what its words ask
     */
    public function offers(Task $task): array
    {
        return array_merge(...array_map(
            fn(string $job): array => $this->offersOf($this->families->of($job), $task),
            $this->families->ofProblem($task->problem),
        ));
    }

    /**
     * The job a task opens in where none is named; null where no way fits.
     *
     * @throws OutOfReach where there is nothing to do with it, or not what its words ask
     */
    public function opensIn(Task $task): ?string
    {
        foreach ($this->families->ofProblem($task->problem) as $job) {
            foreach ($this->offersOf($this->families->of($job), $task) as $offer) {
                if ($offer->forecast !== null) {
                    return $job;
                }
            }
        }

        return null;
    }

    /**
     * The audited demonstration of a task. A method that fails, or that the audit does not approve, is noted, and
     * passed over from then on: where none was named, the next one is taken.
     *
     * @param string|null $job    a job's id; left out, the problem's first job that has a demonstration
     * @param string|null $method a method's id; left out, the first one offered
     *
     * @throws Refusal  when there is nothing to show, with the reason
     * @throws Unproved when the audit finds a fault and there is nowhere to note it: a defect of Runel, never shown
     */
    public function demonstrate(Task $task, ?string $job = null, ?string $method = null): Demonstration
    {
        return $this->wanted($task, static fn(): bool => true, $job, $method)
            ?? throw new \LogicException('What is always wanted was not.');
    }

    /**
     * The same for whoever is choosy: what is not wanted is not audited, which is the dearer part, and not handed out.
     *
     * @param \Closure(Demonstration): bool $isWanted
     *
     * @return Demonstration|null null where it is not wanted
     *
     * @throws Refusal
     * @throws Unproved
     */
    public function wanted(
        Task $task,
        \Closure $isWanted,
        ?string $job = null,
        ?string $method = null,
    ): ?Demonstration {
        while (true) {
            $chosen = $this->choose($task, $job, $method);
            try {
                $demonstration = $this->built->by($chosen, $task);
                if (!$isWanted($demonstration)) {
                    return null;
                }
                Auditor::approve($demonstration);

                return $demonstration;
            } catch (Refusal $refusal) {
                throw $refusal;
            } catch (\Throwable $fault) {
                $this->note($fault, $task, $chosen);
            }
        }
    }

    /** @throws \Throwable the fault itself where there is nowhere to note it */
    private function note(\Throwable $fault, Task $task, Method $method): Defect
    {
        $id = "{$method->job()}.{$method->id()}";
        if ($this->incidents === null) {
            throw $fault;
        }
        $this->incidents->note($fault, $task, $id);
        $defect = new Defect(Message::of($fault instanceof Unproved ? 'error.unproved' : 'error.failed'));
        $this->failed[$task] = [$id => $defect] + ($this->failed[$task] ?? []);

        return $defect;
    }

    private function defect(Task $task, Method $method): ?Defect
    {
        return ($this->failed[$task] ?? [])["{$method->job()}.{$method->id()}"] ?? null;
    }

    /** @return list<Offer> */
    private function offersOf(Family $family, Task $task): array
    {
        $fitting = [];
        $refused = [];
        foreach ($family->methods() as $method) {
            $offer = $this->offer($method, $task);
            if ($offer->forecast !== null) {
                $fitting[] = $offer;
            } else {
                $refused[] = $offer;
            }
        }
        // What the problem's own words name comes first.
        $asked = $task->problem->asked->method($family->job());
        $rank = static fn(Offer $offer): array => [
            $offer->method->id() === $asked ? 0 : 1,
            ...$family->rank($offer, $task),
        ];
        usort($fitting, static fn(Offer $first, Offer $second): int => $rank($first) <=> $rank($second));

        return [...$fitting, ...$refused];
    }

    private function choose(Task $task, ?string $job, ?string $method): Method
    {
        // A way may be named with its job before it, as demonstrations write it: factor.cross.
        if ($method !== null && $job === null && str_contains($method, '.')) {
            [$job, $method] = explode('.', $method, 2);
        }
        if ($method !== null && $job === null && $task->problem->askedJob() === null) {
            // Only the jobs that have the way are weighed: weighing all is dear.
            $having = $this->families->likeliest($task->problem, $this->families->having($method));
            if ($having !== []) {
                return $this->named($task, $having, $method);
            }
        }
        $jobs = $job === null ? array_map(
            $this->families->of(...),
            $this->families->ofProblem($task->problem),
        ) : [$this->families->chosen($task->problem, $job)];
        if ($method !== null) {
            return $this->named($task, $jobs, $method);
        }
        $asked = $task->problem->asked->method($jobs[0]->job());
        if ($asked !== null) {
            return $this->named($task, [$jobs[0]], $asked);
        }
        // What the words ask for is done, or said why not: nothing else takes its place.
        $isAsked = $task->problem->askedJob() === $jobs[0]->job();
        $reason = null;
        foreach ($isAsked ? [$jobs[0]] : $jobs as $candidate) {
            foreach ($this->offersOf($candidate, $task) as $offer) {
                if ($offer->forecast !== null) {
                    return $offer->method;
                }
                // A reason that stands for good says more than one about a way.
                $reason = $reason instanceof MethodDoesNotApply && !$offer->refusal instanceof MethodDoesNotApply
                    ? $offer->refusal
                    : $reason ?? $offer->refusal;
            }
        }
        $better = null;
        foreach ($jobs as $family) {
            $better ??= $family->reason($task->problem);
        }
        throw match (true) {
            $reason !== null && !$reason instanceof MethodDoesNotApply => $reason,
            $better !== null => new OutOfReach($better),
            $reason === null => new OutOfReach(Message::of('error.no-job')),
            default => new OutOfReach($reason->reason),
        };
    }

    /** @param list<Family> $jobs */
    private function named(Task $task, array $jobs, string $id): Method
    {
        foreach ($jobs as $job) {
            foreach ($job->methods() as $method) {
                if ($method->id() === $id) {
                    $refusal = $this->defect($task, $method) ?? $method->refusal($task);

                    return $refusal === null ? $method : throw $refusal;
                }
            }
        }
        throw $this->families->having($id) !== []
            ? new MethodDoesNotApply(Message::of('error.method-of-other-job', ['method' => $id]))
            : new NoSuchMethod(Message::of('error.no-such-method', ['found' => mb_substr($id, 0, 40)]));
    }

    private function offer(Method $method, Task $task): Offer
    {
        try {
            $refusal = $this->defect($task, $method) ?? $method->refusal($task);

            return $refusal === null ? Offer::fits(
                $method,
                $this->built->by($method, $task)->forecast,
            ) : Offer::refuses($method, $refusal);
        } catch (Refusal $refusal) {
            return Offer::refuses($method, $refusal);
        } catch (\Throwable $fault) {
            return Offer::refuses($method, $this->note($fault, $task, $method));
        }
    }
}
