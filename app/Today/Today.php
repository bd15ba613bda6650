<?php

declare(strict_types=1);

namespace App\Today;

use App\Learners\LearnerRecord;
use App\Models\Lesson;
use App\Sets\Pick;
use Illuminate\Support\Carbon;
use Runel\Style\HouseStyle;

/** What an evening begins with: the lesson that is next, what is due, who has worked, what wobbles for most. */
final readonly class Today
{
    /** So many different problems a sheet for tonight has at most. */
    private const MOST = 12;
    private const DAYS = 1;

    /**
     * @param list<LearnerRecord> $due    who has something to come back to
     * @param list<LearnerRecord> $worked who has worked since yesterday
     * @param Wobble|null         $wobble the rung that wobbles for most, where it does for more than one
     */
    private function __construct(
        public ?Lesson $lesson,
        public array $due,
        public array $worked,
        public ?Wobble $wobble,
        private Carbon $now,
    ) {}

    /**
     * @param list<LearnerRecord> $records
     * @param list<Lesson>        $lessons
     */
    public static function of(array $records, array $lessons, Carbon $now): self
    {
        // One that has begun is still the lesson of the evening until its time is over.
        $coming = array_filter($lessons, static fn(Lesson $lesson): bool => $lesson->held_at !== null
            && $lesson->held_at->copy()->addMinutes($lesson->minutes)->isAfter($now));
        usort($coming, static fn(Lesson $one, Lesson $other): int => $one->held_at <=> $other->held_at);

        return new self(
            $coming[0] ?? null,
            array_values(array_filter($records, static fn(LearnerRecord $one): bool => $one->due() !== [])),
            array_values(array_filter($records, static fn(LearnerRecord $one): bool => $one->lastDay !== null
                && $one->today - $one->lastDay <= self::DAYS)),
            Wobble::ofMost($records),
            $now,
        );
    }

    public function isEmpty(): bool
    {
        return $this->lesson === null && $this->due === [] && $this->worked === [] && $this->wobble === null;
    }

    /** When the lesson is: the hour where it is today, else the day before it. */
    public function hour(): string
    {
        $at = $this->lesson?->held_at;

        return $at === null ? '' : $at->isoFormat($at->isSameDay($this->now) ? 'HH:mm' : 'ddd D MMM, HH:mm');
    }

    public function dueCount(): int
    {
        return array_sum(array_map(static fn(LearnerRecord $one): int => \count($one->due()), $this->due));
    }

    /**
     * The address of a sheet with a problem of each rung that is due, another every day.
     *
     * @return array<string, mixed>
     */
    public function sheet(): array
    {
        $picks = [];
        foreach ($this->due as $record) {
            foreach ($record->due() as $rung) {
                $picks[$rung->key()] = (string) Pick::of($rung->skill, (string) $rung->rung->number, 1);
            }
        }

        return [
            'pick' => \array_slice(array_values($picks), 0, self::MOST),
            'seed' => $this->now->format('ymd'),
            'defaults' => HouseStyle::DEFAULTS,
        ];
    }

    /**
     * @param list<LearnerRecord> $records
     *
     * @return list<string>
     */
    public static function names(array $records): array
    {
        return array_map(static fn(LearnerRecord $one): string => $one->learner->name, $records);
    }
}
