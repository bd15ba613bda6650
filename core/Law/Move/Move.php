<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** By what a line follows from the line before it: the law it is proved by, and the words it is told in. */
interface Move
{
    /** The move's name in the contract, as in "subtract". */
    public function name(): string;

    /** What is done with, where there is such a thing: the 5 of "subtract 5 from both sides". */
    public function operand(): ?Expression;

    /** @return list<Expression> what may not be 0 for the line to follow */
    public function conditions(): array;
}
