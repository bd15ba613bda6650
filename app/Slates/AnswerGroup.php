<?php

declare(strict_types=1);

namespace App\Slates;

use Runel\Slip\Slip;

/** Answers that say the same. */
final readonly class AnswerGroup
{
    /**
     * @param string       $typed as the first of them typed it
     * @param string       $said  what is said of it, safe HTML
     * @param list<string> $names whose, for the tutor alone
     */
    public function __construct(
        public string $key,
        public string $typed,
        public bool $isRight,
        public bool $isRead,
        public ?Slip $slip,
        public string $said,
        public array $names,
    ) {}

    public function count(): int
    {
        return \count($this->names);
    }
}
