<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Demonstration\Figure\Figure;
use Runel\Message\Message;

/** A check with its own arithmetic: every line is an equation that has to be true by itself. */
final readonly class Check
{
    /**
     * @param list<Line> $lines     of side work, at least one
     * @param bool       $isWritten whether a step of the finish is this check, so that it is not written twice
     */
    public function __construct(
        public CheckKind $kind,
        public Message $title,
        public Message $why,
        public array $lines,
        public bool $holds,
        public ?Figure $figure = null,
        public bool $isWritten = false,
    ) {}
}
