<?php

declare(strict_types=1);

namespace Runel\Sentence;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\RootIndex;
use Runel\Expression\Sum;
use Runel\Message\TooLarge;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** What the mathematics of a sentence looks like, where that decides which job is meant. */
final readonly class Shape
{
    /** The job that is meant, where the one named is done elsewhere with such mathematics; null where none is named. */
    public static function job(Expression|Equation $node, ?string $job, ?string $form): ?string
    {
        $isOver = $node instanceof Quotient
            && (self::isOverLetters($node->numerator) || self::isOverLetters($node->denominator));

        return match (true) {
            !$node instanceof Expression => $job,
            $job === null => \in_array($form, ['fraction', 'root'], true) ? 'simplify' : null,
            // Fractions and roots of letters are multiplied where they are simplified.
            $job === 'multiply' && Polynomial::tryFrom($node) === null
                && (self::isSimplified($node) || RootIndex::of($node) > 1),
            $job === 'divide' && $isOver => 'simplify',
            default => $job,
        };
    }

    /** Whether fractions with letters are to be brought over one line. */
    public static function isSumWithFractions(Expression|Equation $node): bool
    {
        return $node instanceof Sum && Inside::holds($node, Quotient::class) && Letters::of($node) !== [];
    }

    /**
     * Whether simplifying is meant as such: a product is multiplied out, a polynomial over a smaller one divided where
     * nothing cancels.
     */
    public static function isSimplified(Expression|Equation $node): bool
    {
        $isDivision = $node instanceof Quotient && self::isDivided($node);
        $isMultiplied = Letters::of($node) !== [] && Inside::some($node, static fn(Node $part): bool => match (true) {
            $part instanceof Product, $part instanceof Power, $part instanceof Quotient
                => Inside::holds($part, Sum::class),
            default => false,
        });

        return $node instanceof Expression && !$isDivision
            && (self::isOverLetters($node) || !$isMultiplied || self::isOverCommonNumber($node)
                || self::isSumOfFractions($node));
    }

    /** Whether a fraction over a number stands in a sum, with more than one term above. */
    private static function isSumOfFractions(Expression $node): bool
    {
        return $node instanceof Sum && array_filter(
            $node->terms,
            static fn(Expression $term): bool => $term->bare() instanceof Quotient
                && $term->bare()->numerator instanceof Sum,
        ) !== [];
    }

    /** Whether it is a fraction over a number that has a factor in common with all above. */
    private static function isOverCommonNumber(Expression $node): bool
    {
        $number = $node instanceof Quotient ? $node->denominator->number() : null;
        $above = $number !== null && $node instanceof Quotient ? Polynomial::tryFrom($node->numerator) : null;

        return $number !== null && $above !== null && !$above->hasFractions() && $number->isInteger()
            && !$above->content()->commonDivisor($number)->isOne();
    }

    /** Whether one polynomial is over a smaller one, and both have nothing in common. */
    private static function isDivided(Quotient $fraction): bool
    {
        $above = Polynomial::tryFrom($fraction->numerator);
        $below = Polynomial::tryFrom($fraction->denominator);
        if ($above === null || $below === null || $below->isConstant() || $above->degree() <= $below->degree()) {
            return false;
        }
        $letters = array_values(array_unique([...$above->letters(), ...$below->letters()]));
        if (\count($below->terms) === 1) {
            $common = array_reduce(
                $above->terms,
                static fn(Monomial $common, Term $term): Monomial => $common->common($term->monomial),
                $below->terms[0]->monomial,
            );

            return $common->exponents === [];
        }
        if (\count($letters) !== 1) {
            return false;
        }
        try {
            return $above->commonDivisor($below, $letters[0])->isConstant();
        } catch (TooLarge) {
            return true;
        }
    }

    public static function isOverLetters(Expression|Equation $node): bool
    {
        return Inside::some($node, static fn(Node $part): bool => $part instanceof Quotient
            && Letters::of($part->denominator) !== []);
    }

    /** Numbers with roots, and a form in which a root stands: a√3, a + b√5. */
    public static function isOfRoots(Expression $node, string $form): bool
    {
        return Letters::of($node) === [] && Inside::holds($node, Root::class)
            && preg_match('/√|sqrt|root/u', $form) === 1;
    }
}
