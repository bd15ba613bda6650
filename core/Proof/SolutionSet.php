<?php

declare(strict_types=1);

namespace Runel\Proof;

/** What solves an equation in one letter, as the zeros of a polynomial; where a side has no value nothing is solved. */
final readonly class SolutionSet
{
    /**
     * @param Univariate $zeros its zeros solve it; where all numbers do, its zeros are those for which a side has no
     *                          value
     */
    private function __construct(private Univariate $zeros, private bool $all) {}

    /**
     * @param Univariate $difference left side minus right side, without denominators
     * @param Univariate $poles      where one of the sides has no value
     */
    public static function of(Univariate $difference, Univariate $poles): self
    {
        return $difference->isZero()
            ? new self($poles->withoutRepeats(), true)
            : new self($difference->without($poles)->withoutRepeats(), false);
    }

    /** @param list<self> $sets */
    public static function union(array $sets): self
    {
        $zeros = Univariate::one();
        foreach ($sets as $set) {
            if ($set->all) {
                return $set;
            }
            $zeros = $zeros->times($set->zeros);
        }

        return new self($zeros->withoutRepeats(), false);
    }

    /** Whether every number solves it for which both sides have a value. */
    public function isAll(): bool
    {
        return $this->all;
    }

    /** Whether no real number solves it. */
    public function isEmpty(): bool
    {
        return !$this->all && $this->zeros->realZeros() === 0;
    }

    /** How many different real numbers solve it; null where every number does. */
    public function count(): ?int
    {
        return $this->all ? null : $this->zeros->realZeros();
    }

    public function degree(): int
    {
        return $this->zeros->degree();
    }

    /** What solves it and does not solve another, as zeros; null where everything solves it. */
    public function beyond(self $other): ?Univariate
    {
        return $this->all ? null : $this->zeros->without($other->zeros);
    }

    public function compare(self $other): Entailment
    {
        if ($this->all || $other->all) {
            return match (true) {
                $this->all && $other->all => match (true) {
                    $this->zeros->isProportionalTo($other->zeros) => Entailment::Equivalent,
                    // Where the other one has no value, it is not solved.
                    $other->zeros->without($this->zeros)->realZeros() === 0 => Entailment::Implies,
                    default => Entailment::Unrelated,
                },
                $other->all => Entailment::Implies,
                default => Entailment::Unrelated,
            };
        }
        if ($this->zeros->isProportionalTo($other->zeros)) {
            return Entailment::Equivalent;
        }
        $common = $this->zeros->commonWith($other->zeros)->realZeros();
        $own = $this->zeros->realZeros();

        return match (true) {
            // That no real number solves it does not make anything follow: its other zeros have to stay.
            $own === 0 && $other->zeros->degree() === 0 => Entailment::Equivalent,
            $own === 0 => $this->zeros->without($other->zeros)->degree() === 0
                ? Entailment::Implies
                : Entailment::Unrelated,
            $own !== $common => Entailment::Unrelated,
            $other->zeros->realZeros() === $common => Entailment::Equivalent,
            default => Entailment::Implies,
        };
    }
}
