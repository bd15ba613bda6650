<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Sets\Pick;
use Runel\Demonstration\TaskReference;
use Runel\Job\Jobs;
use Runel\Lesson\Content\Aim;
use Runel\Lesson\Content\Caution;
use Runel\Lesson\Content\Content;
use Runel\Lesson\Content\Exercise;
use Runel\Lesson\Item;
use Runel\Lesson\Pace;
use Runel\Lesson\Plan;
use Runel\Lesson\Proposal;
use Runel\Lesson\Surface;
use Runel\Message\Refusal;
use Runel\Style\HouseStyle;

/** A lesson proposed for an evening, as its address says it. */
final readonly class ProposedLesson implements Planned
{
    private function __construct(public LessonCode $code, private Plan $plan, private HouseStyle $style) {}

    /** @throws Refusal when there is no such lesson */
    public static function of(LessonCode $code, Proposal $proposal, HouseStyle $style): self
    {
        $style = $style->under($code->defaults);

        return new self($code, $proposal->plan(
            Jobs::ladders()->of($code->skill),
            $code->rung,
            $code->minutes,
            new Surface($code->wide, $code->lines),
            $code->seed,
            Pace::of($code->pace),
            $style,
            $code->fills,
        ), $style);
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
        return isset($this->plan->items[$number - 1])
            ? route('lessons.play', ['lesson' => $this->code($number)], false)
            : $this->back();
    }

    public function room(int $number): ?string
    {
        $item = $this->item($number);

        return $item === null ? null : Room::of($item, $this->style, $this->code($number));
    }

    public function back(): string
    {
        return route('lessons', ['lesson' => $this->code(1)], false);
    }

    public function sheet(string $for): string
    {
        return route('lesson-sheet', ['lesson' => $this->code(1), 'for' => $for], false);
    }

    public function file(string $extension): string
    {
        return route('lesson-file', ['extension' => $extension, 'lesson' => $this->code(1)], false);
    }

    public function set(int $number): string
    {
        $content = $this->item($number)?->content;

        return route('sets', [
            'pick' => [(string) $this->pick($content instanceof Exercise ? $content->count : 0)],
            'seed' => $this->code->seed,
            'defaults' => $this->code->defaults,
        ], false);
    }

    private function pick(int $count): Pick
    {
        return Pick::of($this->code->skill, (string) $this->code->rung, $count);
    }

    public function code(int $number): string
    {
        return $this->code->code($number);
    }

    /**
     * Its items as they are kept.
     *
     * @param \Closure(Aim): string $goal what the goal says, in words
     *
     * @return list<LessonItem>
     *
     * @throws Refusal
     */
    public function kept(\Closure $goal): array
    {
        return array_map(fn(Item $item): LessonItem => LessonItem::of([
            'kind' => $item->kind()->value,
        ] + $this->values($item->content, $goal)), $this->plan->items);
    }

    /**
     * @param \Closure(Aim): string $goal
     *
     * @return array<string, mixed> as {@see LessonItem::of()} reads them
     */
    private function values(Content $content, \Closure $goal): array
    {
        $demonstration = $content->demonstration();

        return match (true) {
            $content instanceof Aim => ['text' => $goal($content)],
            $content instanceof Exercise => [
                'pick' => (string) $this->pick($content->count),
                'seed' => $this->code->seed,
                'defaults' => (string) $this->code->defaults,
            ],
            default => [
                'task' => $demonstration === null ? null : (new TaskReference(
                    $demonstration->task->problem->source,
                    $demonstration->job,
                    $demonstration->method,
                    HouseStyle::default(),
                ))->toArray(),
                'slip' => $content instanceof Caution ? $content->slip->value : '',
            ],
        };
    }
}
