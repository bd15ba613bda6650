<?php

declare(strict_types=1);

namespace Runel\Lesson;

use Runel\Demonstration\Demonstration;
use Runel\Practice\Made;
use Runel\Practice\Rung;
use Runel\Slip\Slip;

/** One thing in a lesson, and how long it takes. */
final readonly class Item
{
    /**
     * @param Made|null $made  the problem it is about; of a set, the first one
     * @param Slip|null $slip  what it warns of
     * @param int       $count how many problems, of a set
     */
    private function __construct(
        public ItemKind $kind,
        public ?Made $made,
        public ?Slip $slip,
        public int $seconds,
        public int $count,
    ) {}

    public static function goal(Made $about, Pace $pace): self
    {
        return new self(ItemKind::Goal, $about, null, $pace->goal(), 0);
    }

    public static function demonstration(Made $made, Pace $pace): self
    {
        return new self(ItemKind::Demonstration, $made, null, $pace->demonstrating($made->demonstration), 0);
    }

    public static function yourTurn(Made $made, Pace $pace): self
    {
        return new self(ItemKind::YourTurn, $made, null, $pace->trying($made->demonstration), 0);
    }

    public static function twoWays(Made $made, Pace $pace): self
    {
        return new self(ItemKind::TwoWays, $made, null, $pace->comparing($made->demonstration), 0);
    }

    public static function warning(Made $made, Slip $slip, Pace $pace): self
    {
        return new self(ItemKind::Warning, $made, $slip, $pace->warning(), 0);
    }

    /** Practice; what is done at home takes no time of the lesson but to be handed out. */
    public static function set(Made $first, int $count, Pace $pace): self
    {
        return new self(ItemKind::Set, $first, null, $pace->handingOut(), $count);
    }

    public function rung(): ?Rung
    {
        return $this->made?->rung;
    }

    public function demonstrated(): ?Demonstration
    {
        return $this->made?->demonstration;
    }
}
