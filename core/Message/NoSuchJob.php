<?php

declare(strict_types=1);

namespace Runel\Message;

/** The job asked for does not exist, or is not a job this problem has. */
final class NoSuchJob extends Refusal
{
    public function code(): string
    {
        return 'no-such-job';
    }
}
