<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Expression;

/** The two have the same value, whatever the letters are. */
final readonly class Identity implements Claim
{
    public function __construct(public Expression $left, public Expression $right) {}

    public function nodes(): array
    {
        return [$this->left, $this->right];
    }
}
