<?php

declare(strict_types=1);

namespace App\Slates;

use App\Address\Address;
use App\Address\Standing;
use App\Board\Board;
use App\Demonstrations\Demonstrations;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Method\Catalogue;

/** The step of a demonstration that a room is asked for: its question, and the work that stands before it. */
final readonly class AskedStep
{
    private function __construct(public Board $board, public Question $question, public Step $step) {}

    /**
     * The first step with a question, from where a board stands.
     *
     * @param array<array-key, mixed> $parts of a board's address
     *
     * @return self|null null where nothing more is asked
     *
     * @throws \Runel\Message\Refusal when there is no such board
     */
    public static function from(array $parts, Demonstrations $demonstrations, Catalogue $catalogue): ?self
    {
        $standing = Standing::lenient($catalogue, $parts);
        $address = Address::of($parts, $standing->style, $standing->choices);
        $demonstration = $demonstrations->of(
            $address->task(),
            $address->reference->job,
            $address->reference->method,
        );
        $board = Board::at($demonstration, $address);
        $steps = $demonstration->steps();
        // A board that asks already has its question open; on any other the next one is meant.
        for ($place = $board->shown; $place < \count($steps); ++$place) {
            $question = $steps[$place]->question;
            if ($question !== null) {
                $asking = $address->at((string) ($place + 1))->asking();

                return new self(Board::at($demonstration, $asking), $question, $steps[$place]);
            }
        }

        return null;
    }

    /** @return array<string, string> the parts of its address, to be kept */
    public function parts(): array
    {
        return array_map(strval(...), $this->board->address->query());
    }

    /** @return array<string, string|int> the parts of the board's address with the step shown */
    public function after(): array
    {
        return $this->board->address->query(['ask' => null, 'step' => $this->board->current]);
    }

    /** The board with the step shown. */
    public function shown(): string
    {
        return $this->board->address->to('board', ['ask' => null]);
    }

    /** The line that stands there before the step; null where there is none. */
    public function before(): ?Line
    {
        foreach (array_reverse(\array_slice($this->board->stops, 0, $this->board->shown)) as $stop) {
            foreach (array_reverse($stop->content->lines) as $line) {
                if ($line->link !== Link::Side) {
                    return $line;
                }
            }
        }

        return null;
    }

    /** @return list<Line> what the step writes */
    public function lines(): array
    {
        return $this->step->lines;
    }
}
