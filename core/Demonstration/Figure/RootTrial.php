<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;

/** A candidate for a root, and what became of it. */
final readonly class RootTrial
{
    /** @param Expression|null $remainder the value there, where it was tried */
    public function __construct(
        public Expression $value,
        public RootVerdict $verdict = RootVerdict::Open,
        public ?Expression $remainder = null,
    ) {}
}
