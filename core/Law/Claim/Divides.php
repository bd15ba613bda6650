<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Expression;

/** The divisor goes into the whole: the quotient of the two is a polynomial. */
final readonly class Divides implements Claim
{
    public function __construct(public Expression $divisor, public Expression $whole) {}

    public function nodes(): array
    {
        return [$this->divisor, $this->whole];
    }
}
