<?php

declare(strict_types=1);

namespace Runel\Working\Roots;

use Runel\Algebra\Candidates;
use Runel\Demonstration\Figure\RootVerdict;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** Rational roots searched for and divided out, round by round, until a quadratic is left or no candidate fits. */
final readonly class RootSearch
{
    /** Beyond this degree the search is not begun. */
    public const DEGREE = 6;

    /**
     * @param list<RootRound>  $rounds  the last one without a root where nothing fits any more
     * @param list<Polynomial> $factors the linear factors found, whole coefficients
     * @param Polynomial       $rest    what is left when they are divided out
     */
    private function __construct(public array $rounds, public array $factors, public Polynomial $rest) {}

    /**
     * @param Polynomial $polynomial in one letter, whole coefficients without a common factor, the first one positive,
     *                               the last one not 0
     *
     * @param Rational|null $given what is said to be a root
     *
     * @return self|null null where there are too many candidates
     */
    public static function of(Polynomial $polynomial, string $letter, ?Rational $given = null): ?self
    {
        $rounds = [];
        $factors = [];
        $failed = [];
        while ($polynomial->degree() > 2) {
            $candidates = Candidates::of($polynomial, $letter, $rounds === [] ? $given : null);
            if ($candidates === null) {
                return null;
            }
            $round = RootRound::of($polynomial, $letter, $candidates, $failed);
            $rounds[] = $round;
            $factor = $round->factor($letter);
            if ($factor === null) {
                break;
            }
            foreach ($round->tried as $tried) {
                if ($tried->verdict !== RootVerdict::Fits) {
                    $failed[] = $tried->value;
                }
            }
            $factors[] = $factor;
            $polynomial = $round->quotient;
        }

        return new self($rounds, $factors, $polynomial);
    }

    /** How many candidates were tried, the right ones included. */
    public function trials(): int
    {
        $count = 0;
        foreach ($this->rounds as $round) {
            $count += \count(array_filter(
                $round->tried,
                static fn(TriedRoot $tried): bool => $tried->row !== null,
            ));
        }

        return $count;
    }

    /** Whether every candidate of the last round failed. */
    public function isStuck(): bool
    {
        return $this->rest->degree() > 2;
    }

    /** @return list<Rational> the roots found, in order */
    public function roots(): array
    {
        $roots = [];
        foreach ($this->rounds as $round) {
            if ($round->root !== null) {
                $roots[] = $round->root;
            }
        }

        return $roots;
    }
}
