<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Expression;

/** The dividend is divisor times quotient plus remainder, and the remainder is of lower degree than the divisor. */
final readonly class DivisionHolds implements Claim
{
    public function __construct(
        public Expression $dividend,
        public Expression $divisor,
        public Expression $quotient,
        public Expression $remainder,
    ) {}

    public function nodes(): array
    {
        return [$this->dividend, $this->divisor, $this->quotient, $this->remainder];
    }
}
