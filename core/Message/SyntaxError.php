<?php

declare(strict_types=1);

namespace Runel\Message;

/** What was typed cannot be read; the place is always known. */
final class SyntaxError extends Refusal
{
    public function code(): string
    {
        return 'syntax';
    }
}
