<?php

declare(strict_types=1);

namespace App\Board;

use App\Http\Address;
use Runel\Demonstration\Check;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Step;

/** A demonstration as it stands at one stop: what is folded, what is open, what is lit. */
final readonly class Board
{
    /** @param list<Stop> $stops */
    private function __construct(public Demonstration $demonstration, public Address $address, public array $stops, public int $current) {}

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

        return new self($demonstration, $address, $stops, $current);
    }

    public function stop(): Stop
    {
        return $this->stops[$this->current - 1];
    }

    public function isLast(): bool
    {
        return $this->current === \count($this->stops);
    }

    /** The address of another stop. */
    public function link(int $number): string
    {
        return $this->address->to('/board', ['step' => max(1, min($number, \count($this->stops)))]);
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
        $reached = array_values(array_filter($stops, fn(Stop $stop): bool => $stop->number <= $this->current));

        return new Group($phase, $stops, $reached, $number === $this->stop()->group, $this->mainLine($reached));
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

    /** The figure of the current section as it stands now. */
    public function figure(): ?Figure
    {
        $current = $this->stop();
        if ($current->content instanceof Check) {
            return $current->content->figure;
        }
        for ($number = $this->current; $number >= 1; --$number) {
            $stop = $this->stops[$number - 1];
            if ($stop->group !== $current->group) {
                return null;
            }
            if ($stop->content instanceof Step && $stop->content->figure !== null) {
                return $stop->content->figure;
            }
        }

        return null;
    }
}
