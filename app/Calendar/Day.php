<?php

declare(strict_types=1);

namespace App\Calendar;

use Illuminate\Support\Carbon;

/** Days as the rule of coming back counts them: whole ones, by the calendar of this installation. */
final class Day
{
    private const SECONDS = 86_400;

    public static function of(Carbon $moment): int
    {
        return self::ofText($moment->format('Y-m-d')) ?? 0;
    }

    /** @var array<string, int|null> days that were asked for, by their date: there are few of them */
    private static array $known = [];

    /** The day of a moment as it is stored, 2026-11-27 18:05:00; null where it is none. */
    public static function ofText(string $moment): ?int
    {
        $isMoment = \strlen($moment) === 19 && $moment[10] === ' ' && strspn($moment, '0123456789:', 11) === 8;

        return \strlen($moment) === 10 || $isMoment ? self::ofDate(substr($moment, 0, 10)) : null;
    }

    private static function ofDate(string $date): ?int
    {
        if (!\array_key_exists($date, self::$known)) {
            $isDate = preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $date, $match) === 1
                && checkdate((int) $match[2], (int) $match[3], (int) $match[1]);
            self::$known[$date] = $isDate
                ? intdiv((int) gmmktime(0, 0, 0, (int) $match[2], (int) $match[3], (int) $match[1]), self::SECONDS)
                : null;
        }

        return self::$known[$date];
    }

    public static function date(int $day): Carbon
    {
        return Carbon::create(1970)?->startOfDay()->addDays($day) ?? Carbon::now();
    }
}
