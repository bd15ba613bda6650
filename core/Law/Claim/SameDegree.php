<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Expression;

/** Every one of the terms has the degree said, or is 0. */
final readonly class SameDegree implements Claim
{
    /** @param list<Expression> $terms */
    public function __construct(public array $terms, public int $degree) {}

    public function nodes(): array
    {
        return $this->terms;
    }
}
