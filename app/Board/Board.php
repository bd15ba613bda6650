<?php

declare(strict_types=1);

namespace App\Board;

use App\Http\Address;
use Runel\Demonstration\Check;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\PairHunt;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Judging\Judge;
use Runel\Judging\OwnPair;
use Runel\Judging\Verdict;

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
        foreach ($demonstration->checks as $check) {
            $stops[] = new Stop(\count($stops) + 1, \count($demonstration->sections), $check);
        }
        $current = match (true) {
            $address->step === 'last' => \count($stops),
            ctype_digit($address->step) && \strlen($address->step) < 6 => max(1, min((int) $address->step, \count($stops))),
            default => 1,
        };

        $content = $stops[$current - 1]->content;
        $question = $address->ask && $content instanceof Step ? $content->question : null;
        $verdict = $question !== null && $address->answer !== null && !$address->reveal ? Judge::verdict($question, $address->answer) : null;
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

    /** The section that stands open. */
    private function openGroup(): int
    {
        return ($this->stop() ?? $this->stops[0])->group;
    }

    public function isLast(): bool
    {
        return $this->shown === \count($this->stops);
    }

    /** The address of another stop; going back does not ask again. */
    public function link(int $number): string
    {
        return $this->address->to('/board', [
            'step' => max(1, min($number, \count($this->stops))),
            'reveal' => $this->address->ask && $number < $this->current ? 1 : null,
        ]);
    }

    /** What "next" does: reveal what was asked, or go on. */
    public function onward(): string
    {
        return $this->question() !== null ? $this->address->to('/board', ['step' => $this->current, 'reveal' => 1]) : $this->link($this->current + 1);
    }

    /** @return list<Group> the sections reached so far, the current one open */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->demonstration->sections as $number => $section) {
            $groups[] = $this->group($number, $section->phase->value);
        }
        $groups[] = $this->group(\count($this->demonstration->sections), 'checking');

        return array_values(array_filter($groups, static fn(Group $group): bool => $group->stops !== []));
    }

    private function group(int $number, string $phase): Group
    {
        $stops = array_values(array_filter($this->stops, static fn(Stop $stop): bool => $stop->group === $number));
        $reached = array_values(array_filter($stops, fn(Stop $stop): bool => $stop->number <= $this->shown));

        return new Group($phase, $stops, $reached, $number === $this->openGroup(), $this->mainLine($reached));
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

    /** What became of a pair of the tutor's own, where one was tested. */
    public function ownPair(): ?OwnPair
    {
        $figure = $this->figure();

        return $this->address->pair !== null && $figure instanceof PairHunt ? OwnPair::of($figure, $this->address->pair) : null;
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
}
