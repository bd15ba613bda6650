<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** Something that has a value once its letters have one; in which numbers is the business of an Evaluation. */
interface Expression extends Node
{
    /** @return list<Expression> of a sum its terms, each with its sign; else the expression alone */
    public function terms(): array;

    /** @return list<Expression> of a product its factors; else the expression alone */
    public function factors(): array;

    /** Without the minus that stands before it, where one does. */
    public function bare(): Expression;

    /** The opposite: without its minus, or with one. */
    public function negated(): Expression;

    /** The number it is as it stands, a fraction or with a minus, too; null for everything else. */
    public function number(): ?Rational;

    public function isNumber(): bool;

    public function isZero(): bool;

    public function isOne(): bool;
}
