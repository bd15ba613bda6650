<?php

declare(strict_types=1);

namespace Runel\Marking;

/** A line read as the other thing that it can mean: fractions written in one row, a comma that may be a point. */
final class OtherReading
{
    /** More than one sign close behind a fraction line, with parentheses behind them or without. */
    private const BELOW = '/(?<=[\/÷])\s*('
        . '(?:(?:\d+\p{L}*|\p{L}+)|\([^()]*\)(?:\^\d+|[²³])?)(?:\([^()]*\)(?:\^\d+|[²³])?)+(?=[^(]|$)'
        . '|(?:\d+\p{L}+|\p{L}{2,})(?:\^\d+|[²³])?(?![\p{L}\d(])'
        . ')/u';
    /** Two sums with a fraction line between them, and nothing else on that side. */
    private const SUMS = '/^(\s*(?:[^=]*=)?\s*)((?=[^\/]*\p{L})[^=\/()\s][^=\/()]*[-+−][^=\/()]*)\/'
        . '([^=\/()\s][^=\/()]*[-+−][^=\/()]*)$/u';
    /** A sum with a wide fraction line behind it: 2A − ah / h. */
    private const WIDE = '/^(\s*(?:[^=]*=)?\s*)((?=[^\/]*\p{L})[^=\/()\s][^=\/()]*[-+−][^=\/()]*\S)\s\/\s'
        . '([^=\/()\s]+|(?:\([^()]*\)(?:\^\d+|[²³])?)+)\s*$/u';

    /** x = 2,5 as x = 2.5. */
    public static function decimals(string $typed): string
    {
        return (string) preg_replace('/(?<=\d),(?=\d)/u', '.', $typed);
    }

    /** 17x = 341,998 as 17x = 341998. */
    public static function thousands(string $typed): string
    {
        return (string) preg_replace('/(?<=\d),(?=\d{3}(?!\d))/u', '', $typed);
    }

    /**
     * The line with everything that stands close behind a fraction line below it: a/2s as a/(2s), a/3(x + 4), too; or
     * with a sum above and a sum below, x + 3/x + 2 as (x + 3)/(x + 2).
     */
    public static function of(string $typed): string
    {
        return (string) preg_replace(
            [self::BELOW, self::SUMS, self::WIDE],
            ['($1)', '$1($2)/($3)', '$1($2)/$3'],
            $typed,
        );
    }
}
