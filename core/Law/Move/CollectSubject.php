<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;
use Runel\Expression\Letter;

/** Everything with the letter is gathered and the letter taken out; each side keeps its value. */
final readonly class CollectSubject implements Move
{
    public function __construct(public string $letter) {}

    public function name(): string
    {
        return 'collect-subject';
    }

    public function operand(): Expression
    {
        return new Letter($this->letter);
    }

    public function conditions(): array
    {
        return [];
    }
}
