<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\RootFactors;
use Runel\Algebra\SquareRoot;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/** Which numbers with square roots have a form that is worked line by line. */
final class RadicalShape
{
    /** Whether each of its terms has such a form. */
    public static function hasForm(Expression $whole): bool
    {
        foreach (self::roots($whole) as $root) {
            $radicand = $root->radicand->number();
            $isSquare = $root->index === 2 && $radicand !== null && !$radicand->isNegative();
            if (!$isSquare || SquareRoot::of($radicand) === null) {
                return false;
            }
        }

        return self::isMadeOfTerms($whole);
    }

    private static function isMadeOfTerms(Expression $whole): bool
    {
        foreach ($whole->terms() as $term) {
            $bare = $term->bare();
            $one = self::isShapedTerm($bare) ? $bare : OneFraction::of($bare);
            if ($one === null || !self::isShapedTerm($one)) {
                return false;
            }
        }

        return true;
    }

    /** Whether a term is worked as it stands: a product, or a fraction whose denominator can lose its roots. */
    public static function isShapedTerm(Expression $term): bool
    {
        if (self::isFlat($term)) {
            return true;
        }
        if ($term instanceof Quotient) {
            return self::isMadeOfTerms($term->numerator) && self::isMadeOfTerms($term->denominator)
                && self::canLoseRoots(self::value($term->denominator));
        }
        $factors = RootFactors::of($term) ?? [];

        return $factors !== [] && array_filter(
            $factors,
            static fn(Expression $factor): bool => !self::isFlat($factor),
        ) === [];
    }

    /** Whether turning the sign of one root after the other comes to a number without any. */
    public static function canLoseRoots(?Surd $below): bool
    {
        if ($below === null || $below->isZero()) {
            return false;
        }
        if (\count($below->parts) < 2) {
            return true;
        }
        $product = self::conjugate($below)->times($below);

        return \count($product->parts) < \count($below->parts) && self::canLoseRoots($product);
    }

    /** A sum of numbers times roots, or such a product. */
    public static function isFlat(Expression $whole): bool
    {
        foreach ($whole->terms() as $term) {
            $bare = $term->bare();
            $isBelow = Inside::some($bare, static fn(Node $part): bool => $part instanceof Quotient
                && Inside::holds($part->denominator, Root::class));
            if ($isBelow || Inside::holds($bare, Sum::class)) {
                return false;
            }
        }

        return true;
    }

    /** The same with the sign of one root turned. */
    public static function conjugate(Surd $value): Surd
    {
        $parts = $value->parts;
        $root = max([1, ...array_keys($parts)]);

        return $value->minus(
            Surd::rational($parts[$root]->times(Rational::of(2)))->times(Surd::rootOf(Rational::of($root))),
        );
    }

    /** @return list<Root> each once */
    public static function roots(Node $node): array
    {
        $roots = $node instanceof Root ? [$node] : [];
        foreach ($node->children() as $child) {
            foreach (self::roots($child) as $root) {
                if (array_filter($roots, static fn(Root $one): bool => $one->equals($root)) === []) {
                    $roots[] = $root;
                }
            }
        }

        return $roots;
    }

    /** What a number with square roots is worth; null where that is no sum of square roots. */
    public static function value(Expression $whole): ?Surd
    {
        try {
            return Evaluation::at(new Surds(), [])->of($whole);
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }
    }
}
