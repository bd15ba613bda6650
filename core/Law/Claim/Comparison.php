<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Expression;

/** The two numbers are equal, or they are not, as said. */
final readonly class Comparison implements Claim
{
    public function __construct(public Expression $left, public Expression $right, public bool $equal) {}

    public function nodes(): array
    {
        return [$this->left, $this->right];
    }
}
