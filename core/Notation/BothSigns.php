<?php

declare(strict_types=1);

namespace Runel\Notation;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Parts;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Expression\Vocabulary;

/** Something with plus or minus before it: two alternatives that differ in one sign, written as one. */
final readonly class BothSigns implements Expression
{
    use Vocabulary;

    private function __construct(public Expression $operand) {}

    /** The two as one equation, or null where they differ in more than a sign. */
    public static function together(Equation $first, Equation $second): ?Equation
    {
        if (!$first->left->equals($second->left)) {
            return null;
        }
        $right = self::merged($first->right, $second->right);

        return $right === null || $right === $first->right ? null : new Equation($first->left, $right);
    }

    public function children(): array
    {
        return [$this->operand];
    }

    public function withChildren(array $children): self
    {
        return new self(Parts::expressions($children, 1)[0]);
    }

    private static function merged(Expression $plus, Expression $minus): ?Expression
    {
        if ($plus->equals($minus)) {
            return $plus;
        }
        if ($minus instanceof Negative && $minus->operand->equals($plus)) {
            return new self($plus);
        }
        $alike = ($plus instanceof Sum && $minus instanceof Sum)
            || ($plus instanceof Product && $minus instanceof Product)
            || ($plus instanceof Quotient && $minus instanceof Quotient);
        if (!$alike || \count($plus->children()) !== \count($minus->children())) {
            return null;
        }
        $parts = [];
        foreach ($plus->children() as $place => $part) {
            $other = $minus->children()[$place];
            $merged = $part instanceof Expression && $other instanceof Expression ? self::merged($part, $other) : null;
            if ($merged === null) {
                return null;
            }
            $parts[] = $merged;
        }

        return $plus->withChildren($parts);
    }
}
