<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Equation;

/** Every number for which both sides have a value solves the equation. */
final readonly class AllSolve implements Claim
{
    public function __construct(public Equation $equation) {}

    public function nodes(): array
    {
        return [$this->equation];
    }
}
