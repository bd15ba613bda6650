<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Task;
use Runel\Expression\Node;
use Runel\Message\Message;
use Runel\Problem\Problem;

/** What most families have: nothing to choose, no order of their own, an answer that is not what solves something. */
abstract readonly class PlainFamily implements Family
{
    public function rank(Offer $offer, Task $task): array
    {
        return [];
    }

    public function choices(): array
    {
        return [];
    }

    public function rules(): array
    {
        return [];
    }

    public function wants(Node $line, Problem $problem): ?Wanting
    {
        return null;
    }

    public function seeksSolutions(Problem $problem): bool
    {
        return false;
    }

    public function ladders(): array
    {
        return [];
    }

    public function notThere(Problem $problem): Message
    {
        return Message::of("error.asked-{$this->job()}");
    }

    public function reason(Problem $problem): ?Message
    {
        return null;
    }

    public function help(string $method, bool $isWhole): Help
    {
        return Help::Good;
    }
}
