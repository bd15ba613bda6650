<?php

declare(strict_types=1);

namespace App\Ways;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Step;
use Runel\Expression\Rewriter;
use Runel\Notation\Ascii;

/** Two demonstrations, equal steps beside each other: by what they are called, in the order of both. */
final readonly class SideBySide
{
    /** @param list<ComparedRow> $rows */
    private function __construct(public Demonstration $left, public Demonstration $right, public array $rows) {}

    public static function of(Demonstration $left, Demonstration $right): self
    {
        [$own, $other] = [self::written($left), self::written($right)];
        $rows = [];
        $isFirst = true;
        [$at, $beside] = [0, 0];
        foreach ([...self::common($own, $other), [\count($own), \count($other)]] as [$next, $opposite]) {
            for (; $at < $next; ++$at) {
                $rows[] = new ComparedRow($own[$at], null, false, $isFirst);
                $isFirst = false;
            }
            for (; $beside < $opposite; ++$beside) {
                $rows[] = new ComparedRow(null, $other[$beside], false, $isFirst);
                $isFirst = false;
            }
            if ($next < \count($own)) {
                $isSame = self::lines($own[$next]) === self::lines($other[$opposite]);
                // That the problems themselves differ was known before.
                $counts = !$isSame && !self::isGiven($own[$next]);
                $rows[] = new ComparedRow($own[$next], $other[$opposite], $isSame, $counts && $isFirst);
                $isFirst = $isFirst && !$counts;
                [$at, $beside] = [$next + 1, $opposite + 1];
            }
        }

        return new self($left, $right, $rows);
    }

    private static function isGiven(Step $step): bool
    {
        return array_filter($step->lines, static fn(Line $line): bool => $line->link !== Link::Given) === [];
    }

    /** How many rows differ. */
    public function differing(): int
    {
        return \count(array_filter($this->rows, static fn(ComparedRow $row): bool => !$row->isSame));
    }

    /** @return list<Step> those that write something */
    private static function written(Demonstration $demonstration): array
    {
        return array_values(array_filter(
            $demonstration->steps(),
            static fn(Step $step): bool => $step->lines !== [],
        ));
    }

    /**
     * The steps of one name on both roads: the longest common subsequence.
     *
     * @param list<Step> $own
     * @param list<Step> $other
     *
     * @return list<array{int, int}> their places
     */
    private static function common(array $own, array $other): array
    {
        $lengths = array_fill(0, \count($own) + 1, array_fill(0, \count($other) + 1, 0));
        for ($at = \count($own) - 1; $at >= 0; --$at) {
            for ($beside = \count($other) - 1; $beside >= 0; --$beside) {
                $lengths[$at][$beside] = $own[$at]->id === $other[$beside]->id
                    ? $lengths[$at + 1][$beside + 1] + 1
                    : max($lengths[$at + 1][$beside], $lengths[$at][$beside + 1]);
            }
        }
        $common = [];
        [$at, $beside] = [0, 0];
        while ($at < \count($own) && $beside < \count($other)) {
            if ($own[$at]->id === $other[$beside]->id) {
                $common[] = [$at++, $beside++];
            } elseif ($lengths[$at + 1][$beside] >= $lengths[$at][$beside + 1]) {
                ++$at;
            } else {
                ++$beside;
            }
        }

        return $common;
    }

    /** @return list<string> */
    private static function lines(Step $step): array
    {
        return array_map(static fn(Line $line): string => Ascii::write(Rewriter::unmarked($line->node)), $step->lines);
    }
}
