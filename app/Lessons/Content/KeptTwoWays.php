<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Lessons\Showing;
use App\Values\Given;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Message\Refusal;

/** Two ways for one problem. */
final readonly class KeptTwoWays implements KeptContent
{
    private const LONGEST_ID = 40;

    /** @param string|null $other the second way; null for the one that is proposed */
    private function __construct(public KeptProblem $problem, public ?string $other) {}

    /** @throws Refusal when its problem cannot be read */
    public static function of(Given $given): self
    {
        $other = $given->text('other', self::LONGEST_ID);

        return new self(KeptProblem::of($given), $other === '' ? null : $other);
    }

    public function kind(): ItemKind
    {
        return ItemKind::TwoWays;
    }

    public function toArray(): array
    {
        return $this->problem->toArray() + ['other' => $this->other];
    }

    public function item(Showing $showing): Item
    {
        return Item::twoWays($showing->demonstration($this->problem->task), $showing->pace);
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
