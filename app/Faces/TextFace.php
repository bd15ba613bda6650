<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Demonstration\Demonstration;
use Runel\Expression\Node;
use Runel\Notation\Arranger;
use Runel\Notation\PlainText;
use Runel\Style\HouseStyle;

/** The demonstration as plain text, to read in a terminal or to listen to. */
final readonly class TextFace implements Face
{
    /**
     * @param \Closure(HouseStyle): Wording      $wording
     * @param \Closure(HouseStyle, Node): string $mathematics
     */
    private function __construct(private \Closure $wording, private \Closure $mathematics) {}

    public static function plain(Faces $faces): self
    {
        return new self($faces->text(...), static fn(HouseStyle $style, Node $node): string => (new PlainText())->write(
            (new Arranger($style->times))->arrange($node),
        ));
    }

    /** Everything in words, for a screen reader or a voice. */
    public static function spoken(Faces $faces): self
    {
        return new self(
            $faces->speech(...),
            static fn(HouseStyle $style, Node $node): string => $faces->mathematics($style)->speak($node),
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
                    $text .= '        ' . $write($line->node) . "\n";
                }
            }
        }
        $text .= "\n" . mb_strtoupper($wording->word('name.phase.checking')) . "\n";
        foreach ($demonstration->checks() as $check) {
            $text .= ' ✓  ' . $wording->say($check->title) . "\n";
            foreach ($check->lines as $line) {
                $text .= '        ' . $write($line->node) . "\n";
            }
        }

        return ltrim($text);
    }
}
