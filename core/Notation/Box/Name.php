<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

use Runel\Expression\LetterIndex;

/** A letter, with the small number or letter at its foot. */
final readonly class Name implements Box
{
    /** @param string $index as it is typed; empty where there is none */
    public function __construct(public string $letter, public string $index = '') {}

    /** @param string $name as an expression holds it, its index lowered */
    public static function of(string $name): self
    {
        // Most names are one letter of one byte.
        return isset($name[1]) ? new self(...LetterIndex::apart($name)) : new self($name);
    }
}
