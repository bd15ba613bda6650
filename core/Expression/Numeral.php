<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** A number. Keeps the decimal it was written as, so that what was typed can be shown again. */
final readonly class Numeral implements Expression
{
    private function __construct(public Rational $value, public ?string $decimal) {}

    public static function of(Rational|int $value): self
    {
        return new self(\is_int($value) ? Rational::of($value) : $value, null);
    }

    /** @param string $written digits, with a point or without, as in 0.25 or 25 */
    public static function ofDecimalOrWhole(string $written): self
    {
        return new self(Rational::ofDecimal($written), str_contains($written, '.') ? $written : null);
    }

    public function valueAt(array $values): Rational
    {
        return $this->value;
    }

    public function children(): array
    {
        return [];
    }
}
