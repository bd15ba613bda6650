<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Expression;

/** Of two numbers with this product and this sum, so many are negative. */
final readonly class NegativeCount implements Claim
{
    public function __construct(public Expression $product, public Expression $sum, public Expression $count) {}

    public function nodes(): array
    {
        return [$this->product, $this->sum, $this->count];
    }
}
