<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** A base with an exponent. */
final readonly class Power implements Expression
{
    /** The largest exponent whose power is ever worked out. */
    private const LARGEST_EXPONENT = 1000;

    public function __construct(public Expression $base, public Expression $exponent) {}

    public function valueAt(array $values): Rational
    {
        $exponent = $this->exponent->valueAt($values)->toInt();
        if ($exponent === null || abs($exponent) > self::LARGEST_EXPONENT) {
            throw new NoExactValue('exponent');
        }

        return $this->base->valueAt($values)->power($exponent);
    }

    public function children(): array
    {
        return [$this->base, $this->exponent];
    }
}
