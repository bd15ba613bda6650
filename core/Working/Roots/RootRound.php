<?php

declare(strict_types=1);

namespace Runel\Working\Roots;

use Runel\Algebra\Candidates;
use Runel\Algebra\SyntheticDivision;
use Runel\Demonstration\Figure\RootVerdict;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** One round of the search: candidates tried in order until one is a root, or none is. */
final readonly class RootRound
{
    /**
     * @param Polynomial      $polynomial whole coefficients without a common factor, the first one positive
     * @param list<TriedRoot> $tried      in order, up to the one that fits
     * @param list<Rational>  $open       those that did not come to their turn
     * @param Rational|null   $root       the one that fits
     * @param Polynomial      $quotient   what is left when it is divided out
     */
    private function __construct(
        public Polynomial $polynomial,
        public Candidates $candidates,
        public array $tried,
        public array $open,
        public ?Rational $root,
        public Polynomial $quotient,
    ) {}

    /** @param list<Rational> $failed what has failed in earlier rounds and cannot work any more */
    public static function of(Polynomial $polynomial, string $letter, Candidates $candidates, array $failed): self
    {
        $coefficients = $polynomial->coefficients($letter);
        [$plus, $minus] = [self::canBe($coefficients), self::canBe(self::alternating($coefficients))];
        [$above, $below] = [null, null];
        $tried = [];
        $values = array_values(array_filter($candidates->values, static fn(Rational $value): bool => array_filter(
            $failed,
            static fn(Rational $other): bool => $other->equals($value),
        ) === []));
        foreach ($values as $place => $value) {
            $negative = $value->isNegative();
            $verdict = match (true) {
                !($negative ? $minus : $plus) => RootVerdict::Sign,
                $above !== null && $value->compareTo($above) > 0 => RootVerdict::Beyond,
                $below !== null && $value->compareTo($below) < 0 => RootVerdict::Beyond,
                default => null,
            };
            if ($verdict !== null) {
                $tried[] = new TriedRoot($value, $verdict);
                continue;
            }
            $row = SyntheticDivision::ofNumbers($coefficients === [] ? [Rational::zero()] : $coefficients, $value);
            if ($row->remainder()->isZero()) {
                $tried[] = new TriedRoot($value, RootVerdict::Fits, $row);

                return new self(
                    $polynomial,
                    $candidates,
                    $tried,
                    \array_slice($values, $place + 1),
                    $value,
                    self::quotient($row, $letter, $value),
                );
            }
            $bounds = self::isBound($row, $negative);
            if ($bounds) {
                $above = $negative ? $above : $value;
                $below = $negative ? $value : $below;
            }
            $tried[] = new TriedRoot($value, RootVerdict::Fails, $row, $bounds);
        }

        return new self($polynomial, $candidates, $tried, [], null, $polynomial);
    }

    /** The factor that belongs to the root, with whole coefficients: 2x − 1 of 1/2. */
    public function factor(string $letter): ?Polynomial
    {
        return $this->root === null ? null : Polynomial::ofCoefficients($letter, [
            $this->root->denominator(),
            $this->root->numerator()->negated(),
        ]);
    }

    /** @param list<Rational> $coefficients */
    private static function canBe(array $coefficients): bool
    {
        return array_filter($coefficients, static fn(Rational $one): bool => $one->isNegative()) !== [];
    }

    /**
     * The coefficients for the opposite of the letter, the first one positive.
     *
     * @param list<Rational> $coefficients
     *
     * @return list<Rational>
     */
    private static function alternating(array $coefficients): array
    {
        return array_map(
            static fn(Rational $one, int $place): Rational => $place % 2 === 0 ? $one : $one->negated(),
            $coefficients,
            array_keys($coefficients),
        );
    }

    /** Whether nothing beyond the value can be a root: all sums positive, or with a negative value signs in turn. */
    private static function isBound(SyntheticDivision $row, bool $negative): bool
    {
        foreach ($row->sums as $place => $sum) {
            $value = $sum->isZero() ? null : $sum->terms[0]->coefficient;
            if ($value === null || $value->isNegative() !== ($negative && $place % 2 === 1)) {
                return false;
            }
        }

        return true;
    }

    private static function quotient(SyntheticDivision $row, string $letter, Rational $root): Polynomial
    {
        $terms = [];
        $degree = \count($row->sums) - 2;
        foreach (\array_slice($row->sums, 0, -1) as $place => $sum) {
            if (!$sum->isZero()) {
                $terms[] = new Term($sum->terms[0]->coefficient, Monomial::power($letter, $degree - $place));
            }
        }

        return Polynomial::ofTerms($terms)->scaledBy($root->denominator()->reciprocal());
    }
}
