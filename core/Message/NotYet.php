<?php

declare(strict_types=1);

namespace Runel\Message;

/** Runel recognises the problem but has no demonstration for it so far. */
final class NotYet extends Refusal
{
    public function code(): string
    {
        return 'not-yet';
    }
}
