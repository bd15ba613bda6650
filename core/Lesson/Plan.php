<?php

declare(strict_types=1);

namespace Runel\Lesson;

use Runel\Ladder\Difficulty;
use Runel\Message\Message;

/** A lesson in its order, which judges itself against the time and the board there is. */
final readonly class Plan
{
    /**
     * @param list<Item> $items
     * @param int        $minutes the time there is
     */
    public function __construct(public array $items, public int $minutes, public Surface $surface) {}

    public function seconds(): int
    {
        return array_sum(array_map(static fn(Item $item): int => $item->seconds, $this->items));
    }

    /** When an item begins, in seconds from the start; its number from 1. */
    public function begins(int $number): int
    {
        return array_sum(array_map(
            static fn(Item $item): int => $item->seconds,
            \array_slice($this->items, 0, $number - 1),
        ));
    }

    /** @return list<Remark> in the order of the items; about the whole at the end */
    public function remarks(): array
    {
        $remarks = [...$this->ofDifficulties(), ...$this->ofRoom()];
        usort($remarks, static fn(Remark $one, Remark $other): int => $one->item <=> $other->item);
        $over = $this->seconds() - $this->minutes * 60;
        if ($over > 0) {
            $remarks[] = new Remark(null, Message::of('lesson.over', ['minutes' => (int) ceil($over / 60)]));
        }

        return $remarks;
    }

    /** @return list<Remark> where an example adds nothing to the ones before it, or more than one thing */
    private function ofDifficulties(): array
    {
        $remarks = [];
        $known = null;
        foreach ($this->items as $place => $item) {
            $builds = $item->content->builds();
            if ($builds === null) {
                continue;
            }
            $traits = array_map(static fn(Difficulty $trait): string => $trait->value, $builds);
            $new = array_values(array_diff($traits, $known ?? $traits));
            if ($known !== null && $new === []) {
                $remarks[] = new Remark($place + 1, Message::of('lesson.nothing-new'));
            } elseif (\count($new) > 1) {
                $remarks[] = new Remark($place + 1, Message::of('lesson.jumps', ['count' => \count($new)]));
            }
            $known = array_values(array_unique([...$known ?? [], ...$traits]));
        }

        return $remarks;
    }

    /** @return list<Remark> where the board or the page is full and a new one is begun, or is too narrow */
    private function ofRoom(): array
    {
        $remarks = [];
        $used = 0;
        foreach ($this->items as $place => $item) {
            $used = $item->newPage ? 0 : $used;
            $written = $item->content->isWritten() ? $item->content->demonstration() : null;
            if ($written === null) {
                continue;
            }
            $extent = Extent::of($written);
            if ($extent->wide > $this->surface->wide) {
                $remarks[] = new Remark($place + 1, Message::of('lesson.wide', ['squares' => $extent->wide]));
            }
            if ($extent->high > $this->surface->high) {
                $remarks[] = new Remark($place + 1, Message::of('lesson.high', ['lines' => $extent->high]));
            }
            if ($used > 0 && $used + $extent->high > $this->surface->high) {
                $remarks[] = new Remark($place + 1, Message::of('lesson.room'));
                $used = 0;
            }
            $used += $extent->high;
        }

        return $remarks;
    }
}
