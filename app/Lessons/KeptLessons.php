<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Calendar\Day;
use App\Kept\ChangedElsewhere;
use App\Kept\Writing;
use App\Models\Lesson;
use App\Models\LessonMoment;
use App\Models\LessonPlay;
use Illuminate\Support\Carbon;
use Runel\Lesson\Pace;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Style\HouseStyle;

/** The lessons that are kept, and how they went. Every change is one transaction. */
final readonly class KeptLessons
{
    public const MOST = 500;
    public const MOST_ITEMS = 60;
    private const LONGEST_NOTE = 2000;
    /** So many items played back, the pace is still the same person's. */
    private const PACE_BACK = 60;

    public function __construct(private Writing $writing, private Items $items) {}

    /** @return list<Lesson> those to come first, by their date; then the others by name */
    public function all(): array
    {
        return array_values(Lesson::query()->readable()->withCount('plays')
            ->orderByRaw('held_at is null, held_at desc, name')->get()->all());
    }

    /**
     * @param list<LessonItem> $items
     *
     * @throws BadRequest when there is no room for it
     */
    public function keep(LessonHead $head, array $items, HouseStyle $style): Lesson
    {
        self::countItems($items);

        $items = array_map(fn(LessonItem $item): LessonItem => $this->items->named($item, $style), $items);

        return $this->writing->whole(static function () use ($head, $items, $style): Lesson {
            if (Lesson::query()->count() >= self::MOST) {
                throw new BadRequest(Message::of('lesson.too-many', ['most' => self::MOST]));
            }

            return Lesson::query()->create($head->toArray() + [
                'style' => $style,
                'items' => self::arrays($items),
            ]);
        });
    }

    /** @throws ChangedElsewhere */
    public function rename(Lesson $lesson, int $version, LessonHead $head, HouseStyle $style): void
    {
        $this->change($lesson, $version, static fn(Lesson $fresh) => $fresh->fill(
            $head->toArray() + ['style' => $style],
        ));
    }

    /**
     * @param \Closure(list<LessonItem>): list<LessonItem> $work from the items to what becomes of them
     *
     * @throws ChangedElsewhere
     */
    public function rearrange(Lesson $lesson, int $version, \Closure $work): void
    {
        $this->change($lesson, $version, function (Lesson $fresh) use ($work): void {
            $items = $work(KeptLesson::items($fresh->items));
            self::countItems($items);
            $fresh->items = self::arrays(array_map(
                fn(LessonItem $item): LessonItem => $this->items->named($item, $fresh->style),
                $items,
            ));
        });
    }

    /**
     * What the pen wrote on the board of an item, in place of what was kept of it.
     *
     * @throws ChangedElsewhere
     */
    public function ink(LessonPlay $play, int $number, Ink $ink): void
    {
        $lesson = $play->lesson;
        $this->rearrange($lesson, $lesson->version, static function (array $items) use ($number, $ink): array {
            $item = $items[$number - 1] ?? throw new BadRequest(Message::of('lesson.no-such-item'));
            $items[$number - 1] = $item->with(['ink' => $ink->steps]);

            return $items;
        });
    }

    public function remove(Lesson $lesson): void
    {
        $this->writing->whole(static fn(): mixed => $lesson->delete());
    }

    public function start(Lesson $lesson): LessonPlay
    {
        return LessonPlay::query()->create(['lesson_id' => $lesson->id, 'started_at' => Carbon::now()]);
    }

    /** What was reached is written when it is first reached; how far the item before was shown comes with it. */
    public function reach(LessonPlay $play, int $number, ?int $step): void
    {
        $this->writing->whole(function () use ($play, $number, $step): void {
            $last = LessonMoment::query()->where('play_id', $play->id)->where('kind', LessonMoment::REACHED)
                ->orderByDesc('at')->orderByDesc('id')->first();
            if ($play->ended_at !== null || $last?->place === $number) {
                return;
            }
            if ($last !== null && $step !== null && $last->step === null) {
                $last->update(['step' => $step]);
            }
            $item = KeptLesson::items($play->lesson->items)[$number - 1] ?? null;
            // What the tutor has given a time of its own tells nothing of the pace.
            $usual = $item === null || $item->minutes !== null
                ? null
                : $this->items->item($item, $play->lesson->style, Pace::usual())->seconds;
            LessonMoment::query()->create([
                'play_id' => $play->id,
                'kind' => LessonMoment::REACHED,
                'place' => $number,
                'usual' => $usual,
                'at' => Carbon::now(),
            ]);
        });
    }

    public function end(LessonPlay $play): void
    {
        if ($play->ended_at === null) {
            $play->update(['ended_at' => Carbon::now()]);
        }
    }

    /** @throws BadRequest when there is nothing in it, or too much */
    public function note(LessonPlay $play, int $number, string $text): void
    {
        $text = trim(mb_scrub($text));
        if ($text === '' || mb_strlen($text) > self::LONGEST_NOTE) {
            throw new BadRequest(Message::of('lesson.note-length', ['most' => self::LONGEST_NOTE]));
        }
        LessonMoment::query()->create([
            'play_id' => $play->id,
            'kind' => LessonMoment::NOTE,
            'place' => $number,
            'text' => $text,
            'at' => Carbon::now(),
        ]);
    }

    /**
     * The tutor's own pace, from the items played last; the usual one while there is too little to tell.
     *
     * @return array{Pace, int} with how many items tell it, 0 for the usual one
     */
    public function pace(): array
    {
        $played = [];
        $next = [];
        $moments = LessonMoment::query()->toBase()
            ->join('lesson_plays', 'lesson_plays.id', '=', 'lesson_moments.play_id')
            ->where('kind', LessonMoment::REACHED)->orderByDesc('lesson_moments.at')->orderByDesc('lesson_moments.id')
            ->limit(self::PACE_BACK)->get(['play_id', 'lesson_moments.at', 'usual', 'ended_at']);
        foreach ($moments as $moment) {
            $play = \is_string($moment->play_id) ? $moment->play_id : '';
            $at = self::seconds($moment->at);
            $end = $next[$play] ?? self::seconds($moment->ended_at);
            $next[$play] = $at;
            $seconds = $end === null || $at === null ? 0 : $end - $at;
            // A few seconds were not the item, two hours were a break.
            if (\is_int($moment->usual) && $seconds >= 15 && $seconds <= 7200) {
                $played[] = [$seconds, $moment->usual];
            }
        }
        $learned = Pace::learned($played);

        return $learned === null ? [Pace::usual(), 0] : [$learned, \count($played)];
    }

    /** A moment as it is stored, in seconds; null where it is none. */
    private static function seconds(mixed $moment): ?int
    {
        $seconds = \is_string($moment) && Day::ofText($moment) !== null ? strtotime($moment) : false;

        return $seconds === false ? null : $seconds;
    }

    /**
     * @param \Closure(Lesson): mixed $work
     *
     * @throws ChangedElsewhere
     */
    private function change(Lesson $lesson, int $version, \Closure $work): void
    {
        $this->writing->whole(static function () use ($lesson, $version, $work): void {
            // The version is taken in the same statement, so that two windows cannot both have it.
            $taken = Lesson::query()->whereKey($lesson->id)->where('version', $version)->increment('version');
            if ($taken !== 1) {
                throw new ChangedElsewhere($lesson->id);
            }
            $fresh = Lesson::query()->findOrFail($lesson->id);
            $work($fresh);
            $fresh->save();
        });
    }

    /**
     * @param list<LessonItem> $items
     *
     * @throws BadRequest
     */
    private static function countItems(array $items): void
    {
        if (\count($items) > self::MOST_ITEMS) {
            throw new BadRequest(Message::of('lesson.too-long', [
                'count' => \count($items),
                'most' => self::MOST_ITEMS,
            ]));
        }
    }

    /**
     * @param list<LessonItem> $items
     *
     * @return list<array<string, mixed>>
     */
    private static function arrays(array $items): array
    {
        $arrays = [];
        $known = [];
        foreach ($items as $item) {
            // What came in from a file may be there twice: each is known by a name of its own.
            $own = isset($known[$item->id]) ? LessonItem::of(['id' => ''] + $item->toArray()) : $item;
            $known[$item->id] = true;
            $arrays[] = $own->toArray();
        }

        return $arrays;
    }
}
