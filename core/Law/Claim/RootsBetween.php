<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/** An equation has as many real solutions as there are pairs of numbers, one between the two of each pair. */
final readonly class RootsBetween implements Claim
{
    /** @param list<array{Expression, Expression}> $pairs rising */
    public function __construct(public Equation $equation, public string $letter, public array $pairs) {}

    public function nodes(): array
    {
        return [$this->equation, ...array_merge(...$this->pairs)];
    }
}
