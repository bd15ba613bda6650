<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Forecast;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Problem\Job;

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

    /**
     * How offers are ranked: what fits before what does not, the tutor's favourite before the rest; where there is
     * something to hunt, the special forms, then fewer trials, then fewer steps. Otherwise the catalogue's order stands.
     *
     * @return \Closure(self, self): int
     */
    public static function comparison(Task $task): \Closure
    {
        $rank = static function (self $offer) use ($task): array {
            $forecast = $offer->forecast;
            if ($forecast === null) {
                return [1, 0, 0, 0, 0];
            }
            if ($offer->method->job() !== Job::Factor) {
                return [0, 0, 0, 0, 0];
            }
            $id = $offer->method->id();

            return [0, $id === $task->style->get('favourite') ? 0 : 1, $id === 'special' ? 0 : ($id === 'scale-why' ? 2 : 1), $forecast->trials, $forecast->steps];
        };

        return static fn(self $first, self $second): int => $rank($first) <=> $rank($second);
    }
}
