<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Expression\Node;
use Runel\Notation\Arranger;
use Runel\Notation\Latex;
use Runel\Notation\TimesSign;

/** A LaTeX document: the work line by line, the reason of each step beside it. */
final readonly class LatexFace implements Face
{
    private const HEAD = <<<'TEX'
        \documentclass[a4paper]{article}
        \usepackage[utf8]{inputenc}
        \usepackage[T1]{fontenc}
        \usepackage{amsmath,amssymb}
        \usepackage[margin=2.2cm]{geometry}
        \setlength{\parindent}{0pt}
        \newcommand{\step}[2]{\medskip\textbf{#1}\quad{\small #2}\par}
        \begin{document}

        TEX;

    public function __construct(private Faces $faces) {}

    public function write(Demonstration $demonstration): string
    {
        $wording = $this->faces->latex($demonstration->task->style);
        $arranger = new Arranger($demonstration->task->style->get(TimesSign::class));
        $text = self::HEAD . '\section*{$' . (new Latex())->write($arranger->arrange(
            $demonstration->task->problem->node,
        )) . "\$}\n"
            . '\textit{' . $wording->word(
                "name.method.{$demonstration->job}.$demonstration->method",
            ) . "}\\par\n";
        foreach ($demonstration->sections as $section) {
            $text .= "\n\\subsection*{" . $wording->say($section->title()) . "}\n";
            foreach ($section->steps as $step) {
                $text .= '\step{'
                    . $wording->say($step->title)
                    . '}{'
                    . $wording->say($step->why)
                    . "}\n"
                    . self::lines($step->lines, $arranger);
            }
            $text .= self::table(FigureTable::closing($section), $arranger);
        }
        $checks = $demonstration->furtherChecks();
        $text .= $checks === [] ? '' : "\n\\subsection*{" . $wording->word('name.phase.checking') . "}\n";
        foreach ($checks as $check) {
            $text .= '\step{'
                . $wording->say($check->title)
                . '}{'
                . $wording->say($check->why)
                . "}\n"
                . self::lines($check->lines, $arranger);
        }

        // The package is loaded only where something is struck out.
        return (str_contains($text, '\\cancel{')
            ? str_replace('\\usepackage{amsmath,amssymb}', '\\usepackage{amsmath,amssymb,cancel}', $text)
            : $text) . "\\end{document}\n";
    }

    /** @param list<Line> $lines */
    private static function lines(array $lines, Arranger $arranger): string
    {
        $text = '';
        foreach ($lines as $line) {
            $text .= '\[ ' . (new Latex())->write($arranger->arrange($line->node))
                . ($line->rejected === null ? '' : ' \quad \times') . " \\]\n";
        }

        return $text;
    }

    private static function table(?FigureTable $table, Arranger $arranger): string
    {
        if ($table === null) {
            return '';
        }
        $signs = [
            FigureTable::RIGHT => '\checkmark', FigureTable::WRONG => '\times', FigureTable::TIMES => '\times',
            '⋯' => '\cdots', '−' => '-',
        ];
        $columns = \count($table->rows[0]);
        $text = '\[ \begin{array}{' . ($table->sideRule ? 'r|' : 'r') . str_repeat('r', $columns - 1) . "}\n";
        foreach ($table->rows as $number => $row) {
            $text .= implode(' & ', array_map(static fn(Node|string $cell): string => $cell instanceof Node
                ? (new Latex())->write($arranger->arrange($cell))
                : strtr($cell, $signs), $row))
                . ' \\\\'
                . (\in_array($number, $table->ruled, true) ? ' \hline' : '')
                . "\n";
        }

        return $text . "\\end{array} \\]\n";
    }
}
