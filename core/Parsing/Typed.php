<?php

declare(strict_types=1);

namespace Runel\Parsing;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** What was typed, read: an expression or an equation, the letter after "for", and what the words say. */
final readonly class Typed
{
    /**
     * @param Asked|null      $asked     what the words around it ask for
     * @param string|null     $function  the name it was given, as f(x)
     * @param Expression|null $remainder what a division is said to leave
     * @param int|null        $awkwardAt where a letter stands that no polynomial can have there, from 1
     */
    public function __construct(
        public Expression|Equation $node,
        public ?string $subject,
        public ?Asked $asked = null,
        public ?string $function = null,
        public ?int $awkwardAt = null,
        public ?Expression $remainder = null,
    ) {}
}
