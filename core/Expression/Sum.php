<?php

declare(strict_types=1);

namespace Runel\Expression;

use Runel\Number\Rational;

/** Two or more terms added; a subtracted term is a Negative one. */
final readonly class Sum implements Expression
{
    /** @param list<Expression> $terms at least two */
    private function __construct(public array $terms) {}

    /**
     * The sum of any number of terms: of none it is 0, of one the term itself.
     *
     * @param list<Expression> $terms
     */
    public static function of(array $terms): Expression
    {
        return match (\count($terms)) {
            0 => Numeral::of(0),
            1 => $terms[0],
            default => new self($terms),
        };
    }

    public function valueAt(array $values): Rational
    {
        $sum = null;
        foreach ($this->terms as $term) {
            $value = $term->valueAt($values);
            $sum = $sum === null ? $value : $sum->plus($value);
        }

        return $sum ?? Rational::zero();
    }

    public function children(): array
    {
        return $this->terms;
    }
}
