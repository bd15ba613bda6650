<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;

/** What arrows from term to term have brought: one product, or several added in the head. */
final readonly class ArrowedProduct
{
    /**
     * @param non-empty-list<array{int, int}> $joined the places (left, right) each arrow joins
     * @param int                             $ink    of its like terms
     */
    public function __construct(public array $joined, public Expression $product, public int $ink) {}
}
