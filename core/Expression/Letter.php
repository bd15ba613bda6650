<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** A letter standing for a number. */
final readonly class Letter implements Expression
{
    public function __construct(public string $name) {}

    public function valueAt(array $values): Rational
    {
        return $values[$this->name] ?? throw new NoExactValue($this->name);
    }

    public function children(): array
    {
        return [];
    }
}
