<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** Put for the letter, the value makes both sides equal. */
final readonly class Solves implements Claim
{
    public function __construct(public Equation $equation, public string $letter, public Expression $value) {}

    public function nodes(): array
    {
        return [$this->equation, $this->value];
    }
}
