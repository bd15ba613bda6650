<?php

declare(strict_types=1);

namespace App\Files;

use Runel\Message\Message;

/** What was handed in cannot be read: too large, no text, nothing in it. */
final class NoText extends \RuntimeException
{
    public function __construct(public readonly Message $reason)
    {
        parent::__construct($reason->key);
    }
}
