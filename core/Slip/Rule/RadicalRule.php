<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Limits;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** Roots of a sum put under one root, and a square that comes out of a root wrongly. */
final readonly class RadicalRule implements WrongRule
{
    use OfSlip;

    /** Of larger numbers under a root no squares are looked for. */
    private const LARGEST = 10_000;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(fn(Node $node): iterable => match (true) {
            $this->slip === Slip::RootOfSumSplit => $node instanceof Sum ? self::joined($node) : [],
            $node instanceof Root && $node->index === 2 => $this->out($node->radicand),
            default => [],
        }, $this->slip === Slip::RootOfSumSplit ? Sum::class : Root::class);
    }

    /** @return iterable<Expression> √a ± √b as √(a ± b) */
    private static function joined(Sum $sum): iterable
    {
        yield from self::joinedInFront($sum);
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

    /** @return iterable<Expression> 2√a + 3√b as 5√(a + b) */
    private static function joinedInFront(Sum $sum): iterable
    {
        $fronts = [];
        foreach ($sum->terms as $place => $term) {
            $factors = $term->bare()->factors();
            $root = $factors[\count($factors) - 1];
            $front = \count($factors) === 1 ? Rational::one() : $factors[0]->number();
            if ($root instanceof Root && $front !== null && \count($factors) < 3) {
                $fronts[$place] = [$term instanceof Negative ? $front->negated() : $front, $root];
            }
        }
        foreach ($fronts as $place => [$one, $first]) {
            foreach ($fronts as $other => [$two, $second]) {
                if ($other <= $place || $first->index !== $second->index || ($one->isOne() && $two->isOne())) {
                    continue;
                }
                $left = $sum->terms;
                $left[$place] = Product::of([Numeral::of($one->plus($two)), new Root(
                    Sum::of([...$first->radicand->terms(), ...$second->radicand->terms()]),
                    $first->index,
                )]);
                unset($left[$other]);
                yield Sum::of(array_values($left));
            }
        }
    }

    /** @return iterable<Expression> √(k²m) as k²√m, or as m√k; of a product each factor by itself */
    private function out(Expression $radicand): iterable
    {
        $parts = array_map($this->parts(...), $radicand->factors());
        foreach ($radicand->factors() as $place => $factor) {
            foreach ($parts[$place] as [$before, $inside]) {
                yield self::rooted([$before], array_replace($radicand->factors(), [$place => $inside]));
            }
        }
        $whole = array_filter(array_map(static fn(array $ways): ?array => $ways[\count($ways) - 1] ?? null, $parts));
        if (\count($whole) > 1) {
            yield self::rooted(
                array_values(array_column($whole, 0)),
                array_replace($radicand->factors(), array_map(static fn(array $way): Expression => $way[1], $whole)),
            );
        }
    }

    /**
     * @param non-empty-list<Expression> $before
     * @param array<int, Expression>     $under
     */
    private static function rooted(array $before, array $under): Expression
    {
        $left = array_values(array_filter($under, static fn(Expression $factor): bool => !$factor->isOne()));

        return Product::of([...$before, ...($left === [] ? [] : [new Root(Product::of($left), 2)])]);
    }

    /** @return list<array{Expression, Expression}> what would stand before the root of a factor, and what under it */
    private function parts(Expression $factor): array
    {
        $exponent = $factor->wholeExponent() ?? 0;
        if ($factor instanceof Power && $this->case !== 'swapped' && $exponent > 1 && $exponent < Limits::DEGREE) {
            $even = $exponent - $exponent % 2;

            return [[
                new Power($factor->base, Numeral::of($even)),
                $even === $exponent ? Numeral::of(1) : $factor->base,
            ]];
        }
        $ways = [];
        foreach ($this->squares($factor->number()?->toInt() ?? 0) as [$before, $inside]) {
            $ways[] = [Numeral::of($before), Numeral::of($inside)];
        }

        return $ways;
    }

    /** @return iterable<array{int, int}> what would stand before the root, and what under it */
    private function squares(int $under): iterable
    {
        for ($k = 2; $k ** 2 <= min($under, self::LARGEST); ++$k) {
            if ($under % $k ** 2 !== 0) {
                continue;
            }
            $rest = intdiv($under, $k ** 2);
            [$before, $inside] = $this->case === 'swapped' ? [$rest, $k] : [$k ** 2, $rest];
            if ($before > 1 && $inside > 1) {
                yield [$before, $inside];
            }
        }
    }
}
