<?php

declare(strict_types=1);

namespace App\Figures;

/** The inks of a board: one colour and one underline for each degree, the same everywhere. Matches board.css. */
final class Ink
{
    public const PAPER = '#fffdf8';
    public const TEXT = '#1a2238';
    public const QUIET = '#6a7080';
    public const RULE = '#9aa3b5';
    public const LIGHT = '#fff0b3';
    public const LIGHT_EDGE = '#a06a00';
    public const EDGE = '#f1ede2';

    private const COLOURS = ['#0b5d8a', '#a33c00', '#1d6b3a', '#7a2e8e', '#8a5a00', '#b0174f', '#0f6666', '#4a4a4a'];
    private const DASHES = ['', '7 4', '2 3', 'double'];

    public static function colour(int $ink): string
    {
        return self::COLOURS[$ink % \count(self::COLOURS)];
    }

    /** The dashes of the line; "double" for two lines. */
    public static function dashes(int $ink): string
    {
        return self::DASHES[$ink % \count(self::DASHES)];
    }

    /** Inks from the fifth on carry their line above instead of below. */
    public static function isAbove(int $ink): bool
    {
        return $ink % \count(self::COLOURS) >= \count(self::DASHES);
    }
}
