<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\FractionalPower;
use Runel\Expression\Indeterminates;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Root;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\Solves;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Surd;

/** Whether a value solves an equation: it is put in, and both sides are worked out. */
final readonly class ValuePutIn
{
    public function __construct(private Laws $laws) {}

    /**
     * @throws NoExactValue   where it cannot be told
     * @throws DivisionByZero where a side has no value
     */
    public function solves(Solves $claim): bool
    {
        if (!self::hasRoots($claim->equation, $claim->letter, $claim->value)) {
            return false;
        }
        try {
            [$left, $right] = self::sides($claim->equation, $claim->letter, $claim->value);

            return $left->equals($right);
        } catch (NoExactValue) {
            $put = self::put($claim->equation, $claim->letter, $claim->value);
            try {
                return NestedSum::isZero(self::difference($put));
            } catch (NoExactValue) {
                return $this->laws->same($put->left, $put->right);
            }
        }
    }

    /** @throws NoExactValue where it cannot be told */
    public static function fails(DoesNotSolve $claim): bool
    {
        try {
            if (!self::hasRoots($claim->equation, $claim->letter, $claim->value)) {
                return true;
            }
            [$left, $right] = self::sides($claim->equation, $claim->letter, $claim->value);

            return !$left->equals($right);
        } catch (DivisionByZero) {
            return true;
        } catch (NoExactValue) {
            return !NestedSum::isZero(self::difference(self::put($claim->equation, $claim->letter, $claim->value)));
        }
    }

    /**
     * Whether each root of something with the letter has a value: what stands under it is no negative number.
     *
     * @throws NoExactValue   when what stands under it cannot be worked out
     * @throws DivisionByZero
     */
    private static function hasRoots(Node $node, string $letter, Expression $value): bool
    {
        $node = $node instanceof Power ? FractionalPower::rooted($node) ?? $node : $node;
        // A root of an odd index is there for every real number.
        if ($node instanceof Root && $node->index % 2 === 0 && isset(Indeterminates::of($node->radicand)[$letter])) {
            $under = ExactNumber::of(Substitution::into($node->radicand, $letter, $value));
            if (!$under->isReal() || $under->sign() < 0) {
                return false;
            }
        }
        foreach ($node->children() as $child) {
            if (!self::hasRoots($child, $letter, $value)) {
                return false;
            }
        }

        return true;
    }

    /** @return array{Surd, Surd} what both sides are with a value for the letter */
    private static function sides(Equation $equation, string $letter, Expression $value): array
    {
        $there = Evaluation::at(new Surds(), [$letter => ExactNumber::of($value)]);

        return [$there->of($equation->left), $there->of($equation->right)];
    }

    private static function put(Equation $equation, string $letter, Expression $value): Equation
    {
        return new Equation(
            Substitution::into($equation->left, $letter, $value),
            Substitution::into($equation->right, $letter, $value),
        );
    }

    private static function difference(Equation $equation): Expression
    {
        return Sum::of([$equation->left, new Negative($equation->right)]);
    }
}
