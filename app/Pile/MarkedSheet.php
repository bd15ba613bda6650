<?php

declare(strict_types=1);

namespace App\Pile;

use App\Contract\MarkingData;
use App\Faces\Wording;
use App\Files\Csv;
use Runel\Marking\MarkedLine;
use Runel\Message\Message;

/** A marked pile as a file in an open format, to be kept by the tutor; Runel keeps none. */
final readonly class MarkedSheet
{
    public const FORMATS = ['csv' => 'text/csv', 'md' => 'text/markdown', 'json' => 'application/json'];

    /** @param Wording $text mathematics in it is plain */
    public function __construct(private Pile $pile, private Wording $text) {}

    /** @param string $format a key of the formats */
    public function write(string $format): string
    {
        return match ($format) {
            'csv' => $this->csv(),
            'json' => $this->json(),
            default => $this->markdown(),
        };
    }

    /** A row a line. */
    private function csv(): string
    {
        $rows = [[
            'learner', 'problem', 'line', 'typed', 'verdict', 'slip', 'said', 'finished', 'proposed', 'mark', 'remark',
        ]];
        foreach ($this->pile->pieces as $piece) {
            $head = [$piece->piece->learner, $piece->piece->problem];
            $own = [
                $piece->marking?->finished === true ? 'yes' : 'no',
                $piece->marks === null ? '' : MarksSaid::whole($piece->marks, $this->text->say(...)),
                $piece->mark,
                $piece->remark,
            ];
            foreach ($piece->lines() as $number => $line) {
                $rows[] = [
                    ...$head,
                    (string) ($number + 1),
                    $line->typed,
                    $line->verdict->value,
                    $line->slip->value ?? '',
                    $this->text->say($line->say),
                    ...$own,
                ];
            }
            if ($piece->lines() === []) {
                $said = $piece->refusal === null ? '' : $this->text->say($piece->refusal->reason);
                $rows[] = [...$head, '', '', '', '', $said, ...$own];
            }
        }

        return Csv::write($rows);
    }

    private function json(): string
    {
        return json_encode([
            'runel' => 1,
            'pieces' => array_map(fn(MarkedPiece $piece): array => [
                'learner' => $piece->piece->learner,
                'problem' => $piece->piece->problem,
                'job' => $piece->job,
                'error' => $piece->refusal === null ? null : $this->text->say($piece->refusal->reason),
                'mark' => $piece->mark,
                'remark' => $piece->remark,
            ] + ($piece->marking === null ? [] : MarkingData::of($piece->marking, $this->text)), $this->pile->pieces),
            'slips' => array_map(static fn(Tally $tally): array => [
                'slip' => $tally->slip->value,
                'times' => $tally->times,
                'learners' => $tally->learners,
            ], $this->pile->tallies),
        ], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR) . "\n";
    }

    private function markdown(): string
    {
        $parts = [];
        if ($this->pile->tallies !== []) {
            $rows = array_map(fn(Tally $tally): string => sprintf(
                "| %s | %d | %s |\n",
                $this->text->say(Message::of("slip.{$tally->slip->value}.name")),
                $tally->times,
                self::cell(implode(', ', $tally->learners)),
            ), $this->pile->tallies);
            $parts[] = '## ' . $this->word('pile.slips') . "\n\n| {$this->word('pile.slip')} | "
                . "{$this->word('pile.times')} | {$this->word('pile.whose')} |\n|---|---|---|\n" . implode('', $rows);
        }
        foreach ($this->pile->pieces as $piece) {
            $parts[] = $this->piece($piece);
        }

        return implode("\n", $parts);
    }

    private function piece(MarkedPiece $piece): string
    {
        $learner = self::cell($piece->piece->learner);
        $problem = str_replace('`', "'", $piece->piece->problem);
        $text = '## ' . ($learner === '' ? '' : "$learner: ") . "`$problem`\n\n";
        if ($piece->refusal !== null) {
            $text .= $this->text->say($piece->refusal->reason) . "\n";
        }
        foreach ($piece->lines() as $number => $line) {
            $text .= ($number + 1) . '. `' . str_replace('`', "'", $line->typed) . '` ' . $this->mark($line) . "\n";
        }
        if ($piece->marks !== null) {
            $text .= "\n" . $this->word('pile.proposed') . ': '
                . MarksSaid::line($piece->marks, $this->text->say(...)) . "\n";
        }
        foreach (['mark' => $piece->mark, 'remark' => $piece->remark] as $what => $own) {
            $text .= $own === '' ? '' : "\n**" . $this->word("pile.$what") . ':** ' . self::cell($own) . "\n";
        }

        return $text;
    }

    private function mark(MarkedLine $line): string
    {
        $sign = $this->word("turn.mark.{$line->sign()}");

        return $line->tellsMore() ? "$sign " . $this->text->say($line->say) : $sign;
    }

    private function word(string $key): string
    {
        return $this->text->say(Message::of($key));
    }

    /** What somebody typed, so that it is no markup and no cell of its own. */
    private static function cell(string $typed): string
    {
        return (string) preg_replace('/([\\\\|*_`<>#\[\]])/u', '\\\\$1', (string) preg_replace('/\s+/u', ' ', $typed));
    }
}
