<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Lessons\Showing;
use App\Values\Given;
use Runel\Demonstration\Demonstration;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Message\Refusal;

/** A problem the tutor shows. */
final readonly class KeptExample implements KeptContent
{
    private const MOST_STEPS = 999;

    /**
     * @param int|null    $step   how far it is shown; null for all of it
     * @param bool        $ask    whether it asks first
     * @param string|null $stepId what the step is called that it is shown to: where its number has changed since, this
     *                            finds it
     */
    private function __construct(
        public KeptProblem $problem,
        public ?int $step,
        public bool $ask,
        public ?string $stepId,
    ) {}

    /** @throws Refusal when its problem cannot be read, or a number is none */
    public static function of(Given $given): self
    {
        return new self(
            KeptProblem::of($given),
            ItemNumber::read($given, 'step', self::MOST_STEPS),
            $given->isOn('ask'),
            preg_match('/^[a-z0-9-]{1,60}$/', $given->text('stepId')) === 1 ? $given->text('stepId') : null,
        );
    }

    public function kind(): ItemKind
    {
        return ItemKind::Demonstration;
    }

    public function toArray(): array
    {
        return $this->problem->toArray() + ['step' => $this->step, 'ask' => $this->ask, 'stepId' => $this->stepId];
    }

    public function item(Showing $showing): Item
    {
        $demonstration = $showing->demonstration($this->problem->task);

        return Item::demonstration(
            $demonstration,
            $showing->traits($demonstration),
            $showing->pace,
            $this->until($demonstration),
        );
    }

    /** The step it is shown to, by what it is called; by its number where that is not known or no longer there. */
    private function until(Demonstration $demonstration): ?int
    {
        foreach ($this->step === null || $this->stepId === null ? [] : $demonstration->steps() as $place => $step) {
            if ($step->id === $this->stepId) {
                return $place + 1;
            }
        }

        return $this->step;
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
