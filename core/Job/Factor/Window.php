<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

/**
 * Which trials of a hunt are shown one by one: all of a short hunt; of a long one the beginning and what lies
 * round the place that matters, where the target is hit or passed. The rest is passed over in folds.
 */
final readonly class Window
{
    private const SHORT = 10;
    private const BEGINNING = 3;
    private const BEFORE = 2;
    private const AFTER = 1;
    /** How many of the trials passed over can be unfolded. */
    public const UNFOLDED = 120;

    /**
     * @param list<array{int, int}> $runs in order: the first place (from 0) and how many; shown and folded in turn,
     *                                    shown first
     */
    private function __construct(public array $runs) {}

    /**
     * @param int $looked how many trials the hunt looks at
     * @param int $place  the one that matters, from 0
     */
    public static function over(int $looked, int $place): self
    {
        if ($looked <= self::SHORT) {
            return new self([[0, $looked]]);
        }
        $from = max(self::BEGINNING, min($place - self::BEFORE, $looked - 1));
        $to = min($looked - 1, max($place, $from) + self::AFTER);
        $runs = [[0, self::BEGINNING], [self::BEGINNING, $from - self::BEGINNING], [$from, $to - $from + 1]];
        if ($to < $looked - 1) {
            $runs[] = [$to + 1, $looked - 1 - $to];
        }

        return new self($runs);
    }
}
