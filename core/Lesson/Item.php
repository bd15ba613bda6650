<?php

declare(strict_types=1);

namespace Runel\Lesson;

use Runel\Demonstration\Demonstration;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Lesson\Content\Aim;
use Runel\Lesson\Content\Caution;
use Runel\Lesson\Content\Content;
use Runel\Lesson\Content\Exercise;
use Runel\Lesson\Content\LearnersTurn;
use Runel\Lesson\Content\SlipToFind;
use Runel\Lesson\Content\TutorsWords;
use Runel\Lesson\Content\TwoWays;
use Runel\Lesson\Content\WorkedExample;
use Runel\Slip\Slip;

/** One thing in a lesson, and how long it takes. */
final readonly class Item
{
    /** @param bool $newPage whether a new page or a clean board is begun here */
    private function __construct(public Content $content, public int $seconds, public bool $newPage = false) {}

    /** What a proposed lesson is for. */
    public static function goal(Rung $rung, Demonstration $demonstration, Pace $pace): self
    {
        return new self(new Aim($rung, $demonstration), $pace->goal());
    }

    /** A goal or a note in the tutor's own words. */
    public static function words(TutorsWords $words, Pace $pace): self
    {
        return new self($words, $pace->goal());
    }

    /**
     * @param list<Difficulty> $traits what the problem has
     * @param int|null         $steps  how far it is shown; null for all of it
     */
    public static function demonstration(
        Demonstration $demonstration,
        array $traits,
        Pace $pace,
        ?int $steps = null,
    ): self {
        return new self(new WorkedExample($demonstration, $traits), $pace->demonstrating($demonstration, $steps));
    }

    public static function yourTurn(Demonstration $demonstration, Pace $pace): self
    {
        return new self(new LearnersTurn($demonstration), $pace->trying($demonstration));
    }

    public static function twoWays(Demonstration $demonstration, Pace $pace): self
    {
        return new self(new TwoWays($demonstration), $pace->comparing($demonstration));
    }

    public static function warning(Demonstration $demonstration, Slip $slip, Pace $pace): self
    {
        return new self(new Caution($demonstration, $slip), $pace->warning());
    }

    /** A page with a slip takes about as long as working the problem does. */
    public static function slipToFind(SlipToFind $page, Pace $pace): self
    {
        return new self($page, $pace->trying($page->demonstration()));
    }

    /** Practice; what is done at home takes no time of the lesson but to be handed out. */
    public static function set(int $count, Pace $pace): self
    {
        return new self(new Exercise($count), $pace->handingOut());
    }

    /** The same in the time the tutor gives it. */
    public function lasting(int $seconds): self
    {
        return new self($this->content, $seconds, $this->newPage);
    }

    /** The same on a new page. */
    public function onNewPage(): self
    {
        return new self($this->content, $this->seconds, true);
    }

    public function kind(): ItemKind
    {
        return $this->content->kind();
    }
}
