<?php

declare(strict_types=1);

namespace App\Pile;

use App\Faces\WordList;
use App\Files\Csv;
use App\Files\HandedIn;

/**
 * Work as people hand it in, cut into pieces. Plain text and Markdown: a piece is a problem and the lines under it, up
 * to an empty line; a heading, "Learner: …" or a name alone says whose it is. A table: learner, problem, lines.
 */
final class PileReader
{
    private const NAME = '/^\p{Lu}[\p{L}’\'.-]{1,30}(?: \p{L}[\p{L}’\'.-]{0,30}){0,3}$/u';

    /** The number of a problem, and how it is written: 2), (b), Q3. */
    private const NUMBER = '/^\s*((?:Q|Question\s*)?\(?)(\d{1,2}|[a-h])([).:]+)\s+(?=\S)/iu';

    /** Numbers of a first problem. */
    private const FIRST = ['1)', '1.', '1:', '(1)', 'a)', 'a.', '(a)', 'q1)', 'q1.', 'q1:', 'question1.', 'question1:'];

    private string $learner = '';
    /** The number that the next problem of the same learner would have, as it would be written. */
    private ?string $next = null;
    private ?string $problem = null;
    /** @var list<string> */
    private array $lines = [];
    /** @var list<Piece> */
    private array $pieces = [];

    /** @param string $common the problem that all of them worked on; '' where each piece names its own */
    private function __construct(private readonly string $common) {}

    /** @return list<Piece> */
    public static function pieces(HandedIn $handedIn, string $common): array
    {
        $common = trim($common);

        return $handedIn->isTable || self::looksLikeTable($handedIn->text)
            ? self::ofTable($handedIn->text, $common)
            : (new self($common))->ofText($handedIn->text);
    }

    /** @return list<Piece> */
    private function ofText(string $text): array
    {
        $isMarkdown = preg_match('/^#{1,6}\s/m', $text) === 1;
        $typed = explode("\n", $text);
        foreach ($typed as $place => $whole) {
            $line = self::bare($whole, $isMarkdown);
            $number = self::number($whole);
            // Numbered problems may stand one under another, each with lines under it, without a gap between them.
            if ($number !== null && $number === $this->next && $this->lines !== []) {
                $this->close();
            }
            if ($this->problem === null && $this->lines === []) {
                $this->next = self::number($whole, 1);
            }
            match (true) {
                $line === '' => $this->close(),
                self::isName($line) && \in_array(self::number($typed[$place + 1] ?? ''), self::FIRST, true)
                    => $this->begin($line),
                $this->isHeading($line) => null,
                $this->problem === null && $this->common === '' => $this->problem = $line,
                default => $this->lines[] = $line,
            };
        }
        $this->close();

        return $this->pieces;
    }

    /** Whether a line says whose work follows, or which problem. */
    private function isHeading(string $line): bool
    {
        $heading = preg_match('/^#{1,6}\s*(.+)$/u', $line, $match) === 1 ? trim($match[1]) : null;
        $problem = WordList::of('reading.problem')->pattern;
        if (preg_match("/^(?:$problem)\\s*\\d*\\s*[:：.)]\\s*(.+)$/iu", $heading ?? $line, $match) === 1) {
            $this->close();
            $this->problem = $match[1];

            return true;
        }
        $isStart = $this->problem === null && $this->lines === [];
        $learner = WordList::of('reading.learner')->pattern;
        $name = match (true) {
            preg_match("/^(?:$learner)\\s*[:：]\\s*(.+)$/iu", $heading ?? $line, $match) === 1 => $match[1],
            $heading !== null => $heading,
            $isStart && self::isName($line) => $line,
            default => null,
        };
        if ($name === null) {
            return false;
        }
        $this->begin($name);

        return true;
    }

    private function begin(string $learner): void
    {
        $this->close();
        $this->learner = mb_substr(trim($learner), 0, 60);
    }

    /** The number a line begins with, or the one so many further, as it is written; null where there is none. */
    private static function number(string $line, int $further = 0): ?string
    {
        if (preg_match(self::NUMBER, $line, $match) !== 1) {
            return null;
        }
        $number = ctype_digit($match[2]) ? (string) ((int) $match[2] + $further) : \chr(\ord($match[2]) + $further);

        return mb_strtolower(trim($match[1]) . $number) . $match[3];
    }

    /** Words with capitals, and not the words of an answer. */
    private static function isName(string $line): bool
    {
        $answer = WordList::of('reading.answer')->pattern;

        return preg_match(self::NAME, $line) === 1 && preg_match("/^(?:$answer)\\b/iu", $line) !== 1;
    }

    private function close(): void
    {
        if ($this->lines !== [] || $this->problem !== null) {
            $this->pieces[] = new Piece($this->learner, $this->problem ?? $this->common, $this->lines);
        }
        $this->problem = null;
        $this->lines = [];
    }

    /** A line without the marks of a list, a quotation or of mathematics in running text. */
    private static function bare(string $line, bool $isMarkdown): string
    {
        $lead = $isMarkdown ? '/^\s*(?:[-*+•>]|\d{1,2}[.)])\s+/u' : '/^\s*(?:\d{1,2}|[a-h])\)\s+/u';
        $line = (string) preg_replace($lead, '', $line);

        return trim((string) preg_replace('/^\s*(\$\$?|`)(.*)\1\s*$/u', '$2', $line));
    }

    private static function looksLikeTable(string $text): bool
    {
        $head = strtok($text, "\n");

        $learner = WordList::of('reading.learner')->pattern;

        return $head !== false && preg_match("/^\\W*(?:$learner)\\W*[,;\\t]/iu", $head) === 1;
    }

    /** @return list<Piece> */
    private static function ofTable(string $text, string $common): array
    {
        $rows = Csv::read($text);
        $columns = self::columns($rows[0] ?? []);
        if ($columns !== null) {
            array_shift($rows);
        }

        return array_values(array_filter(array_map(
            static fn(array $row): ?Piece => self::ofRow($row, $columns ?? ['learner' => 0, 'problem' => 1], $common),
            $rows,
        )));
    }

    /**
     * @param list<string> $head
     *
     * @return array<string, int>|null where the learner and the problem stand; null where this is no head
     */
    private static function columns(array $head): ?array
    {
        $columns = [];
        foreach ($head as $place => $name) {
            if (WordList::of('reading.learner')->holds($name)) {
                $columns['learner'] = $place;
            } elseif (WordList::of('reading.problem')->holds($name)) {
                $columns['problem'] = $place;
            }
        }

        return $columns === [] ? null : $columns;
    }

    /**
     * @param list<string>       $row
     * @param array<string, int> $columns
     */
    private static function ofRow(array $row, array $columns, string $common): ?Piece
    {
        $problem = $row[$columns['problem'] ?? -1] ?? '';
        $lines = [];
        foreach (array_diff_key($row, array_flip($columns)) as $cell) {
            // What is divided or multiplied by is noted behind a bar: that begins no new line.
            foreach (preg_split('/\n|\|(?!\s*[:÷*·×\/])/u', $cell) ?: [] as $line) {
                if (trim($line) !== '') {
                    $lines[] = trim($line);
                }
            }
        }
        $problem = $problem === '' ? $common : $problem;

        return $problem === '' && $lines === [] ? null : new Piece(
            mb_substr($row[$columns['learner'] ?? -1] ?? '', 0, 60),
            $problem,
            $lines,
        );
    }
}
