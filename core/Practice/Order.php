<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Ladder\Ladder;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Style\HouseStyle;

/** What is ordered: a skill, from which rung to which, how many, from which seed, with which wishes. */
final readonly class Order
{
    public const MOST = 60;
    private const LARGEST_SEED = 999_999_999;

    /**
     * @param array<int, int> $again    by the problem's place, from 0: which other throw is wanted there
     * @param int             $defaults the number of the house style's defaults under which the seed was chosen:
     *                                  hunts in another order take otherwise long, and other problems are taken
     */
    private function __construct(
        public Ladder $ladder,
        public int $from,
        public int $to,
        public int $count,
        public int $seed,
        public Wishes $wishes,
        public array $again,
        public int $defaults,
    ) {}

    /**
     * @param string          $rungs "3" or "2-4"; '' for all of them
     * @param array<int, int> $again
     *
     * @throws BadRequest when something is unknown or out of bounds
     */
    public static function of(
        Ladder $ladder,
        string $rungs,
        string $count,
        string $seed,
        Wishes $wishes,
        array $again = [],
        int $defaults = HouseStyle::DEFAULTS,
    ): self {
        $highest = \count($ladder->rungs());
        if ($rungs === '') {
            $rungs = "1-$highest";
        }
        if (
            preg_match('/^(\d{1,2})(?:\s*[-–]\s*(\d{1,2}))?$/u', trim($rungs), $match) !== 1
            || (int) $match[1] < 1
            || (int) ($match[2] ?? $match[1]) > $highest
            || (int) ($match[2] ?? $match[1]) < (int) $match[1]
        ) {
            throw new BadRequest(Message::of('practice.no-such-rung', [
                'found' => mb_substr($rungs, 0, 40),
                'highest' => $highest,
            ]));
        }
        if (preg_match('/^\d{1,9}$/', $count) !== 1 || (int) $count < 1 || (int) $count > self::MOST) {
            throw new BadRequest(Message::of('practice.count', [
                'found' => mb_substr($count, 0, 40),
                'most' => self::MOST,
            ]));
        }
        if (preg_match('/^\d{1,9}$/', $seed) !== 1) {
            throw new BadRequest(Message::of('practice.seed', [
                'found' => mb_substr($seed, 0, 40),
                'most' => self::LARGEST_SEED,
            ]));
        }

        return new self(
            $ladder,
            (int) $match[1],
            (int) ($match[2] ?? $match[1]),
            (int) $count,
            (int) $seed,
            $wishes,
            $again,
            $defaults,
        );
    }

    /** The rung of a problem by its place, from 0: as many of each as can be, the lower ones first. */
    public function rung(int $place): int
    {
        return $this->from + intdiv($place * ($this->to - $this->from + 1), $this->count);
    }
}
