<?php

declare(strict_types=1);

namespace App\Board;

use Runel\Demonstration\Line;

/** A section of a board. */
final readonly class Group
{
    /**
     * @param string     $phase   the section's phase, or "checking"
     * @param list<Stop> $stops   all of its stops
     * @param list<Stop> $reached those up to the current one
     * @param bool       $open    whether the current stop is in it
     * @param Line|null  $last    the last line of the chain written in it so far
     */
    public function __construct(
        public string $phase,
        public array $stops,
        public array $reached,
        public bool $open,
        public ?Line $last,
    ) {}
}
