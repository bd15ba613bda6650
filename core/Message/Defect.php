<?php

declare(strict_types=1);

namespace Runel\Message;

/** What Runel should be able to do and could not: a method failed, or the audit did not approve. It has been noted. */
final class Defect extends Refusal
{
    public function code(): string
    {
        return 'out-of-reach';
    }
}
