<?php

declare(strict_types=1);

namespace App\Turn;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use Runel\Demonstration\Check;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Job\Jobs;
use Runel\Marking\Guidance;
use Runel\Marking\LineVerdict;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Marking\Marking;
use Runel\Marking\SideBySide;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Offer;
use Runel\Method\Wanting;
use Runel\Proof\Effort;
use Runel\Slip\Slip;

/** A learner at work on a problem, or from a step of a demonstration on: a pure function of the address. */
final readonly class YourTurn
{
    /** The work that judging the lines may take, in steps. */
    private const EFFORT = 300_000;

    /**
     * @param list<Line> $given what a demonstration has written already
     * @param Door|null  $door  where the problem was handed out; null where the room is open to everybody
     */
    private function __construct(
        public Address $address,
        public TurnQuery $query,
        public Task $task,
        public string $job,
        public array $given,
        public Marking $marking,
        private Catalogue $catalogue,
        private Demonstrations $demonstrations,
        public ?Door $door,
    ) {}

    /**
     * @param array<array-key, mixed> $query
     *
     * @throws Refusal when the problem cannot be read, or the job is none of its
     */
    public static function of(
        array $query,
        Address $address,
        Demonstrations $demonstrations,
        Catalogue $catalogue,
    ): self {
        $task = $address->task();
        $job = Jobs::all()->chosen($task->problem, $address->reference->job)->job();
        $given = $address->reference->method === null
            ? []
            : self::written($demonstrations->of($task, $job, $address->reference->method), $address->step);
        $turn = TurnQuery::of($query);
        $marking = Marker::mark(
            $catalogue,
            $task,
            $job,
            $turn->lines,
            array_map(self::bare(...), $given),
            Effort::of(self::EFFORT),
        );

        return new self($address, $turn, $task, $job, $given, $marking, $catalogue, $demonstrations, null);
    }

    /**
     * Work that was handed out, as it stands in the record.
     *
     * @throws Refusal when the problem can no longer be read
     */
    public static function handed(
        TurnQuery $query,
        Address $address,
        Demonstrations $demonstrations,
        Catalogue $catalogue,
        Door $door,
    ): self {
        $task = $address->task();
        $job = Jobs::all()->chosen($task->problem, $address->reference->job)->job();
        $marking = Marker::mark($catalogue, $task, $job, $query->lines, effort: Effort::of(self::EFFORT));

        return new self($address, $query, $task, $job, [], $marking, $catalogue, $demonstrations, $door);
    }

    /**
     * Whether the last line cannot stay, so that it is mended before anything else. A branch that was taken for the
     * whole can: the others may stand on the lines to come.
     */
    public function isStuck(): bool
    {
        $last = $this->last();

        return $last !== null && $last->verdict->fails() && $last->branch === null;
    }

    public function last(): ?MarkedLine
    {
        return $this->marking->lines[\count($this->marking->lines) - 1] ?? null;
    }

    /** Sought anew each time: a page asks for it once. */
    public function help(): TurnHelp
    {
        return TurnHelp::of($this, $this->catalogue);
    }

    /** The last line of a demonstration that the work began from; null where it began from the problem. */
    public function start(): ?Node
    {
        $last = $this->given[\count($this->given) - 1] ?? null;

        return $last === null ? null : self::bare($last);
    }

    /** @return list<Slip> the slips made on the way, those mended since too, each as often as it was made */
    public function slips(): array
    {
        $standing = array_values(array_filter(array_map(
            static fn(MarkedLine $line): ?Slip => $line->slip,
            $this->marking->lines,
        )));

        return [...$this->query->mended, ...$standing];
    }

    /** @return list<Check> of the first way there is */
    public function checks(): array
    {
        return $this->demonstration($this->address->reference->method)?->checks() ?? [];
    }

    /** @return list<Offer> the ways the lines can be compared with */
    public function ways(): array
    {
        return array_values(array_filter(
            $this->demonstrations->offers($this->task),
            fn(Offer $offer): bool => $offer->forecast !== null && $offer->method->job() === $this->job,
        ));
    }

    /** The lines beside those of the way asked for; null where none is, or that one does not fit. */
    public function comparison(): ?SideBySide
    {
        $way = $this->query->compare === null ? null : $this->demonstration($this->query->compare);

        return $way === null ? null : SideBySide::of($this->marking->lines, $way);
    }

    /** Null where there is nothing to show. */
    public function demonstration(?string $method): ?Demonstration
    {
        try {
            return $this->demonstrations->of($this->task, $this->job, $method);
        } catch (Refusal) {
            return null;
        }
    }

    /**
     * This room with something changed.
     *
     * @param array<string, mixed> $changes null takes a part out
     */
    public function to(array $changes): string
    {
        return $this->path() . '?' . http_build_query(
            $this->parts($changes),
            '',
            '&',
            \PHP_QUERY_RFC3986,
        );
    }

    /** Where the field is sent. */
    public function path(): string
    {
        return $this->door->path ?? route('your-turn', [], false);
    }

    /**
     * The parts of the query; help belongs to one line and is not carried on.
     *
     * @param array<string, mixed> $changes null takes a part out
     *
     * @return array<string, mixed>
     */
    public function parts(array $changes = []): array
    {
        $step = $this->given === [] ? null : $this->address->step;

        return array_filter(
            $changes + $this->query->parts()
                + ($this->door->key ?? $this->address->query(['step' => $step, 'ask' => null])),
            static fn(mixed $value): bool => $value !== null && $value !== [],
        );
    }

    /** Whether the field is for the last line once more: it cannot stay, and the learner has not chosen to go on. */
    public function isMending(): bool
    {
        return $this->isStuck() && !$this->query->goesOn;
    }

    /** What stands in the field. */
    public function draft(): string
    {
        return $this->query->draft !== '' || !$this->isMending()
            ? $this->query->draft
            : (string) $this->last()?->typed;
    }

    /** Whether the last line is right and something is missing that can be named. */
    public function stillWants(): bool
    {
        return !\in_array($this->marking->wants, [null, Wanting::Lines, Wanting::Truth], true);
    }

    /** @return list<MarkedLine> the lines that stand on the sheet: one that cannot be read stays in the field */
    public function shown(): array
    {
        $isInField = $this->isMending() && $this->last()?->verdict === LineVerdict::Unreadable;

        return $isInField ? \array_slice($this->marking->lines, 0, -1) : $this->marking->lines;
    }

    /**
     * What goes along when the field is sent: a line that is mended is written anew, its slip stays counted.
     *
     * @return array<string, mixed>
     */
    public function sent(): array
    {
        if ($this->door !== null) {
            // So many lines were seen; what was written elsewhere since is not written over.
            return ['seen' => \count($this->query->lines), 'opened' => $this->door->opened];
        }
        if (!$this->isMending()) {
            return $this->parts(['compare' => null]);
        }
        $slip = $this->last()?->slip;

        return $this->parts([
            'line' => \array_slice($this->query->lines, 0, -1),
            'mended' => [
                ...array_map(static fn(Slip $made): string => $made->value, $this->query->mended),
                ...($slip === null ? [] : [$slip->value]),
            ],
            'compare' => null,
        ]);
    }

    /** The last line taken back. */
    public function undone(): string
    {
        return $this->to(['line' => \array_slice($this->query->lines, 0, -1), 'compare' => null]);
    }

    /** Where the work is shown from here on, by who gives up. */
    public function watching(?Guidance $guidance): string
    {
        $own = $guidance?->demonstration->task === $this->task ? $guidance : null;

        return $this->address->to('board', [
            'job' => $this->job,
            'method' => $own?->demonstration->method ?? $this->address->reference->method,
            'step' => $own === null ? 1 : $own->step,
            'ask' => null,
        ]);
    }

    /**
     * What a demonstration has written down to a step, the last line of each step.
     *
     * @return list<Line>
     */
    private static function written(Demonstration $demonstration, string $until): array
    {
        $steps = $demonstration->steps();
        $number = ctype_digit($until) && \strlen($until) < 6 ? (int) $until : 0;
        $lines = [];
        foreach (\array_slice($steps, 0, $number) as $step) {
            foreach (self::chain($step) as $line) {
                $lines[] = $line;
            }
        }

        return $number >= \count($steps) ? [] : $lines;
    }

    /** @return list<Line> the lines that carry the whole work on: on a branch only a part of it goes on */
    private static function chain(Step $step): array
    {
        return array_values(array_filter(
            $step->lines,
            static fn(Line $line): bool => !\in_array($line->link, [Link::Side, Link::Given], true)
                && $line->branch === null,
        ));
    }

    private static function bare(Line $line): Node
    {
        return Rewriter::unmarked($line->node);
    }
}
