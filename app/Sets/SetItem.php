<?php

declare(strict_types=1);

namespace App\Sets;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\TaskReference;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Rung;
use Runel\Message\Refusal;
use Runel\Practice\Made;
use Runel\Practice\SlippedPage;
use Runel\Style\HouseStyle;

/** A problem of a set: made to order, or the tutor's own; one that cannot be read stays, with its reason. */
final readonly class SetItem
{
    /**
     * @param string           $key    what it is known by in its set
     * @param list<Difficulty> $traits
     * @param SlippedPage|null $page   of work on it with a slip to be found
     */
    private function __construct(
        public string $key,
        public string $problem,
        public ?string $skill,
        public ?Rung $rung,
        public array $traits,
        public ?Demonstration $demonstration,
        public ?Refusal $refusal,
        public ?SlippedPage $page = null,
    ) {}

    public static function made(string $key, Made $made): self
    {
        return new self(
            $key,
            $made->problem,
            $made->ladder->skill(),
            $made->rung,
            $made->rung->traits,
            $made->demonstration,
            null,
            $made->page,
        );
    }

    /** @param list<Difficulty> $traits */
    public static function own(
        string $key,
        Demonstration $demonstration,
        ?string $skill,
        ?Rung $rung,
        array $traits,
    ): self {
        $problem = $demonstration->task->problem->source;

        return new self($key, $problem, $skill, $rung, $traits, $demonstration, null);
    }

    public static function refused(string $key, string $typed, Refusal $refusal): self
    {
        return new self($key, $typed, null, null, [], null, $refusal);
    }

    public function reference(HouseStyle $style): TaskReference
    {
        return new TaskReference(
            $this->problem,
            $this->demonstration?->job,
            $this->demonstration?->method,
            $style,
        );
    }

    /** @return list<string> the lines of the page with a slip in it */
    public function pageTyped(): array
    {
        return $this->page?->typed() ?? [];
    }

    /** Whether there is more than one way to show. */
    public function hasTwoWays(): bool
    {
        return !\in_array(
            $this->demonstration?->method,
            [null, 'balance', 'isolate-roots', 'vertex', 'equation'],
            true,
        );
    }

    /** Room to work, in lines. */
    public function lines(): int
    {
        return max(3, min(14, ($this->demonstration->forecast->lines ?? 3) + 1));
    }
}
