<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** A letter below is cleared without every term being multiplied by it: 12/x + 2 = 5 taken for 12 + 2 = 5x. */
final readonly class LetterBelowRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if (!$line instanceof Equation) {
            return;
        }
        $sides = [$line->left->terms(), $line->right->terms()];
        $below = null;
        $plain = [];
        foreach ($sides as $side => $terms) {
            foreach ($terms as $place => $term) {
                $bare = $term->bare();
                if (!self::isBelow($bare)) {
                    $plain[] = [$side, $place];
                } elseif ($below === null || $below->equals($bare->denominator)) {
                    $below = $bare->denominator;
                } else {
                    return;
                }
            }
        }
        if ($below === null || Letters::of($below) === [] || $plain === []) {
            return;
        }
        yield self::cleared($sides, $below, $plain);
        foreach (\count($plain) > 1 ? $plain : [] as $left) {
            yield self::cleared($sides, $below, [$left]);
        }
    }

    /**
     * @param array{list<Expression>, list<Expression>} $sides
     * @param list<array{int, int}>                     $left  the terms that are not multiplied
     */
    private static function cleared(array $sides, Expression $below, array $left): Equation
    {
        $written = [];
        foreach ($sides as $side => $terms) {
            foreach ($terms as $place => $term) {
                $bare = $term->bare();
                $done = match (true) {
                    self::isBelow($bare) => $bare->numerator,
                    \in_array([$side, $place], $left, true) => $bare,
                    default => Product::of([$bare, $below]),
                };
                $terms[$place] = $done->signedLike($term);
            }
            $written[] = Sum::of($terms);
        }

        return new Equation($written[0], $written[1]);
    }

    /** @phpstan-assert-if-true Quotient $term */
    private static function isBelow(Expression $term): bool
    {
        return $term instanceof Quotient && Letters::of($term->denominator) !== [];
    }
}
