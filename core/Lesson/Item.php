<?php

declare(strict_types=1);

namespace Runel\Lesson;

use Runel\Demonstration\Demonstration;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Practice\Made;
use Runel\Slip\Slip;

/** One thing in a lesson, and how long it takes. */
final readonly class Item
{
    /**
     * @param string           $text    the tutor's own words, of a goal or a note
     * @param list<Difficulty> $traits  what the problem has
     * @param Rung|null        $about   the rung a proposed goal is about
     * @param Slip|null        $slip    what it warns of
     * @param int              $count   how many problems, of a set
     * @param bool             $newPage whether a new page or a clean board is begun here
     */
    private function __construct(
        public ItemKind $kind,
        public int $seconds,
        public string $text = '',
        public ?Demonstration $demonstration = null,
        public array $traits = [],
        public ?Rung $about = null,
        public ?Slip $slip = null,
        public int $count = 0,
        public bool $newPage = false,
    ) {}

    /** What a proposed lesson is for. */
    public static function goal(Made $made, Pace $pace): self
    {
        return new self(
            ItemKind::Goal,
            $pace->goal(),
            demonstration: $made->demonstration,
            traits: $made->rung->traits,
            about: $made->rung,
        );
    }

    /** A goal or a note in the tutor's own words. */
    public static function words(ItemKind $kind, string $text, Pace $pace): self
    {
        return new self($kind, $pace->goal(), $text);
    }

    /**
     * @param list<Difficulty> $traits
     * @param int|null         $steps  how far it is shown; null for all of it
     */
    public static function demonstration(
        Demonstration $demonstration,
        array $traits,
        Pace $pace,
        ?int $steps = null,
    ): self {
        $seconds = $pace->demonstrating($demonstration, $steps);

        return new self(ItemKind::Demonstration, $seconds, demonstration: $demonstration, traits: $traits);
    }

    /** @param list<Difficulty> $traits */
    public static function yourTurn(Demonstration $demonstration, array $traits, Pace $pace): self
    {
        $seconds = $pace->trying($demonstration);

        return new self(ItemKind::YourTurn, $seconds, demonstration: $demonstration, traits: $traits);
    }

    /** @param list<Difficulty> $traits */
    public static function twoWays(Demonstration $demonstration, array $traits, Pace $pace): self
    {
        $seconds = $pace->comparing($demonstration);

        return new self(ItemKind::TwoWays, $seconds, demonstration: $demonstration, traits: $traits);
    }

    /** @param list<Difficulty> $traits */
    public static function warning(Demonstration $demonstration, array $traits, Slip $slip, Pace $pace): self
    {
        return new self(
            ItemKind::Warning,
            $pace->warning(),
            demonstration: $demonstration,
            traits: $traits,
            slip: $slip,
        );
    }

    /** Practice; what is done at home takes no time of the lesson but to be handed out. */
    public static function set(int $count, Pace $pace): self
    {
        return new self(ItemKind::Set, $pace->handingOut(), count: $count);
    }

    /** The same in the time the tutor gives it. */
    public function lasting(int $seconds): self
    {
        return $this->with($seconds, $this->newPage);
    }

    /** The same on a new page. */
    public function onNewPage(): self
    {
        return $this->with($this->seconds, true);
    }

    private function with(int $seconds, bool $newPage): self
    {
        return new self(
            $this->kind,
            $seconds,
            $this->text,
            $this->demonstration,
            $this->traits,
            $this->about,
            $this->slip,
            $this->count,
            $newPage,
        );
    }
}
