<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\DivisionByZero;
use Runel\Number\Field\Field;
use Runel\Number\Field\OpenPowers;
use Runel\Number\Field\Rationals;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/**
 * Works expressions out in a field, with values for their letters.
 *
 * @template T
 */
final class Evaluation
{
    /** The largest exponent whose power is ever worked out. */
    private const LARGEST_EXPONENT = 1000;

    /** @var \WeakMap<Expression, T> */
    private readonly \WeakMap $known;
    /** @var array<string, array<int, T>> powers of letters, which come again with every line */
    private array $powers = [];

    /**
     * @param Field<T>            $field
     * @param \Closure(string): T $letter the value of a letter, or of π; throws NoExactValue where it has none
     */
    public function __construct(private readonly Field $field, private readonly \Closure $letter)
    {
        $this->known = new \WeakMap();
    }

    /**
     * @template V
     *
     * @param Field<V>         $field
     * @param array<string, V> $values by letter
     *
     * @return self<V>
     */
    public static function at(Field $field, array $values): self
    {
        return new self(
            $field,
            static fn(string $letter): mixed => $values[$letter] ?? throw new NoExactValue($letter),
        );
    }

    /**
     * The exact value among the fractions.
     *
     * @param array<string, Rational> $values by letter
     *
     * @throws DivisionByZero when something is divided by 0 there
     * @throws NoExactValue   when a letter has no value, or a root does not come out
     */
    public static function rational(Expression $expression, array $values = []): Rational
    {
        return self::at(new Rationals(), $values)->of($expression);
    }

    /**
     * Each node is worked out once.
     *
     * @return T
     *
     * @throws DivisionByZero when something is divided by 0 there
     * @throws NoExactValue   when a letter has no value, or the field does not hold a root
     */
    public function of(Expression $expression): mixed
    {
        if ($expression instanceof Numeral) {
            return $this->field->number($expression->value);
        }
        if ($expression instanceof Letter) {
            return ($this->letter)($expression->name);
        }
        if ($expression instanceof Pi) {
            return ($this->letter)(Pi::NAME);
        }

        return $this->known[$expression] ??= match (true) {
            $expression instanceof Product => $this->productOf($expression->factors),
            $expression instanceof Sum => $this->sumOf($expression->terms),
            $expression instanceof Negative => $this->field->opposite($this->of($expression->operand)),
            $expression instanceof Power => $this->power($expression),
            $expression instanceof Quotient => $this->field->quotient($this->of($expression->numerator), $this->of(
                $expression->denominator,
            )),
            $expression instanceof Marked => $this->of($expression->content),
            $expression instanceof Root => $this->field->root($this->of($expression->radicand), $expression->index),
            default => throw new \LogicException('No value for ' . $expression::class),
        };
    }

    /** The exponent of a power, worked out. */
    public static function exponent(Power $power): int
    {
        if (
            $power->exponent instanceof Numeral
            && ($exponent = $power->exponent->value->toInt()) !== null
            && $exponent <= self::LARGEST_EXPONENT
        ) {
            return $exponent;
        }
        try {
            $exponent = self::rational($power->exponent)->toInt();
        } catch (DivisionByZero | NoExactValue) {
            $exponent = null;
        }
        if ($exponent === null || abs($exponent) > self::LARGEST_EXPONENT) {
            throw new NoExactValue('exponent');
        }

        return $exponent;
    }

    /**
     * @param list<Expression> $terms
     *
     * @return T
     */
    private function sumOf(array $terms): mixed
    {
        $values = [$this->of($terms[0])];
        for ($place = 1, $count = \count($terms); $place < $count; ++$place) {
            $values[] = $this->of($terms[$place]);
        }

        return $this->field->sum($values);
    }

    /**
     * @param list<Expression> $factors
     *
     * @return T
     */
    private function productOf(array $factors): mixed
    {
        $product = $this->of($factors[0]);
        for ($place = 1, $count = \count($factors); $place < $count; ++$place) {
            $product = $this->field->product($product, $this->of($factors[$place]));
        }

        return $product;
    }

    /** @return T */
    private function power(Power $power): mixed
    {
        // Most exponents are whole and small: they take no further call.
        $exponent = $power->exponent instanceof Numeral ? $power->exponent->value->toInt() : null;
        if ($exponent === null || $exponent > self::LARGEST_EXPONENT) {
            $rooted = FractionalPower::rooted($power);
            if ($rooted !== null) {
                return $this->of($rooted);
            }
            try {
                $exponent = self::exponent($power);
            } catch (NoExactValue $open) {
                return $this->field instanceof OpenPowers && Indeterminates::of($power->exponent) !== []
                    ? $this->field->openPower($this->of($power->base), $this->of($power->exponent))
                    : throw $open;
            }
        }
        return $power->base instanceof Letter
            ? $this->powers[$power->base->name][$exponent] ??= $this->raised($power->base, $exponent)
            : $this->raised($power->base, $exponent);
    }

    /** @return T */
    private function raised(Expression $base, int $exponent): mixed
    {
        $square = $this->of($base);
        $result = ($exponent & 1) === 1 ? $square : null;
        for ($left = abs($exponent) >> 1; $left > 0; $left >>= 1) {
            $square = $this->field->product($square, $square);
            if (($left & 1) === 1) {
                $result = $result === null ? $square : $this->field->product($result, $square);
            }
        }
        $result ??= $this->field->number(Rational::one());

        return $exponent < 0 ? $this->field->quotient($this->field->number(Rational::one()), $result) : $result;
    }
}
