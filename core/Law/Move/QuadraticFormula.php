<?php

declare(strict_types=1);

namespace Runel\Law\Move;

use Runel\Expression\Expression;

/**
 * A quadratic with letters for numbers, solved for one of them: what the letter is said to be makes its left side minus
 * its right one the leading coefficient times (x − one)(x − other).
 */
final readonly class QuadraticFormula implements Move
{
    /**
     * @param Expression       $leading    what the square is multiplied by
     * @param list<Expression> $conditions what may not be 0: the leading coefficient where letters stand in it
     */
    public function __construct(public Expression $leading, private array $conditions = []) {}

    public function name(): string
    {
        return 'quadratic-formula';
    }

    public function operand(): ?Expression
    {
        return null;
    }

    public function conditions(): array
    {
        return $this->conditions;
    }
}
