<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Expression;

/** All of the terms are like: the same letters with the same exponents, zeros left out. */
final readonly class LikeTerms implements Claim
{
    /** @param list<Expression> $terms */
    public function __construct(public array $terms) {}

    public function nodes(): array
    {
        return $this->terms;
    }
}
