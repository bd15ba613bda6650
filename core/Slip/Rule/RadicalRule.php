<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** Roots of a sum put under one root, and a square that comes out of a root wrongly. */
final readonly class RadicalRule implements WrongRule
{
    use OfSlip;

    /** Of larger numbers under a root no squares are looked for. */
    private const LARGEST = 10_000;

    public function wrong(Node $line): iterable
    {
        return Rewriter::atEachPlace($line, fn(Node $node): iterable => match (true) {
            $this->slip === Slip::RootOfSumSplit => $node instanceof Sum ? self::joined($node) : [],
            $node instanceof Root && $node->index === 2 => $this->out($node->radicand->number()?->toInt() ?? 0),
            default => [],
        });
    }

    /** @return iterable<Expression> √a ± √b as √(a ± b) */
    private static function joined(Sum $sum): iterable
    {
        $roots = array_filter($sum->terms, static fn(Expression $term): bool => $term->bare() instanceof Root);
        foreach ($roots as $place => $first) {
            foreach ($roots as $other => $second) {
                if ($other <= $place || $first instanceof Negative) {
                    continue;
                }
                [$one, $two] = [$first->bare(), $second->bare()];
                if ($one instanceof Root && $two instanceof Root && $one->index === $two->index) {
                    $under = $second instanceof Negative ? new Negative($two->radicand) : $two->radicand;
                    $left = $sum->terms;
                    $left[$place] = new Root(Sum::of([...$one->radicand->terms(), $under]), $one->index);
                    unset($left[$other]);
                    yield Sum::of(array_values($left));
                }
            }
        }
    }

    /** @return iterable<Expression> √(k²m) as k²√m, or as m√k */
    private function out(int $under): iterable
    {
        for ($k = 2; $k ** 2 <= min($under, self::LARGEST); ++$k) {
            if ($under % $k ** 2 !== 0) {
                continue;
            }
            $rest = intdiv($under, $k ** 2);
            [$before, $inside] = $this->case === 'swapped' ? [$rest, $k] : [$k ** 2, $rest];
            if ($before > 1 && $inside > 1) {
                yield Product::of([Numeral::of($before), new Root(Numeral::of($inside), 2)]);
            }
        }
    }
}
