<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Expression\Equation;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** The two sides of a quadratic equation, each multiplied out and in order, as they stand at the moment. */
final readonly class OpenedSides
{
    public function __construct(public Polynomial $left, public Polynomial $right) {}

    public function scaledBy(Rational $factor): self
    {
        return new self($this->left->scaledBy($factor), $this->right->scaledBy($factor));
    }

    public function equation(): Equation
    {
        return new Equation($this->left->toExpression(), $this->right->toExpression());
    }
}
