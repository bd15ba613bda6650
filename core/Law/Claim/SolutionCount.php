<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** An equation has so many different real solutions. */
final readonly class SolutionCount implements Claim
{
    public function __construct(public Equation $equation, public Expression $count) {}

    public function nodes(): array
    {
        return [$this->equation, $this->count];
    }
}
