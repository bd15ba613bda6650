<?php

declare(strict_types=1);

namespace App\Turn;

use App\Address\Address;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Marking\LineVerdict;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Proof\Effort;

/** A page of work with one slip in it: the learner points at the line, mends it, and takes it to the end. */
final readonly class SlipHunt
{
    /** The work that judging one page may take, in steps. */
    private const EFFORT = 1_500_000;

    /**
     * @param list<string>     $page   its lines as typed
     * @param list<MarkedLine> $lines  the same, judged
     * @param int|null         $picked which line the learner points at, from 1
     * @param Door|null        $door   where it was handed out
     */
    private function __construct(
        public Task $task,
        public string $job,
        public Address $address,
        public array $page,
        public array $lines,
        public ?int $picked,
        public ?Door $door,
    ) {}

    /**
     * @param list<string> $page
     *
     * @throws Refusal when the problem cannot be read
     */
    public static function of(
        Catalogue $catalogue,
        Address $address,
        array $page,
        ?int $picked,
        ?Door $door = null,
    ): self {
        $task = $address->task();
        $job = Jobs::all()->chosen($task->problem, $address->reference->job)->job();
        $page = \array_slice($page, 0, TurnQuery::MOST_LINES);
        $lines = Marker::mark($catalogue, $task, $job, $page, effort: Effort::of(self::EFFORT))->lines;

        return new self($task, $job, $address, $page, $lines, isset($lines[$picked - 1]) ? $picked : null, $door);
    }

    /** Whether the line that is pointed at is the one with the slip. */
    public function isFound(): bool
    {
        return $this->picked !== null && $this->lines[$this->picked - 1]->verdict === LineVerdict::Wrong;
    }

    /** @return list<string> what stands above the line that is pointed at */
    public function above(): array
    {
        return \array_slice($this->page, 0, (int) $this->picked - 1);
    }

    /** Where a line is pointed at. */
    public function pick(int $line): string
    {
        return $this->door === null
            ? $this->address->to('spot', ['step' => null]) . '&' . http_build_query([
                'page' => $this->page,
                'pick' => $line,
            ])
            : $this->door->entry() . "&pick=$line";
    }

    /** Where the work goes on from what stands above the slip, of a page that nobody handed out. */
    public function mend(): string
    {
        return $this->address->to('your-turn', ['job' => $this->job, 'method' => null, 'step' => null]) . '&'
            . http_build_query(['line' => $this->above()]);
    }
}
