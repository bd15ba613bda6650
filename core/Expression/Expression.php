<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\DivisionByZero;
use Runel\Number\Rational;

/** Something that has a value once its letters have one. */
interface Expression extends Node
{
    /**
     * The exact value.
     *
     * @param array<string, Rational> $values by letter
     *
     * @throws DivisionByZero when something is divided by 0 there
     * @throws NoExactValue   when a letter has no value, or a root does not come out
     */
    public function valueAt(array $values): Rational;
}
