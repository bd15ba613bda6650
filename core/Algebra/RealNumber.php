<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Node;
use Runel\Expression\Pi;
use Runel\Expression\Root;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\FiftyPlaces;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Surd;

/** What a number comes to, to be rounded or compared with a rounded one. */
final class RealNumber
{
    /**
     * Exactly or, where π, a root that is not square, or the root of a root stands in it, to thirty places; null where
     * it has no value, or none that is real.
     */
    public static function of(Expression $expression): ?Surd
    {
        try {
            $value = Inside::holds($expression, Pi::class) || self::holdsOtherRoot($expression)
                ? self::inPlaces($expression)
                : self::exactly($expression) ?? self::inPlaces($expression);
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }

        return $value->isReal() ? $value : null;
    }

    /**
     * @return Surd|null null of the root of a number with roots
     *
     * @throws DivisionByZero
     */
    private static function exactly(Expression $expression): ?Surd
    {
        try {
            return Evaluation::at(new Surds(), [])->of($expression);
        } catch (NoExactValue) {
            return null;
        }
    }

    private static function holdsOtherRoot(Node $node): bool
    {
        return ($node instanceof Root && $node->index !== 2)
            || array_filter($node->children(), self::holdsOtherRoot(...)) !== [];
    }

    private static function inPlaces(Expression $expression): Surd
    {
        $field = new FiftyPlaces();
        $value = Evaluation::at($field, [Pi::NAME => $field->pi()])->of($expression);

        return Surd::rational(FiftyPlaces::toThirty($value));
    }
}
