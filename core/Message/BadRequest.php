<?php

declare(strict_types=1);

namespace Runel\Message;

/** The request itself is malformed: an unknown style key, a line that is not JSON. */
final class BadRequest extends Refusal
{
    public function code(): string
    {
        return 'bad-request';
    }
}
