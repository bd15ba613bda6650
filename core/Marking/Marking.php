<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Method\Wanting;

/** A learner's lines, each judged, and whether the job is done. */
final readonly class Marking
{
    /**
     * @param list<MarkedLine> $lines
     * @param Wanting|null     $wants what is missing, where it is not done
     */
    public function __construct(public array $lines, public bool $finished, public ?Wanting $wants) {}

    /** How many lines there was work left for. */
    public function lookedAt(): int
    {
        return \count(array_filter($this->lines, static fn(MarkedLine $line): bool => $line->isLookedAt));
    }
}
