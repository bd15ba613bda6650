<?php

declare(strict_types=1);

namespace Runel\Sentence;

/** The lines of a sheet of problems, out of plain text, Markdown or LaTeX: what is only typesetting is taken off. */
final class SheetLines
{
    /** A backslash is \x5C in the patterns. */
    private const LATEX = '/\x5C(?:documentclass|begin|item|section|question|part)\b/';
    /** What holds a problem in its braces: the braces go, what is in them stays. */
    private const WRAPPERS = 'section|subsection|subsubsection|paragraph|title|textbf|textit|emph|underline|text'
        . '|question|problem|exercise|large|small|bf|it';
    /** What stands for nothing that is read. */
    private const LAYOUT = 'documentclass|usepackage|begin|end|item|part|subpart|newpage|clearpage|pagebreak|maketitle'
        . '|noindent|centering|hfill|vfill|vspace|hspace|bigskip|medskip|smallskip|setlength|pagestyle|label|columns'
        . '|setcounter|displaystyle|quad|qquad|newline|par|author|date|geometry|answerline|hline';

    /** Several parts on one line, apart from one another. */
    private const PARTS = '/(?|(?:^|\s)\(([a-h]|i{1,3}|iv|v)\)|(?:^|\s{2,})([a-h]|i{1,3}|iv|v)[.)])(?=\s+\S)/u';
    private const NAMES = [
        'a' => ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'],
        'i' => ['i', 'ii', 'iii', 'iv', 'v'],
    ];

    /** @return list<string> none of them empty */
    public static function of(string $sheet): array
    {
        $text = preg_match(self::LATEX, $sheet) === 1 ? self::latex($sheet) : self::markdown($sheet);

        $lines = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $line) {
            array_push($lines, ...self::parts(trim($line)));
        }

        return array_values(array_filter($lines, static fn(string $line): bool => $line !== ''));
    }

    /**
     * Simplify (a) √75 − √12   (b) 2√3 · √6: each part with what is asked before the first.
     *
     * @return non-empty-list<string>
     */
    private static function parts(string $line): array
    {
        $parts = preg_split(self::PARTS, $line, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $names = self::NAMES[$parts[1] ?? ''] ?? [];
        if (\count($parts) < 5) {
            return self::numbered($line);
        }
        $asked = trim(array_shift($parts));
        $lines = [];
        foreach (array_chunk($parts, 2) as $place => $part) {
            if ($part[0] !== ($names[$place] ?? null)) {
                return [$line];
            }
            $lines[] = trim("$asked ($part[0]) " . trim($part[1] ?? ''));
        }

        return $lines;
    }

    /**
     * 1. (x + 4)(x − 9)     2. (3n − 5)²: problems with their numbers side by side.
     *
     * @return non-empty-list<string>
     */
    private static function numbered(string $line): array
    {
        $parts = preg_split('/(?:^|\s{2,}|\t)(\d{1,3})[.)]\s+(?=\S)/u', $line, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
        if (\count($parts) < 5 || trim($parts[0]) !== '') {
            return [$line];
        }
        $lines = [];
        foreach (array_chunk(\array_slice($parts, 1), 2) as $place => $part) {
            if ((int) $part[0] !== (int) $parts[1] + $place) {
                return [$line];
            }
            $lines[] = "$part[0]. " . trim($part[1] ?? '');
        }

        return $lines;
    }

    private static function markdown(string $sheet): string
    {
        $text = (string) preg_replace('/^\s*(?:```|~~~).*$/mu', '', $sheet);
        $text = (string) preg_replace('/^\s*(?:[-*_]\s*){3,}$/mu', '', $text);
        $text = (string) preg_replace('/^(\s*)#{1,6}\s+(.*?)\s*#*\s*$/mu', '$1$2', $text);
        // One dash in front may be a minus; several are a list.
        $isList = preg_match_all('/^\s*-\s+\S/mu', $text) > 1;
        $text = (string) preg_replace('/^(\s*)[' . ($isList ? '-' : '') . '*>]\s+(?=\S)/mu', '$1', $text);
        $text = (string) preg_replace('/(\*\*|__)(?=\S)([^*_\n]*\p{L}{2}[^*_\n]*)\1/u', '$2', $text);

        return (string) preg_replace('/`([^`\n]+)`/u', '$1', $text);
    }

    private static function latex(string $sheet): string
    {
        // A comment ends its line; a percent sign with a backslash is one.
        $text = (string) preg_replace('/(?<!\x5C)%.*$/mu', '', $sheet);
        $text = (string) preg_replace('/^.*\x5Cbegin\{document\}/su', '', $text);
        $text = (string) preg_replace('/\x5Cend\{document\}.*$/su', '', $text);
        $text = (string) preg_replace('/\x5C{2}(?:\[[^\]\n]*\])?/u', "\n", $text);
        $text = (string) preg_replace('/\x5Citem\b/u', "\n\\item ", $text);
        $text = (string) preg_replace('/\x5C(?:question|part|subpart)\b/u', "\n", $text);
        // A formula on a line of its own goes on from the words before it.
        $text = (string) preg_replace('/\s*\x5C\[\s*(.*?)\s*\x5C\](?:\s*(?=[a-z.,;]))?/su', ' $1 ', $text);
        $text = (string) preg_replace('/\s*\$\$\s*(.*?)\s*\$\$(?:\s*(?=[a-z.,;]))?/su', ' $1 ', $text);
        $text = (string) preg_replace('/\x5C(?:' . self::WRAPPERS . ')\*?\s*\{([^{}]*)\}/u', '$1', $text);
        $text = (string) preg_replace(
            '/\x5C(?:' . self::LAYOUT . ')\b\*?(?:\s*(?:\[[^\]\n]*\]|\{[^{}\n]*\}))*/u',
            '',
            $text,
        );

        return $text;
    }
}
