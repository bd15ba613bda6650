<?php

declare(strict_types=1);

namespace Runel\Message;

/** Nothing Runel can do with this problem, and why. */
final class OutOfReach extends Refusal
{
    public function code(): string
    {
        return 'out-of-reach';
    }
}
