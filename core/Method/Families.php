<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Power;
use Runel\Expression\Root;
use Runel\Ladder\Ladders;
use Runel\Message\Message;
use Runel\Message\NoSuchJob;
use Runel\Message\OutOfReach;
use Runel\Problem\Problem;

/** Every job there is. */
final readonly class Families
{
    /** @var array<string, list<Family>> those that have a way, by the way's id */
    private array $having;

    /** @param list<Family> $all one a job, in the order in which jobs that are equally likely are offered */
    public function __construct(public array $all)
    {
        $having = [];
        foreach ($all as $family) {
            foreach ($family->methods() as $method) {
                $having[$method->id()][] = $family;
            }
        }
        $this->having = $having;
    }

    /** @return list<Family> those that have a way of that id */
    public function having(string $method): array
    {
        return $this->having[$method] ?? [];
    }

    /** @throws NoSuchJob */
    public function of(string $job): Family
    {
        foreach ($this->all as $family) {
            if ($family->job() === $job) {
                return $family;
            }
        }
        throw new NoSuchJob(Message::of('error.no-such-job', ['found' => mb_substr($job, 0, 40)]));
    }

    /** @return list<string> the ids of all jobs */
    public function jobs(): array
    {
        return array_map(static fn(Family $family): string => $family->job(), $this->all);
    }

    /**
     * The jobs a problem has, the most likely one first; what its words ask for comes before all.
     *
     * @return non-empty-list<string>
     *
     * @throws OutOfReach where there is nothing to do with it, or not what is asked
     */
    public function ofProblem(Problem $problem): array
    {
        $jobs = array_map(
            static fn(Family $family): string => $family->job(),
            $this->likeliest($problem, $this->all),
        );
        $asked = \in_array($problem->askedJob(), $this->jobs(), true) ? $problem->askedJob() : null;
        $isSaidOfNumbers = $asked !== null && $jobs === [] && $this->of($asked) instanceof ShowsSides;
        if ($asked !== null && ($problem->letters !== [] || $isSaidOfNumbers)) {
            if (!\in_array($asked, $jobs, true)) {
                throw new OutOfReach($this->of($asked)->notThere($problem), $problem->awkwardAt ?? 1);
            }
            $jobs = [$asked, ...array_values(array_diff($jobs, [$asked]))];
        }

        return $jobs !== [] ? $jobs : throw new OutOfReach(self::nothing($problem), $problem->awkwardAt ?? 1);
    }

    /**
     * The job in which a problem opened that was kept without one, where families that came later would take it today;
     * null where its words say what to do, or nothing has changed.
     *
     * @throws OutOfReach where there is nothing to do with it
     */
    public function keptWithout(Task $task): ?string
    {
        $problem = $task->problem;
        $jobs = $this->ofProblem($problem);
        $fits = static fn(Method $method): bool => $method->refusal($task) === null;
        $earlier = array_values(array_filter($jobs, fn(string $job): bool => !$this->of($job) instanceof CameLater
            && array_filter($this->of($job)->methods(), $fits) !== []));

        return $problem->askedJob() !== null || $earlier === [] || $earlier[0] === $jobs[0] ? null : $earlier[0];
    }

    /**
     * The one that is asked for, or else the most likely one.
     *
     * @throws NoSuchJob  when it is none of the problem's
     * @throws OutOfReach where there is nothing to do with it
     */
    public function chosen(Problem $problem, ?string $asked): Family
    {
        $jobs = $this->ofProblem($problem);
        if ($asked === null) {
            return $this->of($jobs[0]);
        }
        $family = $this->of($asked);

        return \in_array($asked, $jobs, true)
            ? $family
            : throw new NoSuchJob(Message::of('error.job-not-here', ['job' => $asked]));
    }

    /**
     * Those of some jobs that a problem has, the most likely one first, whatever its words ask for.
     *
     * @param list<Family> $among
     *
     * @return list<Family>
     */
    public function likeliest(Problem $problem, array $among): array
    {
        $weights = array_filter(
            array_map(static fn(Family $family): int => match (true) {
                $problem->letters !== [] => $family->weight($problem),
                $family instanceof TakesNumbers => $family->weightOfNumbers($problem),
                default => Weight::NOT,
            }, $among),
            static fn(int $weight): bool => $weight > Weight::NOT,
        );
        arsort($weights);

        return array_map(static fn(int $place): Family => $among[$place], array_keys($weights));
    }

    /** What can be practised. */
    public function ladders(): Ladders
    {
        return new Ladders(array_merge(...array_map(
            static fn(Family $family): array => $family->ladders(),
            $this->all,
        )));
    }

    private static function nothing(Problem $problem): Message
    {
        $polynomial = $problem->polynomial;
        $isExpression = $problem->node instanceof Expression;

        return Message::of(match (true) {
            $isExpression && Inside::holds($problem->node, Root::class) => 'error.roots-so',
            $isExpression && $problem->letters === [] && Inside::holds($problem->node, Power::class)
                => 'error.powers-so',
            $problem->letters === [] => 'error.no-letter',
            !$isExpression && $problem->holdsPi() && \count($problem->letters) === 1 => 'error.powers-and-pi',
            $polynomial === null => 'error.not-polynomial',
            $isExpression && \count($polynomial->terms) < 2 => 'error.single-term',
            $isExpression && $polynomial->degree() < 2 => 'error.nothing-to-do',
            default => 'error.no-job',
        }, ['letter' => new Letter($problem->letters[0] ?? 'x')]);
    }
}
