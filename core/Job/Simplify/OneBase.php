<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Integers;

/** Powers of numbers that are all powers of one number. */
final class OneBase
{
    /**
     * 8 · 4² as 2³ · (2²)²: every number as a power of the one that all are powers of; null where there is none, or
     * only one number.
     */
    public static function of(Node $node): ?Expression
    {
        if (!$node instanceof Expression || !self::isMadeOfPowers($node)) {
            return null;
        }
        $numbers = [];
        self::numbers($node, $numbers);
        $roots = array_map(Integers::leastRoot(...), array_keys($numbers));
        $base = \count($numbers) > 1 && \count(array_unique(array_column($roots, 0))) === 1 ? $roots[0][0] : null;

        return $base === null ? null : self::rebased($node, $base);
    }

    /** Whether powers stand in it, of numbers alone, and nothing is added. */
    public static function isMadeOfPowers(Expression $whole): bool
    {
        return Letters::of($whole) === [] && Inside::holds($whole, Power::class)
            && !Inside::holds($whole, Sum::class) && !Inside::holds($whole, Root::class);
    }

    /** @param array<int, true> $numbers the bases, whole numbers from 2 on; 0 stands for anything else */
    private static function numbers(Expression $node, array &$numbers): void
    {
        if ($node instanceof Numeral) {
            $value = $node->value->toInt() ?? 0;
            if ($value !== 1) {
                $numbers[max(0, $value)] = true;
            }

            return;
        }
        foreach ($node instanceof Power ? [$node->base] : $node->children() as $child) {
            if ($child instanceof Expression) {
                self::numbers($child, $numbers);
            }
        }
    }

    private static function rebased(Expression $node, int $base): Expression
    {
        if ($node instanceof Numeral) {
            $exponent = $node->value->isOne() ? 0 : Integers::leastRoot((int) $node->value->toInt())[1];

            return $exponent < 2 ? $node : new Power(Numeral::of($base), Numeral::of($exponent));
        }
        if ($node instanceof Power) {
            return new Power(self::rebased($node->base, $base), $node->exponent);
        }

        $written = $node->withChildren(array_map(
            static fn(Node $child): Node => $child instanceof Expression ? self::rebased($child, $base) : $child,
            $node->children(),
        ));

        return $written instanceof Expression ? $written : $node;
    }
}
