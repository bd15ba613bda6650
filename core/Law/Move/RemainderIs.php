<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** The remainder of a division by x − r is asked to be a number: it is the dividend's value at r. */
final readonly class RemainderIs implements Move
{
    /** @param string $letter the letter divided in */
    public function __construct(public string $letter, public Expression $root, public Expression $remainder) {}

    public function name(): string
    {
        return 'remainder-is';
    }

    public function operand(): Expression
    {
        return $this->remainder;
    }

    public function conditions(): array
    {
        return [];
    }
}
