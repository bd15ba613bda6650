<?php

declare(strict_types=1);

namespace App\Board;

use Runel\Demonstration\Check;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;

/** What a line, a figure or a check is called wherever it stands, on the board or on paper: ink keeps to it. */
final class Thing
{
    public static function line(Step|Check $content, Line $line): string
    {
        return self::content($content) . ' ' . array_search($line, $content->lines, true);
    }

    public static function check(Check $check): string
    {
        return self::content($check);
    }

    /** The figure of a section. */
    public static function figure(Step $first): string
    {
        return 'figure ' . self::content($first);
    }

    private static function content(Step|Check $content): string
    {
        return $content instanceof Step ? $content->id : "check {$content->kind->value}";
    }
}
