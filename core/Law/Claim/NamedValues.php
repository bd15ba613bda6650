<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** With these values for the letters that name coefficients, the two sides are the same. */
final readonly class NamedValues implements Claim
{
    /** @param array<string, Expression> $values by letter */
    public function __construct(public Equation $equation, public array $values) {}

    public function nodes(): array
    {
        return [$this->equation, ...array_values($this->values)];
    }
}
