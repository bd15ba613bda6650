<?php

declare(strict_types=1);

namespace App\Board;

/** One of the controls at the foot of a board. */
final readonly class Pen
{
    /**
     * @param string $key  on the keyboard
     * @param string $name the key of its words
     * @param bool   $main whether it is the one most used
     * @param bool   $off  whether it leads nowhere from here
     */
    public function __construct(
        public string $id,
        public string $key,
        public string $name,
        public string $link,
        public bool $main = false,
        public bool $off = false,
    ) {}
}
