<?php

declare(strict_types=1);

namespace App\Ways;

use App\Board\Board;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Step;

/** One of two ways: its board, and what it costs. */
final readonly class Way
{
    /** @param string $side left or right */
    public function __construct(public string $side, public Board $board) {}

    public function method(): string
    {
        return $this->board->demonstration->method;
    }

    public function job(): string
    {
        return $this->board->demonstration->job;
    }

    public function forecast(): Forecast
    {
        return $this->board->demonstration->forecast;
    }

    /** @return list<Line> the side work of the current stop */
    public function sideWork(): array
    {
        return array_values(array_filter(
            $this->board->stop()?->content->lines ?? [],
            static fn(Line $line): bool => $line->link === Link::Side,
        ));
    }

    public function reach(int $by): int
    {
        return max(1, min($this->board->current + $by, \count($this->board->stops)));
    }

    /** How many steps warn of a slip that people make there. */
    public function slips(): int
    {
        return \count(
            array_filter($this->board->demonstration->steps(), static fn(Step $step): bool => $step->watch !== null),
        );
    }

    public function lines(): int
    {
        return array_sum(
            array_map(static fn(Step $step): int => \count($step->lines), $this->board->demonstration->steps()),
        );
    }

    /** @return list<Line> the lines of the chain written so far */
    public function chain(): array
    {
        $lines = [];
        foreach (\array_slice($this->board->stops, 0, $this->board->shown) as $stop) {
            if ($stop->content instanceof Step) {
                array_push($lines, ...array_filter(
                    $stop->content->lines,
                    static fn(Line $line): bool => $line->link !== Link::Side,
                ));
            }
        }

        return $lines;
    }
}
