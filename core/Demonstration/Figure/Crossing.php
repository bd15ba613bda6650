<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/** How the crossing of a pair is drawn: what it has to make below or above, plain numbers or terms with their letters. */
final readonly class Crossing
{
    /**
     * @param bool        $middleAbove whether the sum stands above and the product below
     * @param string|null $letter      the letter that product, sum and pair are written with; null for plain numbers
     */
    public function __construct(public bool $middleAbove = false, public ?string $letter = null) {}
}
