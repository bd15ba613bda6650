<?php

declare(strict_types=1);

namespace Runel\Parsing;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** Mathematics that was typed, read. */
final readonly class Typed
{
    /** @param int|null $awkwardAt where a letter stands that no polynomial can have there, from 1 */
    public function __construct(public Expression|Equation $node, public ?int $awkwardAt = null) {}
}
