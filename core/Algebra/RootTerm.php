<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Root;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** A number before a square root. */
final readonly class RootTerm
{
    public function __construct(public Rational $coefficient, public Polynomial $radicand) {}

    public function with(Rational $coefficient): self
    {
        return new self($coefficient, $this->radicand);
    }

    /** c²r, what its square is. */
    public function squared(): Polynomial
    {
        return $this->radicand->scaledBy($this->coefficient->times($this->coefficient));
    }

    public function root(): Root
    {
        return new Root($this->radicand->toExpression());
    }

    public function toExpression(): Expression
    {
        $size = $this->coefficient->absolute();
        $written = Product::withFront(Numeral::of($size), $this->root());

        return $written->signed($this->coefficient->isNegative());
    }
}
