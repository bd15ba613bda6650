<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Forecast;
use Runel\Message\Message;

/** A method held against a problem: it fits, with a forecast, or it does not, with the reason. */
final readonly class Offer
{
    private function __construct(public Method $method, public ?Forecast $forecast, public ?Message $refusal) {}

    public static function fits(Method $method, Forecast $forecast): self
    {
        return new self($method, $forecast, null);
    }

    public static function refuses(Method $method, Message $reason): self
    {
        return new self($method, null, $reason);
    }

    /** Orders what fits before what does not; otherwise the catalogue's order stands. */
    public static function compare(self $first, self $second): int
    {
        return ($first->forecast === null ? 1 : 0) <=> ($second->forecast === null ? 1 : 0);
    }
}
