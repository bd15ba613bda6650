<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** Put for the letter, the value leaves the two sides different, or one of them without a value. */
final readonly class DoesNotSolve implements Claim
{
    public function __construct(public Equation $equation, public string $letter, public Expression $value) {}

    public function nodes(): array
    {
        return [$this->equation, $this->value];
    }
}
