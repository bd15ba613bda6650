<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

/** Which trials of a hunt are shown one by one: all of a short hunt, the beginning and the end of a long one. */
final readonly class Window
{
    private const SHORT = 10;
    private const BEGINNING = 3;
    private const END = 4;
    /** How many of the trials passed over can be unfolded. */
    public const UNFOLDED = 120;

    /**
     * @param list<int> $shown  places from 0
     * @param int       $from   the first place passed over
     * @param int       $passed how many are passed over
     */
    private function __construct(public array $shown, public int $from, public int $passed) {}

    /** @param int $looked how many trials the hunt looks at, the right one included */
    public static function over(int $looked): self
    {
        if ($looked <= self::SHORT) {
            return new self($looked === 0 ? [] : range(0, $looked - 1), 0, 0);
        }

        return new self([...range(0, self::BEGINNING - 1), ...range($looked - self::END, $looked - 1)], self::BEGINNING, $looked - self::BEGINNING - self::END);
    }
}
