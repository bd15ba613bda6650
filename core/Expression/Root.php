<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** A root: the radicand and the index, 2 for a square root. */
final readonly class Root implements Expression
{
    public function __construct(public Expression $radicand, public int $index = 2) {}

    public function valueAt(array $values): Rational
    {
        $root = $this->index === 2 ? $this->radicand->valueAt($values)->squareRoot() : null;

        return $root ?? throw new NoExactValue('root');
    }

    public function children(): array
    {
        return [$this->radicand];
    }
}
