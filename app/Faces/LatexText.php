<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Expression\Greek;

/** Plain words made safe for LaTeX. */
final class LatexText
{
    private const ESCAPES = [
        '\\' => '\textbackslash{}', '{' => '\{', '}' => '\}', '$' => '\$', '&' => '\&', '#' => '\#',
        '%' => '\%', '_' => '\_', '^' => '\textasciicircum{}', '~' => '\textasciitilde{}',
        '−' => '$-$', '×' => '$\times$', '·' => '$\cdot$', '²' => '$^2$', '³' => '$^3$', '→' => '$\to$',
        '⁹' => '$^9$', '¹' => '$^1$', '⁰' => '$^0$', '⁴' => '$^4$', '⁵' => '$^5$', '⁶' => '$^6$', '⁷' => '$^7$',
        '⁸' => '$^8$', '√' => '$\surd$', '÷' => '$\div$', '½' => '$\tfrac12$',
        '≠' => '$\neq$', '…' => '\dots{}', '“' => '``', '”' => "''", "\u{202F}" => '\,',
    ];

    public static function escape(string $text): string
    {
        $greek = array_map(static fn(string $command): string => '$' . trim($command) . '$', Greek::COMMANDS);

        return strtr($text, self::ESCAPES + $greek);
    }
}
