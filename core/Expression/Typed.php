<?php

declare(strict_types=1);

namespace Runel\Expression;

/** What was typed, read: an expression or an equation, and the letter after "for" where one was named. */
final readonly class Typed
{
    public function __construct(public Expression|Equation $node, public ?string $subject) {}
}
