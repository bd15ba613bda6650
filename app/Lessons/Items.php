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
        try {
            $item = $this->shown($kept, $style, $pace);
        } catch (Refusal) {
            $item = Item::words(ItemKind::Note, $kept->task->problem ?? '', $pace);
        }
        $item = $kept->minutes === null ? $item : $item->lasting($kept->minutes * 60);

        return $kept->newPage ? $item->onNewPage() : $item;
    }

    /** @throws Refusal where its problem cannot be demonstrated */
    private function shown(LessonItem $kept, HouseStyle $style, Pace $pace): Item
    {
        if ($kept->kind->isWords()) {
            return Item::words($kept->kind, $kept->text, $pace);
        }
        if (!$kept->kind->hasProblem()) {
            return Item::set($kept->count(), $pace);
        }
        $demonstration = $this->demonstration($kept->task, $style);
        $traits = Belonging::of($demonstration, $this->catalogue)->traits;

        return match ($kept->kind) {
            ItemKind::YourTurn => Item::yourTurn($demonstration, $traits, $pace),
            ItemKind::TwoWays => Item::twoWays($demonstration, $traits, $pace),
            ItemKind::Warning => Item::warning($demonstration, $traits, $kept->slip(), $pace),
            ItemKind::Demonstration => Item::demonstration($demonstration, $traits, $pace, $kept->step),
            ItemKind::Goal, ItemKind::Note, ItemKind::Set => throw new \LogicException('No problem is shown there.'),
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
