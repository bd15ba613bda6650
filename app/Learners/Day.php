<?php

declare(strict_types=1);

namespace App\Learners;

use Illuminate\Support\Carbon;

/** Days as the rule of coming back counts them: whole ones, by the calendar of this installation. */
final class Day
{
    public static function of(Carbon $moment): int
    {
        return (int) Carbon::create(1970)?->startOfDay()->diffInDays($moment->copy()->startOfDay());
    }

    public static function date(int $day): Carbon
    {
        return Carbon::create(1970)?->startOfDay()->addDays($day) ?? Carbon::now();
    }
}
