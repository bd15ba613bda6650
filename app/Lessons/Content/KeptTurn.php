<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Lessons\Showing;
use App\Values\Given;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Message\Refusal;

/** A problem the learner takes. */
final readonly class KeptTurn implements KeptContent
{
    private function __construct(public KeptProblem $problem) {}

    /** @throws Refusal when its problem cannot be read */
    public static function of(Given $given): self
    {
        return new self(KeptProblem::of($given));
    }

    public function kind(): ItemKind
    {
        return ItemKind::YourTurn;
    }

    public function toArray(): array
    {
        return $this->problem->toArray();
    }

    public function item(Showing $showing): Item
    {
        return Item::yourTurn($showing->demonstration($this->problem->task), $showing->pace);
    }

    public function typed(): string
    {
        return $this->problem->typed();
    }

    public function markdown(): string
    {
        return $this->problem->markdown();
    }
}
