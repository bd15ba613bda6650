<?php

declare(strict_types=1);

namespace Runel\Judging;

use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Notation\Ascii;
use Runel\Number\Integers;
use Runel\Number\NoExactValue;
use Runel\Polynomial\Polynomial;

/** How an answer is written: worked out, collected, factored. */
final class Form
{
    /** Whether nothing is left to be worked out: plain terms, no two of them alike, fractions in lowest terms. */
    public static function isCollected(Expression $answer): bool
    {
        $terms = $answer->terms();
        foreach ($terms as $term) {
            if (!self::isPlain($term) || !self::isReduced($term)) {
                return false;
            }
        }

        return \count($terms) === max(1, \count(Polynomial::fromExpression($answer)->terms));
    }

    /** Whether it is one number or one term with a number and each letter once. */
    public static function isPlain(Expression $term): bool
    {
        $bare = $term->bare();
        // People write (3x)/2 for (3/2)x.
        if ($bare instanceof Quotient && !self::isNumber($bare)) {
            return $bare->denominator instanceof Numeral
                && self::isPlain($bare->numerator)
                && self::inLowestTerms($bare);
        }
        $letters = [];
        $numbers = 0;
        foreach ($bare->factors() as $factor) {
            $base = $factor instanceof Power && $factor->exponent instanceof Numeral ? $factor->base : $factor;
            if ($base instanceof Letter || $base instanceof Pi) {
                $letters[] = Ascii::write($base);
            } elseif (self::isNumber($factor)) {
                ++$numbers;
            } else {
                return false;
            }
        }

        return $numbers <= 1 && \count($letters) === \count(array_unique($letters));
    }

    /** Whether its numbers are written in lowest terms. */
    public static function isReduced(Node $answer): bool
    {
        if (
            $answer instanceof Quotient
            && self::isWholeNumber($answer->numerator)
            && self::isWholeNumber($answer->denominator)
        ) {
            return self::inLowestTerms($answer);
        }
        foreach ($answer->children() as $child) {
            if (!self::isReduced($child)) {
                return false;
            }
        }

        return true;
    }

    /** Whether a polynomial over a number has a number in common with it. */
    public static function sharesNumber(Quotient $fraction): bool
    {
        $below = $fraction->denominator->number();
        $above = $below === null ? null : Polynomial::tryFrom($fraction->numerator)?->content();

        return $below !== null && $above?->commonDivisor($below)->isOne() === false;
    }

    /** Whether there are no fractions in it. */
    public static function isWhole(Node $node): bool
    {
        return !$node instanceof Quotient
            && array_filter($node->children(), static fn(Node $child): bool => !self::isWhole($child)) === [];
    }

    /** Whether every square is taken out of the square roots of numbers, and none of them stands below a line. */
    public static function hasSimpleRoots(Node $node): bool
    {
        if ($node instanceof Quotient && Inside::holds($node->denominator, Root::class)) {
            return false;
        }
        if ($node instanceof Root && $node->index === 2 && !self::isSquareFree($node->radicand)) {
            return false;
        }

        return array_filter($node->children(), static fn(Node $child): bool => !self::hasSimpleRoots($child)) === [];
    }

    /** Whether a root with a letter under it stands below a line, or a power that comes out of it stands under it. */
    public static function hidesPowers(Node $node): bool
    {
        if ($node instanceof Quotient && Inside::some($node->denominator, self::isLettered(...))) {
            return true;
        }
        if ($node instanceof Root && self::isLettered($node)) {
            foreach ($node->radicand->factors() as $factor) {
                $exponent = $factor->wholeExponent() ?? 0;
                $isHidden = $factor->isNumber()
                    ? $node->index === 2 && !self::isSquareFree($factor)
                    : $exponent >= $node->index || $factor instanceof Quotient;
                if ($isHidden) {
                    return true;
                }
            }
        }

        return array_filter($node->children(), self::hidesPowers(...)) !== [];
    }

    private static function isLettered(Node $node): bool
    {
        return $node instanceof Root && Inside::holds($node->radicand, Letter::class);
    }

    /**
     * Whether roots stand as they do where no root is made to leave the lower side of a line: root over root, each
     * without a square in it.
     *
     * @param bool $kept whether the root of a fraction or a decimal may stay as it is, too
     */
    public static function leavesRoots(Node $node, bool $kept): bool
    {
        if ($node instanceof Root && $node->index === 2) {
            return self::isSquareFree($node->radicand) || ($kept && self::isFraction($node->radicand));
        }

        foreach ($node->children() as $child) {
            if (!self::leavesRoots($child, $kept)) {
                return false;
            }
        }

        return true;
    }

    private static function isFraction(Expression $number): bool
    {
        $value = $number instanceof Numeral ? $number->value : null;

        return ($number instanceof Quotient && self::isReduced($number)) || ($value !== null && !$value->isInteger());
    }

    /** Whether it is a whole number without a square in it, or no number at all. */
    private static function isSquareFree(Expression $radicand): bool
    {
        if (!$radicand instanceof Numeral) {
            return !self::isNumber($radicand);
        }
        $number = $radicand->value->toInt();
        try {
            return $number !== null && $number > 0 && Integers::squareFreePart($number)[0] === 1;
        } catch (NoExactValue) {
            return true;
        }
    }

    private static function isNumber(Expression $expression): bool
    {
        return $expression instanceof Numeral || ($expression instanceof Quotient
            && self::isWholeNumber($expression->numerator) && self::isWholeNumber($expression->denominator));
    }

    private static function isWholeNumber(Expression $expression): bool
    {
        $bare = $expression->bare();

        return $bare instanceof Numeral;
    }

    private static function inLowestTerms(Quotient $quotient): bool
    {
        $top = Polynomial::fromExpression($quotient->numerator)->content();
        $bottom = Polynomial::fromExpression($quotient->denominator)->content();

        return $bottom->isInteger() && !$bottom->isOne() && $top->isInteger() && $top->commonDivisor($bottom)->isOne();
    }

    /** Whether letters stand under a line or under a root. */
    public static function isBeyondPolynomials(Node $node): bool
    {
        return ($node instanceof Quotient && Indeterminates::of($node->denominator) !== [])
            || ($node instanceof Root && Indeterminates::of($node->radicand) !== [])
            || array_filter($node->children(), self::isBeyondPolynomials(...)) !== [];
    }

    /** Whether every fraction with letters below has the lower degree above. */
    public static function isDividedOut(Node $node): bool
    {
        if ($node instanceof Quotient && Indeterminates::of($node->denominator) !== []) {
            $above = Polynomial::tryFrom($node->numerator);
            $below = Polynomial::tryFrom($node->denominator);

            return $above === null || $below === null || $above->degree() < $below->degree();
        }

        return array_filter($node->children(), static fn(Node $child): bool => !self::isDividedOut($child)) === [];
    }
}
