<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Lessons\Content\KeptSet;
use App\Models\Lesson;
use App\Models\LessonPlay;
use App\Values\Given;
use Runel\Lesson\Item;
use Runel\Lesson\Pace;
use Runel\Lesson\Plan;
use Runel\Lesson\Surface;
use Runel\Message\Refusal;

/** A lesson that is kept, and, while it is held, the play it is held in. */
final readonly class KeptLesson implements Planned
{
    /** What begins the code that is carried along while it is played. */
    private const PLAYED = 'p';

    /** @param list<LessonItem> $items as they are kept */
    private function __construct(
        public Lesson $lesson,
        public array $items,
        private Plan $plan,
        public ?LessonPlay $played,
    ) {}

    public static function of(Lesson $lesson, Items $items, Pace $pace, ?LessonPlay $played = null): self
    {
        $kept = self::items($lesson->items);

        return new self($lesson, $kept, new Plan(
            array_map(static fn(LessonItem $item): Item => $items->item($item, $lesson->style, $pace), $kept),
            $lesson->minutes,
            new Surface($lesson->wide, $lesson->high),
        ), $played);
    }

    /**
     * @param mixed $stored as in the column; what is damaged is left out
     *
     * @return list<LessonItem>
     */
    public static function items(mixed $stored): array
    {
        $items = [];
        foreach (Given::of($stored)->values as $values) {
            try {
                $items[] = LessonItem::of(Given::of($values)->values);
            } catch (Refusal) {
                continue;
            }
        }

        return $items;
    }

    /**
     * The play and the item a code speaks of.
     *
     * @return array{string, int}|null null where it is no kept lesson's
     */
    public static function decoded(string $code): ?array
    {
        return preg_match('/^' . self::PLAYED . '\.([0-9a-z]{26})\.(\d{1,3})$/', $code, $match) === 1
            ? [$match[1], (int) $match[2]]
            : null;
    }

    public function plan(): Plan
    {
        return $this->plan;
    }

    public function item(int $number): ?Item
    {
        return $this->plan->items[$number - 1] ?? null;
    }

    public function play(int $number): string
    {
        if ($this->played === null) {
            return $this->back();
        }

        return isset($this->plan->items[$number - 1])
            ? route('plays.item', ['play' => $this->played->id, 'item' => $number], false)
            : route('plays.show', ['play' => $this->played->id], false);
    }

    /** Where it is sent that an item is reached; behind the last one, that the lesson is over. */
    public function reach(int $number): string
    {
        return route('plays.reach', ['play' => $this->played->id ?? '', 'item' => $number], false);
    }

    public function room(int $number): ?string
    {
        $item = $this->item($number);

        return $item === null
            ? null
            : Room::of($item, $this->lesson->style, $this->code($number), $this->items[$number - 1]);
    }

    public function back(): string
    {
        return route('lessons.show', ['lesson' => $this->lesson->id], false);
    }

    public function sheet(string $for): string
    {
        return route('lessons.sheet', ['lesson' => $this->lesson->id, 'for' => $for], false);
    }

    public function file(string $extension): string
    {
        return route('lessons.file', ['lesson' => $this->lesson->id, 'extension' => $extension], false);
    }

    public function set(int $number): string
    {
        $content = ($this->items[$number - 1] ?? null)?->content;

        return route('sets', $content instanceof KeptSet ? $content->address() : [], false);
    }

    public function code(int $number): string
    {
        return self::PLAYED . '.' . ($this->played->id ?? '') . ".$number";
    }
}
