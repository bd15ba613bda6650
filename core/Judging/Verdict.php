<?php

declare(strict_types=1);

namespace Runel\Judging;

use Runel\Message\Message;
use Runel\Slip\Slip;

/** What became of an answer: right or not, what to say, and the slip behind it where it shows. */
final readonly class Verdict
{
    private function __construct(public bool $right, public Message $message, public ?Slip $slip) {}

    public static function right(): self
    {
        return new self(true, Message::of('judge.right'), null);
    }

    public static function wrong(Message $message, ?Slip $slip = null): self
    {
        return new self(false, $message, $slip);
    }
}
