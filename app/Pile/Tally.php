<?php

declare(strict_types=1);

namespace App\Pile;

use Runel\Slip\Slip;

/** How often a slip was made in a pile, and by whom. */
final readonly class Tally
{
    /** @param list<string> $learners each once */
    private function __construct(public Slip $slip, public int $times, public array $learners) {}

    /**
     * @param list<MarkedPiece> $pieces
     *
     * @return list<self> the commonest first
     */
    public static function of(array $pieces): array
    {
        $times = [];
        $learners = [];
        foreach ($pieces as $piece) {
            foreach ($piece->slips() as $slip) {
                $times[$slip->value] = ($times[$slip->value] ?? 0) + 1;
                if ($piece->piece->learner !== '') {
                    $learners[$slip->value][$piece->piece->learner] = true;
                }
            }
        }
        arsort($times);

        return array_map(
            static fn(string $id, int $count): self => new self(
                Slip::from($id),
                $count,
                array_map(strval(...), array_keys($learners[$id] ?? [])),
            ),
            array_keys($times),
            array_values($times),
        );
    }
}
