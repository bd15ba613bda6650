<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Kept\Named;
use Illuminate\Support\Carbon;
use Runel\Message\BadRequest;
use Runel\Message\Message;

/** What is said of a lesson as a whole: its name, when, how long, on which board. */
final readonly class LessonHead
{
    private function __construct(
        public string $name,
        public ?Carbon $heldAt,
        public int $minutes,
        public int $wide,
        public int $high,
    ) {}

    /**
     * @param array<array-key, mixed> $values name, held_at, minutes, wide, high
     *
     * @throws BadRequest when one of them is missing or out of bounds
     */
    public static function of(array $values): self
    {
        return new self(
            Named::of($values['name'] ?? null),
            self::moment($values['held_at'] ?? null),
            self::number($values, 'minutes', 5, 300, 45),
            self::number($values, 'wide', 10, 400, 60),
            self::number($values, 'high', 5, 200, 24),
        );
    }

    /** @return array{name: string, held_at: Carbon|null, minutes: int, wide: int, high: int} */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'held_at' => $this->heldAt,
            'minutes' => $this->minutes,
            'wide' => $this->wide,
            'high' => $this->high,
        ];
    }

    /** @throws BadRequest when it is no date; a past one is a lesson that has been held */
    private static function moment(mixed $given): ?Carbon
    {
        if ($given === null || $given === '') {
            return null;
        }
        $isDate = \is_string($given)
            && preg_match('/^(\d{4})-(\d\d)-(\d\d)(?:[T ](\d\d):(\d\d)(?::\d\d.*)?)?$/', $given, $match) === 1
            && checkdate((int) $match[2], (int) $match[3], (int) $match[1])
            && (int) $match[1] >= 2000 && (int) $match[1] < 2200
            && (int) ($match[4] ?? 0) < 24 && (int) ($match[5] ?? 0) < 60;
        if (!$isDate) {
            throw new BadRequest(Message::of('lesson.no-date', [
                'found' => mb_substr(\is_scalar($given) ? (string) $given : '', 0, 40),
            ]));
        }

        return Carbon::create(
            (int) $match[1],
            (int) $match[2],
            (int) $match[3],
            (int) ($match[4] ?? 0),
            (int) ($match[5] ?? 0),
        );
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @throws BadRequest
     */
    private static function number(array $values, string $key, int $least, int $most, int $else): int
    {
        $given = $values[$key] ?? $else;
        $given = \is_string($given) ? trim($given) : $given;
        $isNumber = \is_int($given) || (\is_string($given) && preg_match('/^\d{1,6}$/', $given) === 1);
        if ($given === '') {
            return $else;
        }
        if (!$isNumber || (int) $given < $least || (int) $given > $most) {
            throw new BadRequest(Message::of('practice.wish-number', [
                'key' => $key,
                'found' => mb_substr(\is_scalar($given) ? (string) $given : '', 0, 40),
                'least' => $least,
                'most' => $most,
            ]));
        }

        return (int) $given;
    }
}
