<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Demonstrations\Demonstrations;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Demonstration\TaskReference;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Lesson\Pace;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Practice\Belonging;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** What is kept of an item, made into the item itself: its problem demonstrated, its time forecast. */
final readonly class Items
{
    public function __construct(private Demonstrations $demonstrations, private Catalogue $catalogue) {}

    /** An item whose problem can no longer be demonstrated stays, as a note of what was typed. */
    public function item(LessonItem $kept, HouseStyle $style, Pace $pace): Item
    {
        $item = match ($kept->kind) {
            ItemKind::Goal, ItemKind::Note => Item::words($kept->kind, $kept->text, $pace),
            ItemKind::Set => Item::set($kept->count(), $pace),
            default => $this->shown($kept, $style, $pace),
        };
        $item = $kept->minutes === null ? $item : $item->lasting($kept->minutes * 60);

        return $kept->newPage ? $item->onNewPage() : $item;
    }

    private function shown(LessonItem $kept, HouseStyle $style, Pace $pace): Item
    {
        try {
            $demonstration = $this->demonstration($kept->task, $style);
        } catch (Refusal) {
            return Item::words(ItemKind::Note, $kept->task->problem ?? '', $pace);
        }
        $traits = Belonging::of($demonstration, $this->catalogue)->traits;

        return match (true) {
            $kept->kind === ItemKind::YourTurn => Item::yourTurn($demonstration, $traits, $pace),
            $kept->kind === ItemKind::TwoWays => Item::twoWays($demonstration, $traits, $pace),
            $kept->slip !== null => Item::warning($demonstration, $traits, $kept->slip, $pace),
            default => Item::demonstration($demonstration, $traits, $pace, $kept->step),
        };
    }

    /** @throws Refusal */
    private function demonstration(?TaskReference $task, HouseStyle $style): Demonstration
    {
        return $this->demonstrations->of(
            new Task(Problem::read($task->problem ?? ''), $style, $task->choices ?? []),
            $task?->job,
            $task?->method,
        );
    }
}
