<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Lessons\Showing;
use App\Values\Given;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Message\Refusal;

/** A problem the tutor shows. */
final readonly class KeptExample implements KeptContent
{
    private const MOST_STEPS = 999;

    /**
     * @param int|null $step how far it is shown; null for all of it
     * @param bool     $ask  whether it asks first
     */
    private function __construct(public KeptProblem $problem, public ?int $step, public bool $ask) {}

    /** @throws Refusal when its problem cannot be read, or a number is none */
    public static function of(Given $given): self
    {
        return new self(
            KeptProblem::of($given),
            ItemNumber::read($given, 'step', self::MOST_STEPS),
            $given->isOn('ask'),
        );
    }

    public function kind(): ItemKind
    {
        return ItemKind::Demonstration;
    }

    public function toArray(): array
    {
        return $this->problem->toArray() + ['step' => $this->step, 'ask' => $this->ask];
    }

    public function item(Showing $showing): Item
    {
        $demonstration = $showing->demonstration($this->problem->task);

        return Item::demonstration($demonstration, $showing->traits($demonstration), $showing->pace, $this->step);
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
