<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Two or more terms added; a subtracted term is a Negative one. */
final readonly class Sum implements Expression
{
    use Vocabulary;

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

    public function children(): array
    {
        return $this->terms;
    }

    public function withChildren(array $children): self
    {
        return new self(Parts::expressions($children, \count($this->terms)));
    }

    public function terms(): array
    {
        return $this->terms;
    }
}
