<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** Two polynomials are the same: so are their coefficients, one of which a letter names. */
final readonly class CompareCoefficients implements Move
{
    /** @param array<string, Expression> $values the value of every letter that names a coefficient */
    public function __construct(public Equation $form, public array $values) {}

    public function name(): string
    {
        return 'compare-coefficients';
    }

    public function operand(): ?Expression
    {
        return null;
    }

    public function conditions(): array
    {
        return [];
    }
}
