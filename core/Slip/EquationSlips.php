<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;

/** The wrong rules people use when they work on both sides: done to a line, they give what people write. */
final class EquationSlips
{
    /** @return list<LikelyWrong> only the first term divided, or only the left side */
    public static function dividing(Equation $before, Expression $divisor): array
    {
        $terms = $before->left instanceof Sum ? $before->left->terms : [$before->left];
        $rest = \array_slice($terms, 1);
        $wrong = [new LikelyWrong(
            new Equation(new Quotient($before->left, $divisor), $before->right),
            Slip::DividedSomeTerms,
        )];
        if ($rest !== []) {
            $first = new Quotient($terms[0], $divisor);
            $wrong[] = new LikelyWrong(
                new Equation(Sum::of([$first, ...$rest]), $before->right),
                Slip::DividedSomeTerms,
            );
            $wrong[] = new LikelyWrong(
                new Equation(Sum::of([$first, ...$rest]), new Quotient($before->right, $divisor)),
                Slip::DividedSomeTerms,
            );
        }

        return $wrong;
    }

    /**
     * @param Expression $counted what it is worth on the right
     *
     * @return list<LikelyWrong> added on one side only, or without what stands in front
     */
    public static function adding(Equation $before, Expression $left, Expression $added, Expression $counted): array
    {
        $wrong = [new LikelyWrong(new Equation($left, $before->right), Slip::AddedToOneSide)];
        if ($added !== $counted) {
            $wrong[] = new LikelyWrong(
                new Equation($left, Sum::of([$before->right, $added])),
                Slip::OuterFactorForgotten,
            );
        }

        return $wrong;
    }
}
