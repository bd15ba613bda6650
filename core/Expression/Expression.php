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

    /** With a minus before it, or as it is. */
    public function signed(bool $isNegative): Expression;

    /** With a minus before it where one stands before the other. */
    public function signedLike(Expression $other): Expression;

    /** What stands above its line, where it is a fraction; else the expression itself. */
    public function above(): Expression;

    /** What stands below its line; null where it is no fraction. */
    public function below(): ?Expression;

    /** The same line with something else above it; where it is no fraction, the other thing alone. */
    public function withAbove(Expression $above): Expression;

    /** Of a power its base; else the expression itself. */
    public function base(): Expression;

    /** How often its base is a factor of it: the exponent of a power, null where that is not whole; else 1. */
    public function wholeExponent(): ?int;

    /** The number it is as it stands, a fraction or with a minus, too; null for everything else. */
    public function number(): ?Rational;

    public function isNumber(): bool;

    public function isZero(): bool;

    public function isOne(): bool;
}
