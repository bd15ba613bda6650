<?php

declare(strict_types=1);

namespace App\Faces;

/** Plain words made safe for LaTeX. */
final class LatexText
{
    private const ESCAPES = [
        '\\' => '\textbackslash{}', '{' => '\{', '}' => '\}', '$' => '\$', '&' => '\&', '#' => '\#',
        '%' => '\%', '_' => '\_', '^' => '\textasciicircum{}', '~' => '\textasciitilde{}',
        '−' => '$-$', '×' => '$\times$', '·' => '$\cdot$', '²' => '$^2$', '³' => '$^3$', '→' => '$\to$',
        '≠' => '$\neq$',
    ];

    public static function escape(string $text): string
    {
        return strtr($text, self::ESCAPES);
    }
}
