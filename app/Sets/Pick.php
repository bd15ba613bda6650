<?php

declare(strict_types=1);

namespace App\Sets;

use Runel\Job\Jobs;
use Runel\Message\BadRequest;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Style\HouseStyle;

/** Problems picked from a skill's ladder, as an address says it: skill.rungs.count. Not yet known to exist. */
final readonly class Pick implements \Stringable
{
    private function __construct(public string $skill, public string $rungs, public string $count) {}

    public static function of(string $skill, string $rungs, string|int $count): self
    {
        return new self($skill, $rungs, (string) $count);
    }

    /** @param int $count where none is written */
    public static function read(string $written, int $count): self
    {
        return new self(...explode('.', $written, 3) + ['', '', (string) $count]);
    }

    /**
     * @param array<int, int> $again    by place, how often another one was asked for
     * @param int             $defaults under which the seed was chosen
     *
     * @throws BadRequest when there is no such skill or rung, or the count is none
     */
    public function order(
        string $seed,
        Wishes $wishes,
        array $again = [],
        int $defaults = HouseStyle::DEFAULTS,
    ): Order {
        return Order::of(
            Jobs::ladders()->of($this->skill),
            $this->rungs,
            $this->count,
            $seed,
            $wishes,
            $again,
            $defaults,
        );
    }

    public function __toString(): string
    {
        return "$this->skill.$this->rungs.$this->count";
    }
}
