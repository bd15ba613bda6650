<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Expression;

/** Both have the same value wherever the first has one; the second has no place without value of its own. */
final readonly class SameWhereDefined implements Claim
{
    /** @param string|null $letter the only one; null where there are several, or none: then only values are compared */
    public function __construct(public Expression $first, public Expression $second, public ?string $letter) {}

    public function nodes(): array
    {
        return [$this->first, $this->second];
    }
}
