<?php

declare(strict_types=1);

namespace App\Board;

use Runel\Demonstration\Line;
use Runel\Message\Message;

/** A section of a board. */
final readonly class Group
{
    /**
     * @param string       $phase   the section's phase, or "checking"
     * @param list<Stop>   $stops   all of its stops
     * @param list<Stop>   $reached those up to the current one
     * @param bool         $open    whether the current stop is in it
     * @param Line|null    $last    the last line of the chain written in it so far
     * @param Message|null $outcome what it arrived at, once it is finished
     */
    public function __construct(
        public string $phase,
        public Message $title,
        public array $stops,
        public array $reached,
        public bool $open,
        public ?Line $last,
        public ?Message $outcome,
    ) {}
}
