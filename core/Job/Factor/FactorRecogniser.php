<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\CommonTerm;
use Runel\Algebra\LetteredQuadratic;
use Runel\Algebra\Structure;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Sum;
use Runel\Method\Weight;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;

/** A sum with something to take out or to factor, with nothing but a single term in front; or one in an equation. */
final class FactorRecogniser
{
    public static function weight(Problem $problem): int
    {
        $polynomial = $problem->polynomial;
        if ($polynomial === null || $problem->isAboutForm() || \count($polynomial->terms) < 2) {
            return Weight::NOT;
        }
        if ($problem->node instanceof Equation) {
            return self::equation($problem->node, $polynomial, $problem->letter() !== null);
        }
        $hasCommon = $polynomial->degree() > 1 || !CommonTerm::of($polynomial)->isOne();

        return match (true) {
            !$hasCommon => Weight::NOT,
            self::isSeen($problem->node), self::hasLetters($problem) => Weight::CERTAIN,
            self::isToBeCollected($problem->node, $polynomial) => Weight::ALSO,
            $problem->product === null, $problem->product->isScaled() => Weight::FIRST,
            default => $problem->product->isOneBracket() && $polynomial->degree() > 1 ? Weight::ALSO : Weight::NOT,
        };
    }

    /** A quadratic whose middle is multiplied by a sum of other letters: x² − (p + 2)x + 2p. */
    private static function hasLetters(Problem $problem): bool
    {
        return $problem->isSumOfProducts() && \count($problem->letters) > 1
            && LetteredQuadratic::ofProblem($problem)?->a->value() !== null
            && \count(LetteredQuadratic::ofProblem($problem)->b->terms) > 1;
    }

    /** Whether four terms or more come to one or two once like ones are put together: that is what is wanted first. */
    private static function isToBeCollected(Expression $node, Polynomial $polynomial): bool
    {
        return \count($node->terms()) > 3 && \count($polynomial->terms) < 3
            && !Inside::some($node, static fn(Node $part): bool => $part instanceof Sum && $part !== $node);
    }

    /** Whether what stands in parentheses makes it a structure, so that nothing is multiplied out first. */
    private static function isSeen(Expression $node): bool
    {
        $hasBracket = Inside::some($node, static fn(Node $part): bool => $part instanceof Sum && $part !== $node);
        $first = $hasBracket ? Structure::in($node)[0] ?? null : null;
        $isBracket = static fn(Node $part): bool => $part instanceof Sum;

        return $first !== null && array_filter(
            $first->parts,
            static fn(Expression $part): bool => Inside::some($part, $isBracket),
        ) !== [];
    }

    private static function equation(Equation $equation, Polynomial $polynomial, bool $isUnivariate): int
    {
        $isZeroed = $equation->right instanceof Numeral && $equation->right->value->isZero();

        return match (true) {
            $polynomial->degree() < 2 => Weight::NOT,
            $isUnivariate => Weight::POSSIBLE,
            default => $isZeroed ? Weight::LIKELY : Weight::NOT,
        };
    }
}
