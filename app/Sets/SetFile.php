<?php

declare(strict_types=1);

namespace App\Sets;

use App\Faces\AnswerWords;
use App\Faces\Faces;
use App\Faces\LatexText;
use App\Files\Csv;
use Runel\Demonstration\Demonstration;
use Runel\Expression\Node;
use Runel\Message\Message;
use Runel\Notation\Arranger;
use Runel\Notation\Box\Box;
use Runel\Notation\Latex;
use Runel\Notation\PlainText;
use Runel\Notation\TimesSign;
use Runel\Style\HouseStyle;

/** A set as a file in an open format. */
final readonly class SetFile
{
    public const FORMATS = [
        'txt' => 'text/plain',
        'md' => 'text/markdown',
        'tex' => 'application/x-tex',
        'csv' => 'text/csv',
        'json' => 'application/json',
        'zip' => 'application/zip',
    ];

    public function __construct(private Faces $faces, private SetData $data, private QtiPackage $package) {}

    /**
     * @param list<SetItem> $items
     * @param string        $format a key of the formats; zip is the package of test questions
     */
    public function write(array $items, string $format, HouseStyle $style, SetQuery $query): string
    {
        $items = array_values(array_filter(
            $items,
            static fn(SetItem $item): bool => $item->demonstration !== null,
        ));

        return match ($format) {
            'json' => json_encode(
                $this->data->of($items, $query),
                \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
            ) . "\n",
            'csv' => $this->csv($items, $style, $query->seed),
            'tex' => $this->latex($items, $style),
            'md' => $this->markdown($items, $style),
            'zip' => $this->package->zip($items, $style),
            default => $this->text($items, $style),
        };
    }

    /** @param list<SetItem> $items */
    private function text(array $items, HouseStyle $style): string
    {
        $text = '';
        foreach ($items as $number => $item) {
            $text .= $number + 1 . ". {$this->task($item, $style)} {$this->problem($item, $style)}\n";
            foreach ($item->page->lines ?? [] as $line) {
                $text .= '       ' . (new PlainText())->write($this->arrange($line, $style)) . "\n";
            }
        }
        $text .= "\n" . $this->word('sets.answers', $style) . "\n";
        foreach ($items as $number => $item) {
            $text .= $number + 1 . ". {$this->key($item, $style)}{$this->answer($item, $style)}\n";
        }

        return $text;
    }

    /** As people write it; the name of a function stays. Which letter is wanted is said in words before it. */
    private function problem(SetItem $item, HouseStyle $style): string
    {
        $problem = $item->demonstration?->task->problem;

        return $problem === null || $problem->function !== null
            ? (string) preg_replace('/ for [a-z]$/', '', $item->problem)
            : (new PlainText())->write($this->arrange($problem->node, $style));
    }

    /** @param list<SetItem> $items */
    private function markdown(array $items, HouseStyle $style): string
    {
        $latex = fn(SetItem $item): string => $item->demonstration === null ? '' : (new Latex())->write(
            (new Arranger($style->get(TimesSign::class)))->arrange($item->demonstration->task->problem->node),
        );
        $text = '';
        foreach ($items as $number => $item) {
            $text .= $number + 1 . ". {$this->task($item, $style)} \${$latex($item)}\$\n";
            foreach ($item->page->lines ?? [] as $place => $line) {
                $text .= '   ' . ($place + 1) . '. $' . (new Latex())->write($this->arrange($line, $style)) . "\$\n";
            }
        }
        $text .= "\n## " . $this->word('sets.answers', $style) . "\n\n";
        foreach ($items as $number => $item) {
            $text .= $number + 1 . ". {$this->key($item, $style)}\${$this->answerLatex($item, $style)}\$\n";
        }

        return $text;
    }

    /** @param list<SetItem> $items */
    private function latex(array $items, HouseStyle $style): string
    {
        $text = "\\documentclass[11pt]{article}\n\\usepackage{amsmath,amssymb}\n\\usepackage[margin=2.2cm]{geometry}\n"
            . "\\setlength{\\parindent}{0pt}\n\\begin{document}\n\n\\begin{enumerate}\n";
        foreach ($items as $item) {
            $problem = $item->demonstration === null ? '' : (new Latex())->write(
                (new Arranger($style->get(TimesSign::class)))->arrange($item->demonstration->task->problem->node),
            );
            $text .= '\\item ' . LatexText::escape($this->task($item, $style)) . " \$$problem\$\\par\n";
            foreach ($item->page->lines ?? [] as $place => $line) {
                $latex = (new Latex())->write($this->arrange($line, $style));
                $text .= '\quad ' . ($place + 1) . ". \$$latex\$\\par\n";
            }
            $text .= '\vspace{' . $item->lines() * 0.8 . "cm}\n";
        }
        $text .= "\\end{enumerate}\n\n\\newpage\n\\section*{"
            . LatexText::escape($this->word('sets.answers', $style)) . "}\n\\begin{enumerate}\n";
        foreach ($items as $item) {
            $text .= '\item ' . LatexText::escape($this->key($item, $style))
                . "\${$this->answerLatex($item, $style)}\$\n";
        }

        return $text . "\\end{enumerate}\n\\end{document}\n";
    }

    /** @param list<SetItem> $items */
    private function csv(array $items, HouseStyle $style, string $seed): string
    {
        $rows = [['problem', 'answer', 'skill', 'rung', 'adds', 'seed']];
        foreach ($items as $item) {
            $rows[] = [
                $item->problem,
                $this->answer($item, $style),
                $item->skill ?? '',
                (string) $item->rung?->number,
                $item->rung?->adds->value ?? '',
                $seed,
            ];
        }

        return Csv::write($rows);
    }

    private function task(SetItem $item, HouseStyle $style): string
    {
        $demonstration = $item->demonstration;

        if ($item->page !== null) {
            return $this->word('sets.page-task', $style);
        }

        return $demonstration === null ? '' : $this->word("sets.task.{$demonstration->job}", $style, [
            'letter' => $demonstration->task->problem->subject ?? '',
        ]);
    }

    /** Where the slip is that was to be found; '' where there was none. */
    private function key(SetItem $item, HouseStyle $style): string
    {
        return $item->page === null ? '' : $this->word('sets.page-key', $style, [
            'line' => (string) $item->page->at,
            'slip' => $this->word("slip.{$item->page->slip->value}.name", $style),
        ]) . ' ';
    }

    private function arrange(Node $node, HouseStyle $style): Box
    {
        return (new Arranger($style->get(TimesSign::class)))->arrange($node);
    }

    private function answer(SetItem $item, HouseStyle $style): string
    {
        return $item->demonstration === null ? '' : self::plainAnswer($item->demonstration, $style, $this->faces);
    }

    /** What a demonstration arrives at, in one line. */
    public static function plainAnswer(Demonstration $demonstration, HouseStyle $style, Faces $faces): string
    {
        $words = AnswerWords::of($demonstration->answer);

        return $words === null
            ? (new PlainText())->write(self::arranged($demonstration, $style))
            : $faces->text($style)->say($words);
    }

    private function answerLatex(SetItem $item, HouseStyle $style): string
    {
        $demonstration = $item->demonstration;
        $isSaid = $demonstration === null
            || AnswerWords::of($demonstration->answer) !== null;

        return $isSaid
            ? '\text{' . $this->answer($item, $style) . '}'
            : (new Latex())->write(self::arranged($demonstration, $style));
    }

    private static function arranged(Demonstration $demonstration, HouseStyle $style): Box
    {
        return (new Arranger($style->get(TimesSign::class)))->arrange($demonstration->answer->node());
    }

    /** @param array<string, string> $parameters */
    private function word(string $key, HouseStyle $style, array $parameters = []): string
    {
        return $this->faces->text($style)->say(Message::of($key, $parameters));
    }
}
