<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/** A letter is replaced by what it equals. */
final readonly class Substitute implements Move
{
    public function __construct(public string $letter, public Expression $value) {}

    public function name(): string
    {
        return 'substitute';
    }

    public function operand(): Expression
    {
        return $this->value;
    }

    public function conditions(): array
    {
        return [];
    }
}
