<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Forecast;
use Runel\Message\Refusal;

/** A method held against a problem: it fits, with a forecast, or it does not, with the reason. */
final readonly class Offer
{
    private function __construct(public Method $method, public ?Forecast $forecast, public ?Refusal $refusal) {}

    public static function fits(Method $method, Forecast $forecast): self
    {
        return new self($method, $forecast, null);
    }

    public static function refuses(Method $method, Refusal $reason): self
    {
        return new self($method, null, $reason);
    }
}
