<?php

declare(strict_types=1);

namespace App\Learners;

use Illuminate\Support\Carbon;

/** The slips of the last weeks as columns, each with its number: heights tell, no colour needed. */
final class SlipChart
{
    private const COLUMN = 46;
    private const HIGH = 120;
    private const FOOT = 24;
    private const HEAD = 20;

    /**
     * @param list<array{from: Carbon, pieces: int, slips: array<string, int>}> $weeks
     * @param string                                                            $title for those who hear it
     */
    public static function svg(array $weeks, string $title): string
    {
        $most = max([1, ...array_map(static fn(array $week): int => array_sum($week['slips']), $weeks)]);
        $columns = '';
        foreach ($weeks as $place => $week) {
            $count = array_sum($week['slips']);
            $high = (int) round(self::HIGH * $count / $most);
            $middle = $place * self::COLUMN + intdiv(self::COLUMN, 2);
            $bottom = self::HEAD + self::HIGH;
            $columns .= $week['pieces'] === 0 ? '' : \sprintf(
                '<rect x="%d" y="%d" width="26" height="%d" rx="3"/>'
                . '<text x="%d" y="%d" text-anchor="middle" class="count">%d</text>',
                $middle - 13,
                $bottom - max(2, $high),
                max(2, $high),
                $middle,
                $bottom - max(2, $high) - 5,
                $count,
            );
            $columns .= \sprintf(
                '<text x="%d" y="%d" text-anchor="middle" class="week">%s</text>',
                $middle,
                $bottom + 17,
                e($week['from']->isoFormat('D MMM')),
            );
        }

        return \sprintf(
            '<svg class="tally-chart slip-chart" xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" role="img" '
            . 'aria-label="%s">%s</svg>',
            \count($weeks) * self::COLUMN,
            self::HEAD + self::HIGH + self::FOOT,
            e($title),
            $columns,
        );
    }
}
