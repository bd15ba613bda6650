<?php

declare(strict_types=1);

namespace Runel\Job\Multiply\Ladder;

use Runel\Job\Multiply\MultiplyFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Seen;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** What the ladders of multiplying have in common. */
abstract class MultiplyingLadder extends Ladder
{
    final public function job(): string
    {
        return MultiplyFamily::JOB;
    }

    public function method(): string
    {
        return 'grid';
    }

    /** @param list<Polynomial> $factors */
    final protected static function leading(array $factors): int
    {
        return \count(array_filter(
            $factors,
            static fn(Polynomial $factor): bool => !$factor->terms[0]->coefficient->absolute()->isOne(),
        ));
    }

    /**
     * Whether two of the factors are a sum and its difference.
     *
     * @param list<Polynomial> $factors
     */
    private static function hasSumDifference(array $factors): bool
    {
        foreach ($factors as $place => $one) {
            foreach (\array_slice($factors, $place + 1) as $other) {
                $isPair = \count($one->terms) === 2 && \count($other->terms) === 2;
                if ($isPair && \count($one->times($other)->terms) < 3) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * What any product may have.
     *
     * @param list<Polynomial> $factors
     *
     * @return array<string, bool>
     */
    final protected static function common(array $factors): array
    {
        $any = static fn(callable $is): bool => array_filter($factors, $is) !== [];
        $keys = array_map(static fn(Polynomial $factor): string => implode('|', array_map(
            static fn(Term $term): string => "$term->coefficient {$term->monomial->key}",
            $factor->terms,
        )), $factors);

        return [
            Difficulty::Minus->value => $any(Seen::hasMinus(...)),
            Difficulty::TwoLetters->value => $any(static fn(Polynomial $one): bool => \count($one->letters()) > 1),
            Difficulty::CommonFactor->value => $any(
                static fn(Polynomial $one): bool => !$one->content()->isOne() || \count($one->terms) < 2,
            ),
            Difficulty::LeadingMinus->value => $any(
                static fn(Polynomial $one): bool => $one->terms[0]->coefficient->isNegative(),
            ),
            Difficulty::Repeated->value => \count(array_unique($keys)) < \count($keys),
            Difficulty::SumDifference->value => self::hasSumDifference($factors),
        ];
    }
}
