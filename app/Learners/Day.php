<?php

declare(strict_types=1);

namespace App\Learners;

use Illuminate\Support\Carbon;

/** Days as the rule of coming back counts them: whole ones, by the calendar of this installation. */
final class Day
{
    private const SECONDS = 86_400;

    public static function of(Carbon $moment): int
    {
        return self::ofText($moment->format('Y-m-d')) ?? 0;
    }

    /** The day of a moment as it is stored, 2026-11-27 18:05:00; null where it is none. */
    public static function ofText(string $moment): ?int
    {
        [$year, $month, $day] = [(int) substr($moment, 0, 4), (int) substr($moment, 5, 2), (int) substr($moment, 8, 2)];
        $isDay = preg_match('/^\d{4}-\d\d-\d\d(?: \d\d:\d\d:\d\d)?$/D', $moment) === 1 && checkdate($month, $day, $year);

        return $isDay ? intdiv((int) gmmktime(0, 0, 0, $month, $day, $year), self::SECONDS) : null;
    }

    public static function date(int $day): Carbon
    {
        return Carbon::create(1970)?->startOfDay()->addDays($day) ?? Carbon::now();
    }
}
