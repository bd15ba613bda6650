<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Method\Wanting;

/** A learner's lines, each judged, and whether the job is done. */
final readonly class Marking
{
    /**
     * @param list<MarkedLine>   $lines
     * @param Wanting|null       $wants     what is missing, where it is not done
     * @param \Closure(): ?Marks $proposing gives the points proposed; null where there was no work left to tell
     */
    public function __construct(
        public array $lines,
        public bool $finished,
        public ?Wanting $wants,
        private \Closure $proposing,
    ) {}

    /**
     * Points to be given for it, until the tutor says otherwise.
     *
     * @param int|null $of how many the problem has; null: as its work is long
     */
    public function marks(?int $of = null): ?Marks
    {
        $marks = ($this->proposing)();

        return $of === null ? $marks : $marks?->outOf($of);
    }

    /** How many lines there was work left for. */
    public function lookedAt(): int
    {
        return \count(array_filter($this->lines, static fn(MarkedLine $line): bool => $line->isLookedAt));
    }
}
