<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** What multiplies is taken away, what is added is divided by, and what divides is added or divided by once more. */
final readonly class OtherInverseRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if ($line instanceof Equation) {
            foreach ([[$line->left, $line->right], [$line->right, $line->left]] as [$side, $other]) {
                yield from self::takenAway($side, $other);
                yield from self::divided($side, $other);
                yield from self::addedOrDivided($side, $other);
            }
        }
    }

    /** @return iterable<Node> a factor left alone, the others taken away from the other side */
    private static function takenAway(Expression $side, Expression $other): iterable
    {
        $factors = $side instanceof Product ? $side->factors : [];
        foreach ($factors as $place => $factor) {
            $rest = $factors;
            unset($rest[$place]);
            $gone = new Negative(Product::of(array_values($rest)));
            yield new Equation($factor, Sum::of([...$other->terms(), $gone]));
        }
    }

    /** @return iterable<Node> what stands over a number alone, the number added, taken away or divided by */
    private static function addedOrDivided(Expression $side, Expression $other): iterable
    {
        if ($side instanceof Quotient && Polynomial::number($side->denominator) !== null) {
            yield new Equation($side->numerator, Sum::of([...$other->terms(), $side->denominator]));
            yield new Equation($side->numerator, Sum::of([...$other->terms(), $side->denominator->negated()]));
            yield new Equation($side->numerator, new Quotient($other, $side->denominator));
        }
    }

    /** @return iterable<Node> a number gone from a sum, the other side divided by it */
    private static function divided(Expression $side, Expression $other): iterable
    {
        $terms = $side instanceof Sum ? $side->terms : [];
        foreach ($terms as $place => $term) {
            $number = Polynomial::tryFrom($term);
            if ($number === null || !$number->isConstant() || $number->isZero()) {
                continue;
            }
            $rest = $terms;
            unset($rest[$place]);
            yield new Equation(Sum::of(array_values($rest)), new Quotient($other, $term));
        }
    }
}
