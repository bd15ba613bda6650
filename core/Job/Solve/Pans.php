<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Figure\BalanceFigure as BalanceFigure;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** When an equation can lie on two pans: few blocks and units, all whole, none negative. */
final class Pans
{
    /** More than this on one pan is counted, not seen. */
    private const MOST = 16;

    /**
     * @param Polynomial $taken what is taken from both sides
     * @param Rational   $parts into how many equal parts both are shared
     */
    public static function of(
        string $letter,
        Polynomial $left,
        Polynomial $right,
        Polynomial $taken,
        Rational $parts,
    ): ?BalanceFigure {
        $pans = [self::pan($left, $letter), self::pan($right, $letter)];
        $both = self::pan($taken, $letter);
        $groups = $parts->toInt();
        if ($pans[0] === null || $pans[1] === null || $both === null || $groups === null || $groups < 1) {
            return null;
        }
        foreach ($pans as [$blocks, $units]) {
            $fits = $blocks + $units <= self::MOST && $both[0] <= $blocks && $both[1] <= $units;
            if (!$fits || $blocks % $groups !== 0 || $units % $groups !== 0) {
                return null;
            }
        }

        return new BalanceFigure(
            $letter,
            $left->toExpression(),
            $right->toExpression(),
            $pans[0],
            $pans[1],
            $both,
            $groups,
        );
    }

    /** @return array{int, int}|null blocks and units */
    private static function pan(Polynomial $side, string $letter): ?array
    {
        $blocks = $side->coefficient($letter, 1)->toInt();
        $units = $side->coefficient($letter, 0)->toInt();
        $isLinear = $side->isZero() || $side->degree() <= 1;

        return $isLinear && $blocks !== null && $units !== null && $blocks >= 0 && $units >= 0
            ? [$blocks, $units]
            : null;
    }
}
