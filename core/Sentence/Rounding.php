<?php

declare(strict_types=1);

namespace Runel\Sentence;

/** How a sentence wants its numbers. */
final readonly class Rounding
{
    /** @param int|null $places decimal places or significant figures; null: exact */
    private function __construct(public ?int $places, public bool $isSignificant) {}

    public static function exact(): self
    {
        return new self(null, false);
    }

    public static function places(int $places): self
    {
        return new self($places, false);
    }

    public static function figures(int $figures): self
    {
        return new self($figures, true);
    }

    /** As the contract writes it: exact, 2dp, 3sf. */
    public function __toString(): string
    {
        return $this->places === null ? 'exact' : $this->places . ($this->isSignificant ? 'sf' : 'dp');
    }
}
