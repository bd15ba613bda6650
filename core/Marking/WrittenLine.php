<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;
use Runel\Proof\Proof;

/** Lines held against each other as they are written: side by side, not by what solves them. */
final class WrittenLine
{
    /** Whether both say the same side by side, on whichever side it stands; of alternatives, part by part. */
    public static function isSame(Proof $proof, Node $one, Node $other): bool
    {
        if ($one instanceof Expression && $other instanceof Expression) {
            return $proof->same($one, $other);
        }
        if ($one instanceof Equation && $other instanceof Equation) {
            return ($proof->same($one->left, $other->left) && $proof->same($one->right, $other->right))
                || ($proof->same($one->left, $other->right) && $proof->same($one->right, $other->left));
        }
        if (!$one instanceof Alternatives || !$other instanceof Alternatives
            || \count($one->equations) !== \count($other->equations)) {
            return false;
        }
        foreach ($other->equations as $equation) {
            $same = array_filter(
                $one->equations,
                static fn(Equation $own): bool => self::isSame($proof, $own, $equation),
            );
            if ($same === []) {
                return false;
            }
        }

        return true;
    }

    /**
     * The sides worked on or exchanged, the same added to both, or both multiplied by the same.
     *
     * @param bool $isSkipped whether lines lie between that nobody wrote: then only a single term is added, as the
     *                        difference of the sides is the same in many lines with the same solution
     */
    public static function isOneStep(Proof $proof, Equation $before, Equation $after, bool $isSkipped): bool
    {
        $gained = static fn(Expression $now, Expression $then): Expression => Sum::of([$now, $then->negated()]);
        foreach ([[$after->left, $after->right], [$after->right, $after->left]] as [$left, $right]) {
            $gain = $gained($left, $before->left);
            $isLikely = !$isSkipped || \count(Polynomial::tryFrom($gain)->terms ?? []) < 2;
            if (($isLikely && $proof->same($gain, $gained($right, $before->right)))
                || $proof->same(Product::of([$left, $before->right]), Product::of([$right, $before->left]))) {
                return true;
            }
        }

        return false;
    }

    /** x = 7, or 2x = 14: however many steps lie between, the letter stands alone and its value is right. */
    public static function isSolved(Node $line): bool
    {
        $ways = $line instanceof Equation ? [[$line->left, $line->right], [$line->right, $line->left]] : [];
        foreach ($ways as [$side, $other]) {
            $isPlain = $side instanceof Letter || \count(Polynomial::tryFrom($side)->terms ?? []) === 1;
            if ($isPlain && Indeterminates::of($side) !== [] && Indeterminates::of($other) === []) {
                return true;
            }
        }

        return false;
    }

    /** x = 2: nothing is worked out any more, and another value is no slip made in it. */
    public static function isValue(Node $node): bool
    {
        $equations = $node instanceof Alternatives ? $node->equations : [$node];

        return array_filter($equations, static fn(Node $one): bool => $one instanceof Equation
            && $one->left instanceof Letter && $one->right->bare() instanceof Numeral) === $equations;
    }
}
