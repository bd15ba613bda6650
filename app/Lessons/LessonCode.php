<?php

declare(strict_types=1);

namespace App\Lessons;

use Runel\Job\Jobs;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Style\HouseStyle;

/**
 * A proposed lesson in a few words that fit any address: skill, rung, minutes, lines of the board, pace, seed, the item
 * that is played, how many squares the board is wide, under which defaults it was made, and whether it fills its time.
 */
final readonly class LessonCode
{
    private function __construct(
        public string $skill,
        public int $rung,
        public int $minutes,
        public int $lines,
        public int $pace,
        public string $seed,
        public int $item,
        public int $wide,
        public int $defaults,
        public bool $fills,
    ) {}

    /**
     * @param array<array-key, mixed> $query a code under "lesson", or its parts by name
     *
     * @throws BadRequest when something in it is unknown
     */
    public static function of(array $query): self
    {
        $text = static fn(string $key, string $else): string =>
            \is_string($query[$key] ?? null) && trim($query[$key]) !== '' ? trim($query[$key]) : $else;
        $parts = explode('.', $text('lesson', '')) + array_fill(0, 10, '');
        $or = static fn(int $place, string $else): string => $parts[$place] === '' ? $else : $parts[$place];
        $skill = $text('skill', $or(0, 'linear'));
        $highest = \count(Jobs::ladders()->of($skill)->rungs());

        return new self(
            $skill,
            self::number('rung', $text('rung', $or(1, '2')), 1, $highest),
            self::number('minutes', $text('minutes', $or(2, '45')), 10, 180),
            self::number('lines', $text('lines', $or(3, '24')), 5, 200),
            self::number('pace', $text('pace', $or(4, '100')), 25, 400),
            (string) self::number('seed', $text('seed', $or(5, '1')), 0, 999_999_999),
            self::number('item', $text('item', $or(6, '1')), 1, 500),
            self::number('wide', $text('wide', $or(7, '60')), 10, 400),
            self::number('defaults', $or(8, $parts[0] === '' ? (string) HouseStyle::DEFAULTS : '1'), 1, 99),
            $or(9, $parts[0] === '' ? '1' : '0') === '1',
        );
    }

    /** The same at an item. */
    public function code(int $item): string
    {
        return implode('.', [
            $this->skill,
            $this->rung,
            $this->minutes,
            $this->lines,
            $this->pace,
            $this->seed,
            $item,
            $this->wide,
            $this->defaults,
            (int) $this->fills,
        ]);
    }

    /** @throws BadRequest */
    private static function number(string $key, string $found, int $least, int $most): int
    {
        $isNumber = preg_match('/^\d{1,9}$/', $found) === 1;

        return $isNumber && (int) $found >= $least && (int) $found <= $most
            ? (int) $found
            : throw new BadRequest(Message::of('practice.wish-number', [
                'key' => $key,
                'found' => mb_substr($found, 0, 40),
                'least' => $least,
                'most' => $most,
            ]));
    }
}
