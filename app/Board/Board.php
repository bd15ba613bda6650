<?php

declare(strict_types=1);

namespace App\Board;

use App\Address\Address;
use App\Faces\Format;
use Runel\Demonstration\Check;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\ArrangementHuntFigure;
use Runel\Demonstration\Figure\ArrangementRow;
use Runel\Demonstration\Figure\CrossingGridFigure;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Figure\PairRow;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Job\Jobs;
use Runel\Judging\Judge;
use Runel\Judging\OwnArrangement;
use Runel\Judging\OwnPair;
use Runel\Judging\Verdict;
use Runel\Message\Message;

/** A demonstration as it stands at one stop: what is folded, what is open, what is lit. */
final readonly class Board
{
    /**
     * @param list<Stop>   $stops
     * @param int          $current where the board stands, from 1
     * @param int          $shown   the last stop to be seen: one less than the current one while its question is open
     * @param Verdict|null $verdict what became of an answer to the current stop's question
     */
    private function __construct(
        public Demonstration $demonstration,
        public Address $address,
        public array $stops,
        public int $current,
        public int $shown,
        public ?Verdict $verdict,
    ) {}

    public static function at(Demonstration $demonstration, Address $address): self
    {
        $stops = [];
        foreach ($demonstration->sections as $group => $section) {
            foreach ($section->steps as $step) {
                $stops[] = new Stop(\count($stops) + 1, $group, $step);
            }
        }
        foreach ($demonstration->furtherChecks() as $check) {
            $stops[] = new Stop(\count($stops) + 1, \count($demonstration->sections), $check);
        }
        $current = match (true) {
            $address->step === 'last' => \count($stops),
            ctype_digit($address->step) && \strlen($address->step) < 6 => max(1, min(
                (int) $address->step,
                \count($stops),
            )),
            default => 1,
        };

        $content = $stops[$current - 1]->content;
        $question = $address->ask && $content instanceof Step ? $content->question : null;
        $verdict = $question !== null && $address->answer !== null && !$address->reveal ? Judge::verdict(
            $question,
            $address->answer,
            Jobs::all()->of($demonstration->job)->rules(),
        ) : null;
        $open = $question !== null && !$address->reveal && $verdict?->right !== true;

        return new self($demonstration, $address, $stops, $current, $open ? $current - 1 : $current, $verdict);
    }

    /** The stop whose work was written last; none while the very first question is open. */
    public function stop(): ?Stop
    {
        return $this->stops[$this->shown - 1] ?? null;
    }

    /** The question that is open, if one is. */
    public function question(): ?Question
    {
        $content = $this->stops[$this->current - 1]->content;

        return $this->shown < $this->current && $content instanceof Step ? $content->question : null;
    }

    /** Whether questions come first, but the step shown has none. */
    public function isTold(): bool
    {
        $content = $this->stops[$this->current - 1]->content;

        return $this->address->ask && $content instanceof Step && $content->question === null;
    }

    /** The section that stands open. */
    private function openGroup(): int
    {
        return ($this->stop() ?? $this->stops[0])->group;
    }

    public function isLast(): bool
    {
        return $this->shown === \count($this->stops);
    }

    /** The last stop a lesson wants to be seen; without one, the very last. */
    public function end(): int
    {
        return min($this->address->until ?? \PHP_INT_MAX, \count($this->stops));
    }

    /** The address of another stop; going back does not ask again. */
    public function link(int $number): string
    {
        return $this->address->to('board', [
            'step' => max(1, min($number, \count($this->stops))),
            'reveal' => $this->address->ask && $number < $this->current ? 1 : null,
        ]);
    }

    /** What "next" does: reveal what was asked, or go on. */
    public function onward(): string
    {
        return $this->question() !== null ? $this->address->to('board', [
            'step' => $this->current,
            'reveal' => 1,
        ]) : $this->link($this->current + 1);
    }

    /** @return list<Group> the sections reached so far, the current one open */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->demonstration->sections as $number => $section) {
            $groups[] = $this->group($number, $section->phase->value, $section->title(), $section->outcome);
        }
        $groups[] = $this->group(
            \count($this->demonstration->sections),
            'checking',
            Message::of('name.phase.checking'),
            null,
        );

        return array_values(array_filter($groups, static fn(Group $group): bool => $group->stops !== []));
    }

    private function group(int $number, string $phase, Message $title, ?Message $outcome): Group
    {
        $stops = array_values(array_filter($this->stops, static fn(Stop $stop): bool => $stop->group === $number));
        $reached = array_values(array_filter($stops, fn(Stop $stop): bool => $stop->number <= $this->shown));
        $line = $this->mainLine($reached);
        if ($outcome === null && $line === null && $reached !== []) {
            // Where no line was written that goes on, what was done last is what came of it.
            $outcome = $reached[\count($reached) - 1]->content->title;
        }

        return new Group(
            $phase,
            $title,
            $stops,
            $reached,
            $number === $this->openGroup(),
            $line,
            \count($reached) === \count($stops) ? $outcome : null,
        );
    }

    /**
     * The last line of the chain written in some stops.
     *
     * @param list<Stop> $stops
     */
    private function mainLine(array $stops): ?Line
    {
        foreach (array_reverse($stops) as $stop) {
            foreach (array_reverse($stop->content->lines) as $line) {
                if ($line->link !== Link::Side) {
                    return $line;
                }
            }
        }

        return null;
    }

    /** What became of a pair or an arrangement of the tutor's own, where one was tested. */
    public function own(): OwnPair|OwnArrangement|null
    {
        $hunt = $this->hunt();

        return match (true) {
            $this->address->pair === null || $hunt === null => null,
            $hunt instanceof PairHuntFigure => OwnPair::of($hunt, $this->address->pair),
            default => OwnArrangement::of($hunt, $this->address->pair),
        };
    }

    /** The figure of the current section as it stands now. */
    public function figure(): ?Figure
    {
        $shown = $this->stop();
        if ($shown === null || $shown->content instanceof Check) {
            return $shown?->content->figure;
        }
        for ($number = $this->shown; $number >= 1; --$number) {
            $stop = $this->stops[$number - 1];
            if ($stop->group !== $shown->group) {
                return null;
            }
            if ($stop->content instanceof Step && $stop->content->figure !== null) {
                return $stop->content->figure;
            }
        }

        return null;
    }

    public function isChecking(): bool
    {
        return $this->stop()?->content instanceof Check;
    }

    /** @return list<Line> what is kept of a stop once its section is folded: side work stays with its figure */
    public function kept(Stop $stop): array
    {
        $figure = $stop->content->figure;

        return array_values(array_filter(
            $stop->content->lines,
            static fn(Line $line): bool => $line->link !== Link::Side || $figure === null,
        ));
    }

    /**
     * @return list<Line> the lines of a stop that stand on the sheet of the open section: beside a figure, the newest
     *                    stand under it
     */
    public function onSheet(Stop $stop): array
    {
        return match (true) {
            $stop->number !== $this->shown => $this->kept($stop),
            $this->figure() === null => $stop->content->lines,
            default => [],
        };
    }

    /** The hunt that is on, if one is: its figure may stay beside what is written afterwards. */
    public function hunt(): PairHuntFigure|ArrangementHuntFigure|null
    {
        $figure = $this->figure();
        $figure = $figure instanceof CrossingGridFigure ? $figure->hunt : $figure;
        $isHunt = $figure instanceof PairHuntFigure || $figure instanceof ArrangementHuntFigure;
        $section = $this->demonstration->sections[$this->stop()->group ?? 0] ?? null;

        return $isHunt && $section?->phase === Phase::Hunting ? $figure : null;
    }

    /** @return list<string> what a hunt passed over quickly, a line each; the first of many */
    public function passedOver(): array
    {
        $figure = $this->hunt();

        return match (true) {
            $figure instanceof PairHuntFigure => array_map(
                static fn(PairRow $row): string => "$row->number. $row->left, $row->right → {$row->sum()}",
                $figure->folded,
            ),
            $figure instanceof ArrangementHuntFigure => array_map(
                static fn(ArrangementRow $row): string =>
                    "$row->number. $row->m, $row->n | $row->r, $row->s → $row->total",
                $figure->folded,
            ),
            default => [],
        };
    }

    public function passedCount(): int
    {
        return $this->hunt()->passed ?? 0;
    }

    /** @return array<string, string> the addresses of the whole demonstration as a file, by format */
    public function files(): array
    {
        $files = [];
        foreach (Format::files() as $format) {
            $files[$format->value] = $this->address->to('file', ['step' => null, 'ask' => null, 'present' => null], [
                'extension' => $format->extension(),
            ]);
        }

        return $files;
    }

    /** @return array<string, string> what has to go along to come back here */
    public function place(): array
    {
        return [
            'problem' => $this->address->problem(),
            'job' => $this->demonstration->job,
            'method' => $this->demonstration->method,
            'step' => (string) $this->current,
        ];
    }

    public function pens(): Pens
    {
        return new Pens($this);
    }
}
