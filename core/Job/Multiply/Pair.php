<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/**
 * Two polynomials about to be multiplied, laid out for work: with one letter and two or more
 * terms each, every missing power gets a place with a 0; otherwise terms stand as they are.
 */
final readonly class Pair
{
    /**
     * @param list<Term>           $leftTerms
     * @param list<Term>           $rightTerms
     * @param array<int, Monomial> $groups     the like terms that will turn up, by ink, as they fall; with
     *                                         one letter the ink is the degree
     * @param string|null          $letter     the only letter, if there is just one
     */
    private function __construct(
        public Polynomial $left,
        public Polynomial $right,
        public array $leftTerms,
        public array $rightTerms,
        public Polynomial $product,
        public array $groups,
        public ?string $letter,
        public bool $placed,
    ) {}

    public static function of(Polynomial $left, Polynomial $right): self
    {
        $letters = array_values(array_unique([...$left->letters(), ...$right->letters()]));
        $letter = \count($letters) === 1 && !Monomial::isConstant($letters[0]) ? $letters[0] : null;
        $placed = $letter !== null && \count($left->terms) > 1 && \count($right->terms) > 1;
        $leftTerms = $placed ? $left->places($letter) : $left->terms;
        $rightTerms = $placed ? $right->places($letter) : $right->terms;

        return new self($left, $right, $leftTerms, $rightTerms, $left->times($right), self::groups(
            $leftTerms,
            $rightTerms,
            $letter,
        ), $letter, $placed);
    }

    /** The same work with the two factors exchanged. */
    public function turned(): self
    {
        return new self(
            $this->right,
            $this->left,
            $this->rightTerms,
            $this->leftTerms,
            $this->product,
            $this->groups,
            $this->letter,
            $this->placed,
        );
    }

    public function ink(Monomial $monomial): int
    {
        if ($this->letter !== null) {
            return $monomial->degree;
        }
        foreach ($this->groups as $ink => $group) {
            if ($group->key === $monomial->key) {
                return $ink;
            }
        }
        throw new \LogicException('No such group.');
    }

    /** The term of the product in one group; 0 where everything cancels. */
    public function total(int $ink): Term
    {
        $monomial = $this->groups[$ink];
        foreach ($this->product->terms as $term) {
            if ($term->monomial->key === $monomial->key) {
                return $term;
            }
        }

        return Term::constant(0);
    }

    public function hasGaps(): bool
    {
        $places = \count($this->leftTerms) + \count($this->rightTerms);

        return $this->placed && $places > \count($this->left->terms) + \count($this->right->terms);
    }

    public function isTwoBinomials(): bool
    {
        return \count($this->left->terms) === 2 && \count($this->right->terms) === 2;
    }

    /** Whether a minus in the left factor has to be carried through the right one. */
    public function signsMatter(): bool
    {
        foreach ($this->left->terms as $term) {
            if ($term->coefficient->isNegative()) {
                return true;
            }
        }

        return false;
    }

    /** Whether one of the two is −1: then nothing is multiplied, every sign turns. */
    public function onlyTurns(): bool
    {
        return self::isMinusOne($this->left) || self::isMinusOne($this->right);
    }

    public static function isMinusOne(Polynomial $factor): bool
    {
        return $factor->value()?->equals(Rational::of(-1)) === true;
    }

    /** How many kinds of like terms the single products are of. */
    public function kinds(): int
    {
        $keys = [];
        foreach ($this->left->terms as $left) {
            foreach ($this->right->terms as $right) {
                $keys[$left->times($right)->monomial->key] = true;
            }
        }

        return \count($keys);
    }

    /** How many single products there are to work out, those with 0 left out. */
    public function work(): int
    {
        return $this->onlyTurns() ? 0 : \count($this->left->terms) * \count($this->right->terms);
    }

    /**
     * @param list<Term> $left
     * @param list<Term> $right
     *
     * @return array<int, Monomial>
     */
    private static function groups(array $left, array $right, ?string $letter): array
    {
        $found = [];
        foreach ($left as $first) {
            foreach ($right as $second) {
                $monomial = $first->times($second)->monomial;
                $found[$monomial->key] = $monomial;
            }
        }
        usort($found, static fn(Monomial $first, Monomial $second): int => $first->compareTo($second));
        $groups = [];
        foreach ($found as $place => $monomial) {
            $groups[$letter !== null ? $monomial->degree : \count($found) - 1 - $place] = $monomial;
        }

        return $groups;
    }
}
