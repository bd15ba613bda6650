<?php

declare(strict_types=1);

namespace Runel\Learning;

use Runel\Expression\Alternatives;
use Runel\Expression\Node;
use Runel\Marking\MarkedLine;
use Runel\Problem\Problem;

/** A problem worked as some school writes it: the lines below it, read and judged. */
final readonly class Example
{
    /** More lines than this are no example any more. */
    public const MOST_LINES = 60;

    /** @param list<MarkedLine> $lines */
    public function __construct(public Problem $problem, public string $job, public array $lines) {}

    /** @return list<int> the places of the lines that can be looked for on a road: read, and not wrong */
    public function sound(): array
    {
        return array_keys(array_filter(
            $this->lines,
            static fn(MarkedLine $line): bool => $line->node !== null && !$line->verdict->fails(),
        ));
    }

    /** A line as it is to be seen: two equations stay two where no ± was written. */
    public function shown(int $place): ?Node
    {
        $line = $this->lines[$place];

        return $line->node instanceof Alternatives && !str_contains($line->typed, '±')
            ? new Alternatives($line->node->equations, true)
            : $line->node;
    }

    /** @return list<int> the places of those that are wrong */
    public function wrong(): array
    {
        return array_keys(array_filter(
            $this->lines,
            static fn(MarkedLine $line): bool => $line->verdict->isFault(),
        ));
    }
}
