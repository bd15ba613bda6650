<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Address\Address;
use Runel\Demonstration\TaskReference;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Lesson\Pace;
use Runel\Lesson\Plan;
use Runel\Lesson\Proposal;
use Runel\Message\Refusal;
use Runel\Style\HouseStyle;

/** A lesson proposed for an evening, as its address says it. */
final readonly class ProposedLesson
{
    private function __construct(public LessonCode $code, public Plan $plan, private HouseStyle $style) {}

    /** @throws Refusal when there is no such lesson */
    public static function of(LessonCode $code, Proposal $proposal, HouseStyle $style): self
    {
        return new self($code, $proposal->plan(
            $code->skill,
            $code->rung,
            $code->minutes,
            $code->lines,
            $code->seed,
            Pace::of($code->pace),
            $style,
        ), $style);
    }

    public function item(int $number): ?Item
    {
        return $this->plan->items[$number - 1] ?? null;
    }

    /** Where an item is played; after the last one, the plan again. */
    public function play(int $number): string
    {
        return isset($this->plan->items[$number - 1])
            ? route('lessons.play', ['lesson' => $this->code->code($number)], false)
            : $this->back();
    }

    /** The room an item is played in, where that is not the lesson's own. */
    public function room(int $number): ?string
    {
        $item = $this->item($number);
        $demonstration = $item?->demonstrated();
        if ($item === null || $demonstration === null) {
            return null;
        }
        $address = Address::for(new TaskReference(
            $demonstration->task->problem->source,
            $demonstration->job->value,
            $item->kind === ItemKind::Demonstration ? $demonstration->method : null,
            $this->style,
        ));
        $lesson = ['lesson' => $this->code->code($number)];

        return match ($item->kind) {
            ItemKind::Demonstration => $address->to('board', $lesson),
            ItemKind::YourTurn => $address->to('your-turn', $lesson + ['step' => null]),
            ItemKind::TwoWays => $address->to('two-ways', $lesson + [
                'step' => null,
                'left' => $demonstration->method,
            ]),
            default => null,
        };
    }

    /** The plan. */
    public function back(): string
    {
        return route('lessons', ['lesson' => $this->code->code(1)], false);
    }

    /** On paper: the tutor's plan, or the learner's handout, worked, faded or blank. */
    public function sheet(string $for): string
    {
        return route('lesson-sheet', ['lesson' => $this->code->code(1), 'for' => $for], false);
    }

    /** The address of the set an item hands out. */
    public function set(Item $item): string
    {
        return route('sets', [
            'pick' => ["{$this->code->skill->value}.{$this->code->rung}.$item->count"],
            'seed' => $this->code->seed,
        ], false);
    }
}
