<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Lessons\Showing;
use App\Values\Given;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Slip\Slip;

/** A slip, and a problem it lurks in. */
final readonly class KeptWarning implements KeptContent
{
    private function __construct(public KeptProblem $problem, public Slip $slip) {}

    /** @throws Refusal when its problem cannot be read, or no slip is named */
    public static function of(Given $given): self
    {
        $slip = Slip::tryFrom($given->text('slip')) ?? throw new BadRequest(Message::of('lesson.no-slip'));

        return new self(KeptProblem::of($given), $slip);
    }

    public function kind(): ItemKind
    {
        return ItemKind::Warning;
    }

    public function toArray(): array
    {
        return $this->problem->toArray() + ['slip' => $this->slip->value];
    }

    public function item(Showing $showing): Item
    {
        return Item::warning($showing->demonstration($this->problem->task), $this->slip, $showing->pace);
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
