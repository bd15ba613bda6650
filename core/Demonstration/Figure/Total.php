<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;

/** The sum of everything of one ink. */
final readonly class Total
{
    public function __construct(public int $ink, public Expression $sum) {}
}
