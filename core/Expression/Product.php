<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Two or more factors multiplied. A factor that is itself a product is written apart, as in 2x · 3x². */
final readonly class Product implements Expression
{
    use Vocabulary;

    /**
     * @param list<Expression> $factors at least two
     * @param bool             $apart   whether a times sign stands between them even where none is needed
     */
    private function __construct(public array $factors, public bool $apart) {}

    /**
     * The product of any number of factors: of none it is 1, of one the factor itself.
     *
     * @param list<Expression> $factors
     */
    public static function of(array $factors): Expression
    {
        return match (\count($factors)) {
            0 => Numeral::of(1),
            1 => $factors[0],
            default => new self($factors, false),
        };
    }

    /** A factor before others, its own factors one by one; a 1 is written only where there are none. */
    public static function withFront(Expression $front, Expression ...$others): Expression
    {
        return self::of([
            ...($others !== [] && $front->isOne() ? [] : $front->factors()),
            ...array_values($others),
        ]);
    }

    /**
     * Factors with a times sign between them wherever they stand, as in 6 · x.
     *
     * @param list<Expression> $factors at least two
     */
    public static function apart(array $factors): self
    {
        return new self($factors, true);
    }

    public function children(): array
    {
        return $this->factors;
    }

    public function withChildren(array $children): self
    {
        return new self(Parts::expressions($children, \count($this->factors)), $this->apart);
    }

    public function factors(): array
    {
        return $this->factors;
    }
}
