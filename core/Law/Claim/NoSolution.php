<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Equation;

/** No real number solves the equation. */
final readonly class NoSolution implements Claim
{
    public function __construct(public Equation $equation) {}

    public function nodes(): array
    {
        return [$this->equation];
    }
}
