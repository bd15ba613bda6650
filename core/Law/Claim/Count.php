<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

/** There are as many as said. */
final readonly class Count implements Claim
{
    public function __construct(public int $said, public int $counted) {}

    public function nodes(): array
    {
        return [];
    }
}
