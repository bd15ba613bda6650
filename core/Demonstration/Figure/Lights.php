<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/** A figure that lights the parts a step has just written. */
interface Lights
{
    /** @return array<string, true> the names of the parts that are lit; whatever of these is new has to be */
    public function lightable(): array;

    /** @return array<string, true> */
    public function lit(): array;
}
