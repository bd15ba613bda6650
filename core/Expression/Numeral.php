<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/**
 * A whole number that is not negative, or a decimal as it was written. A negative number is the Negative of one, a
 * fraction the Quotient of two: every number has one form in the tree.
 */
final readonly class Numeral implements Expression
{
    use Vocabulary;

    private function __construct(public Rational $value, public ?string $decimal) {}

    /** The expression of any rational number, in its one form. */
    public static function of(Rational|int $value): Expression
    {
        if (\is_int($value)) {
            return $value < 0 ? new Negative(self::of(
                Rational::of($value)->negated(),
            )) : new self(Rational::of($value), null);
        }
        if (($value->toInt() ?? -1) >= 0) {
            return new self($value, null);
        }
        if ($value->isNegative()) {
            return new Negative(self::of($value->negated()));
        }

        $decimal = $value->decimal();
        if ($decimal !== null) {
            return new self($value, $decimal);
        }

        return $value->isInteger()
            ? new self($value, null)
            : new Quotient(new self($value->numerator(), null), new self($value->denominator(), null));
    }

    /** @param string $written digits, with a point or without, as in 0.25 or 25 */
    public static function ofDecimalOrWhole(string $written): self
    {
        $value = Rational::ofDecimal($written);

        return str_contains($written, '.') ? new self($value->asDecimal(), $written) : new self($value, null);
    }

    public function children(): array
    {
        return [];
    }

    public function withChildren(array $children): self
    {
        Parts::expressions($children, 0);

        return $this;
    }

    public function number(): Rational
    {
        return $this->value;
    }
}
