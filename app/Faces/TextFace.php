<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Reply;
use Runel\Expression\Node;
use Runel\Notation\Arranger;
use Runel\Notation\PlainText;
use Runel\Notation\TimesSign;
use Runel\Style\HouseStyle;

/** The demonstration as plain text, to read in a terminal or to listen to. */
final readonly class TextFace implements Face
{
    /**
     * @param \Closure(HouseStyle): Wording      $wording
     * @param \Closure(HouseStyle, Node): string $mathematics
     */
    private function __construct(
        private \Closure $wording,
        private \Closure $mathematics,
        private bool $tables,
    ) {}

    public static function plain(Faces $faces): self
    {
        return new self($faces->text(...), static fn(HouseStyle $style, Node $node): string => (new PlainText())->write(
            (new Arranger($style->get(TimesSign::class)))->arrange($node),
        ), true);
    }

    /** Everything in words, for a screen reader or a voice. */
    public static function spoken(Faces $faces): self
    {
        return new self(
            $faces->speech(...),
            static fn(HouseStyle $style, Node $node): string => $faces->mathematics($style)->speak($node),
            false,
        );
    }

    public function write(Demonstration $demonstration): string
    {
        $wording = ($this->wording)($demonstration->task->style);
        $write = fn(Node $node): string => ($this->mathematics)($demonstration->task->style, $node);
        $text = '';
        $number = 0;
        foreach ($demonstration->sections as $section) {
            $text .= "\n" . mb_strtoupper($wording->say($section->title())) . "\n";
            foreach ($section->steps as $step) {
                $text .= \sprintf(
                    "%2d. %s\n    %s\n",
                    ++$number,
                    $wording->say($step->title),
                    $wording->say($step->why),
                );
                foreach ($step->lines as $line) {
                    $text .= '        ' . $write($line->node) . ($line->rejected === null ? '' : '   '
                        . FigureTable::WRONG . ' ' . $wording->say($line->rejected)) . "\n";
                }
            }
            $text .= self::table($this->tables ? FigureTable::closing($section) : null, $write);
        }
        $reply = Reply::of($demonstration);
        $text .= $reply === null ? '' : "\n" . $wording->say($reply) . "\n";
        $checks = $demonstration->furtherChecks();
        $text .= $checks === [] ? '' : "\n" . mb_strtoupper($wording->word('name.phase.checking')) . "\n";
        foreach ($checks as $check) {
            $text .= ' ✓  ' . $wording->say($check->title) . "\n";
            foreach ($check->lines as $line) {
                $text .= '        ' . $write($line->node) . "\n";
            }
        }

        return ltrim($text);
    }

    /** @param \Closure(Node): string $write */
    private static function table(?FigureTable $table, \Closure $write): string
    {
        if ($table === null) {
            return '';
        }
        $cells = array_map(static fn(array $row): array => array_map(
            static fn(Node|string $cell): string => $cell instanceof Node ? $write($cell) : $cell,
            $row,
        ), $table->rows);
        $widths = [];
        foreach ($cells as $row) {
            foreach ($row as $place => $cell) {
                $widths[$place] = max($widths[$place] ?? 0, mb_strlen($cell));
            }
        }
        $text = "\n";
        foreach ($cells as $number => $row) {
            $line = '        ';
            foreach ($row as $place => $cell) {
                $line .= str_repeat(' ', $widths[$place] - mb_strlen($cell)) . $cell
                    . ($place === 0 && $table->sideRule ? ' │ ' : '  ');
            }
            $text .= rtrim($line) . "\n";
            if (\in_array($number, $table->ruled, true)) {
                $text .= '        ' . str_repeat('─', array_sum($widths) + 2 * \count($widths)) . "\n";
            }
        }

        return $text;
    }
}
