<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Expression\Node;
use Runel\Notation\Arranger;
use Runel\Notation\Latex;
use Runel\Notation\TimesSign;

/** Markdown with LaTeX mathematics between dollar signs. */
final readonly class MarkdownFace implements Face
{
    public function __construct(private Faces $faces) {}

    public function write(Demonstration $demonstration): string
    {
        $wording = $this->faces->markdown($demonstration->task->style);
        $arranger = new Arranger($demonstration->task->style->get(TimesSign::class));
        $text = '# $' . (new Latex())->write($arranger->arrange($demonstration->task->problem->node)) . "\$\n\n"
            . '*' . $wording->word("name.method.{$demonstration->job}.$demonstration->method") . "*\n";
        $number = 0;
        foreach ($demonstration->sections as $section) {
            $text .= "\n## " . $wording->say($section->title()) . "\n\n";
            foreach ($section->steps as $step) {
                $text .= ++$number
                    . '. **'
                    . $wording->say($step->title)
                    . '** '
                    . $wording->say($step->why)
                    . "\n\n"
                    . self::lines($step->lines, $arranger);
            }
            $text .= self::table(FigureTable::closing($section), $arranger);
        }
        $checks = $demonstration->furtherChecks();
        $text .= $checks === [] ? '' : "\n## " . $wording->word('name.phase.checking') . "\n\n";
        foreach ($checks as $check) {
            $text .= '- ✓ **'
                . $wording->say($check->title)
                . '** '
                . $wording->say($check->why)
                . "\n\n"
                . self::lines($check->lines, $arranger);
        }

        return $text;
    }

    /** @param list<Line> $lines */
    private static function lines(array $lines, Arranger $arranger): string
    {
        $text = '';
        foreach ($lines as $line) {
            $text .= '   $$' . (new Latex())->write($arranger->arrange($line->node))
                . ($line->rejected === null ? '' : ' \quad \times') . "$$\n\n";
        }

        return $text;
    }

    private static function table(?FigureTable $table, Arranger $arranger): string
    {
        if ($table === null) {
            return '';
        }
        $text = '';
        foreach ($table->rows as $number => $row) {
            $cells = array_map(static fn(Node|string $cell): string => $cell instanceof Node
                ? '$' . (new Latex())->write($arranger->arrange($cell)) . '$'
                : $cell, $row);
            $text .= '| ' . implode(' | ', $cells) . " |\n";
            if ($number === 0) {
                $text .= str_repeat('| ---: ', \count($row)) . "|\n";
            }
        }

        return $text . "\n";
    }
}
