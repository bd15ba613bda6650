<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** The opposite of something; as a term of a sum it is the subtracted term. */
final readonly class Negative implements Expression
{
    use Vocabulary;

    public function __construct(public Expression $operand) {}

    public function children(): array
    {
        return [$this->operand];
    }

    public function withChildren(array $children): self
    {
        [$operand] = Parts::expressions($children, 1);

        return new self($operand);
    }

    public function bare(): Expression
    {
        return $this->operand;
    }

    public function negated(): Expression
    {
        return $this->operand;
    }

    public function number(): ?Rational
    {
        return $this->operand->number()?->negated();
    }
}
