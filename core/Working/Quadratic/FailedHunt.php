<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\Quadratic;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Figure\PairRow;
use Runel\Demonstration\Step;
use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Number\Integers;

/** Why a square is completed at all: the pairs that factoring would need, none of which fits. */
final class FailedHunt
{
    /** More pairs than this are no short hunt any more. */
    private const MOST = 8;
    private const LARGEST = 100_000;

    /** The hunt in one step; null where a pair fits, or where there is nothing short to be shown. */
    public static function step(Quadratic $quadratic): ?Step
    {
        [$a, $b, $c] = [$quadratic->a->toInt(), $quadratic->b->toInt(), $quadratic->c->toInt()];
        if ($a === null || $b === null || $c === null || $c === 0 || abs($a * $c) > self::LARGEST) {
            return null;
        }
        $product = $a * $c;
        $pairs = Integers::factorPairs(abs($product));
        if (\count($pairs) > self::MOST) {
            return null;
        }
        $signs = [$product > 0 ? ($b < 0 ? -1 : 1) : ($b < 0 ? 1 : -1), $b < 0 ? -1 : 1];
        $figure = new PairHuntFigure($product, $b);
        foreach ($pairs as $place => [$small, $large]) {
            [$left, $right] = [$small * $signs[0], $large * $signs[1]];
            if ($left + $right === $b) {
                return null;
            }
            $figure = $figure->with(new PairRow($place + 1, $left, $right, false));
        }

        return new Step(
            id: 'no-pair',
            title: Message::of('quadratic.no-pair.title'),
            why: Message::of('quadratic.no-pair.why', [
                'product' => Numeral::of($product),
                'sum' => Numeral::of($b),
                'count' => \count($pairs),
            ]),
            figure: $figure,
        );
    }
}
