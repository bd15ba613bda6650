<?php

declare(strict_types=1);

namespace App\Pile;

/** The slips of a pile as bars, the commonest on top: a length and a number each, no colour needed. */
final readonly class TallyChart
{
    private const ROW = 34;
    private const NAME = 250;
    private const BAR = 170;

    /**
     * @param list<array{string, int}> $bars  name and count
     * @param string                   $title for those who hear it
     */
    public static function svg(array $bars, string $title): string
    {
        $most = max([1, ...array_column($bars, 1)]);
        $height = \count($bars) * self::ROW + 4;
        $width = self::NAME + self::BAR + 40;
        $rows = '';
        foreach ($bars as $place => [$name, $count]) {
            $top = $place * self::ROW + 4;
            $long = (int) round(self::BAR * $count / $most);
            $rows .= \sprintf(
                '<text x="%d" y="%d" text-anchor="end">%s</text>'
                . '<rect x="%d" y="%d" width="%d" height="22" rx="3"/><text x="%d" y="%d" class="count">%d</text>',
                self::NAME - 12,
                $top + 17,
                e($name),
                self::NAME,
                $top,
                $long,
                self::NAME + $long + 10,
                $top + 17,
                $count,
            );
        }

        return \sprintf(
            '<svg class="tally-chart" xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" role="img" '
            . 'aria-label="%s">%s</svg>',
            $width,
            $height,
            e($title),
            $rows,
        );
    }
}
