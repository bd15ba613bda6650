<?php

declare(strict_types=1);

namespace Runel\Message;

/** It is understood, and nothing does it so far. */
final class NotYet extends Refusal
{
    public function code(): string
    {
        return 'not-yet';
    }
}
