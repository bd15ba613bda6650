<?php

declare(strict_types=1);

namespace Runel\Message;

/** The method asked for does not exist. */
final class NoSuchMethod extends Refusal
{
    public function code(): string
    {
        return 'no-such-method';
    }
}
