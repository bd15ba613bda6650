<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** Put for the letter, the result makes the formula true, and the result is free of the letter. */
final readonly class SubjectOf implements Claim
{
    public function __construct(public Equation $formula, public string $letter, public Expression $result) {}

    public function nodes(): array
    {
        return [$this->formula, $this->result];
    }
}
