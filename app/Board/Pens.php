<?php

declare(strict_types=1);

namespace App\Board;

use Runel\Demonstration\Answer\DivisionAnswer;
use Runel\Notation\Ascii;
use Runel\Polynomial\Polynomial;

/** What stands in the bar under a board. */
final readonly class Pens
{
    public function __construct(private Board $board) {}

    /** @return list<Pen> what moves along the demonstration */
    public function along(): array
    {
        $start = $this->board->current === 1;
        $isEnd = $this->board->shown >= $this->board->end();

        return [
            new Pen('pen-first', 'Home', 'first', $this->board->link(1), off: $start),
            new Pen('pen-back', '←', 'back', $this->board->link($this->board->current - 1), off: $start),
            new Pen(
                'pen-next',
                '→',
                $this->board->question() === null ? 'next' : 'reveal',
                $this->board->onward(),
                main: true,
                off: $isEnd,
            ),
            new Pen('pen-all', 'End', 'all', $this->board->link($this->board->end()), off: $isEnd),
        ];
    }

    /** @return list<Pen> what leads to other rooms and modes */
    public function away(): array
    {
        $onward = $this->goingOn();
        $address = $this->board->address;
        $asking = $address->ask;
        $presenting = $address->present;

        return [
            ...($onward === null ? [] : [new Pen('pen-go-on', 'g', 'go-on', $onward)]),
            new Pen('pen-ask', 'q', $asking ? 'ask-end' : 'ask', $address->to('board', [
                'ask' => $asking ? null : 1,
                'step' => $this->board->current + ($asking || $this->board->isLast() ? 0 : 1),
            ])),
            new Pen('pen-turn', 'y', 'your-turn', $this->yourTurn()),
            new Pen('pen-ways', '2', 'two-ways', $address->to('two-ways', [
                'left' => $this->board->demonstration->method, 'method' => null, 'step' => null, 'present' => null,
                'ask' => null,
            ])),
            new Pen('pen-another', 'w', 'another', $address->to(
                'bench',
                ['step' => null, 'method' => null, 'present' => null],
            )),
            ...array_map(fn(string $room): Pen => new Pen(
                "pen-$room",
                $room === 'changed' ? 'o' : '',
                $room,
                $address->to($room, [
                    'job' => $this->board->demonstration->job,
                    'method' => $this->board->demonstration->method,
                    'step' => null,
                    'ask' => null,
                    'present' => null,
                ]),
            ), ['changed', 'teachers', 'card']),
            new Pen('pen-present', 'p', $presenting ? 'present-end' : 'present', $address->to('board', [
                'present' => $presenting ? null : 1,
                'step' => $this->board->current,
            ])),
            new Pen('pen-help', '?', 'help', '#help'),
        ];
    }

    /** What a division without a remainder leaves to go on with, once it is said; null where there is nothing. */
    private function goingOn(): ?string
    {
        $answer = $this->board->demonstration->answer;
        $isSaid = ($this->board->stop()->group ?? 0) >= \count($this->board->demonstration->sections) - 1;
        $quotient = $isSaid && $answer instanceof DivisionAnswer ? $answer->factor() : null;
        if ($quotient === null || Polynomial::fromExpression($quotient)->degree() < 2) {
            return null;
        }

        return $this->board->address->to('board', [
            'problem' => Ascii::typed($quotient),
            'job' => 'factor', 'method' => null, 'step' => null, 'ask' => null,
        ]);
    }

    /** The problem for a learner; after the first line, from this step on. */
    private function yourTurn(): string
    {
        $isWhole = $this->board->shown <= 1 || $this->board->isChecking() || $this->board->isLast();

        return $this->board->address->to('your-turn', [
            'job' => $this->board->demonstration->job,
            'method' => $isWhole ? null : $this->board->demonstration->method,
            'step' => $isWhole ? null : $this->board->shown,
            'ask' => null,
            'present' => null,
        ]);
    }
}
