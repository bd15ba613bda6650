<?php

declare(strict_types=1);

namespace Runel\Demonstration\Answer;

use Runel\Expression\Expression;

/** What most answers do not have; those that have it say so themselves. */
trait PlainAnswer
{
    public function solutions(): ?array
    {
        return null;
    }

    public function rejected(): array
    {
        return [];
    }

    public function quotient(): ?Expression
    {
        return null;
    }

    public function remainder(): ?Expression
    {
        return null;
    }
}
