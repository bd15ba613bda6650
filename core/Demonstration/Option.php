<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Message\Message;

/** One way to go on where the tutor has a choice, and what it costs. */
final readonly class Option
{
    public function __construct(public string $key, public string $value, public Message $label, public bool $taken) {}
}
