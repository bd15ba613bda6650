<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

/** How the crossing of a pair is drawn: the middle below or above, plain numbers or terms with their letters. */
final readonly class Crossing
{
    /**
     * @param bool        $middleAbove whether the sum stands above and the product below
     * @param string|null $letter      the letter that product, sum and pair are written with; null for plain numbers
     */
    public function __construct(public bool $middleAbove = false, public ?string $letter = null) {}

    /** @return array<string, string> what differs from the usual crossing, for machines */
    public function said(): array
    {
        return array_filter([
            'middle' => $this->middleAbove ? 'above' : '',
            'letter' => (string) $this->letter,
        ], static fn(string $value): bool => $value !== '');
    }
}
