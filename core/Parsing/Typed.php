<?php

declare(strict_types=1);

namespace Runel\Parsing;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** What was typed, read: an expression or an equation, and the letter after "for" where one was named. */
final readonly class Typed
{
    public function __construct(public Expression|Equation $node, public ?string $subject) {}
}
