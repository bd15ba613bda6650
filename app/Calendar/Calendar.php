<?php

declare(strict_types=1);

namespace App\Calendar;

use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VCalendar;

/** Dates as an iCalendar file. */
final class Calendar
{
    private VCalendar $calendar;

    public function __construct()
    {
        $this->calendar = new VCalendar(['PRODID' => '-//Runel//Lessons and practice//EN']);
    }

    /** Something that lasts some minutes; without a time zone, so that it is at that hour wherever it is read. */
    public function lesson(string $id, string $name, Carbon $from, int $minutes, string $about): void
    {
        $this->calendar->add('VEVENT', [
            'UID' => "$id@runel",
            'DTSTAMP' => Carbon::now('UTC')->format('Ymd\THis\Z'),
            'SUMMARY' => $name,
            'DTSTART' => $from->format('Ymd\THis'),
            'DURATION' => "PT{$minutes}M",
            'DESCRIPTION' => $about,
        ]);
    }

    /** Something on a day. */
    public function day(string $id, string $name, Carbon $day): void
    {
        $event = $this->calendar->createComponent('VEVENT', [
            'UID' => "$id@runel",
            'DTSTAMP' => Carbon::now('UTC')->format('Ymd\THis\Z'),
            'SUMMARY' => $name,
            'TRANSP' => 'TRANSPARENT',
        ]);
        $event->add('DTSTART', $day->format('Ymd'), ['VALUE' => 'DATE']);
        $this->calendar->add($event);
    }

    public function write(): string
    {
        return $this->calendar->serialize();
    }
}
