<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Node;

/** Both are solved by the same numbers. */
final readonly class SameSolutions implements Claim
{
    public function __construct(public Node $before, public Node $after) {}

    public function nodes(): array
    {
        return [$this->before, $this->after];
    }
}
