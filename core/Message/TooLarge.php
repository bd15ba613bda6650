<?php

declare(strict_types=1);

namespace Runel\Message;

/** What was typed is beyond one of the limits. */
final class TooLarge extends Refusal
{
    public function code(): string
    {
        return 'too-large';
    }
}
