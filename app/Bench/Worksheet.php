<?php

declare(strict_types=1);

namespace App\Bench;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Offer;
use Runel\Sentence\Furniture;
use Runel\Sentence\Hence;
use Runel\Sentence\SheetLines;

/** Several problems pasted at once, one a line: each is read by itself. A line of words alone is a heading. */
final readonly class Worksheet
{
    public const MOST = 60;
    /** What says that a line has words and no mathematics. */
    private const HEADING = 'error.no-mathematics';
    /** A line that says what a function is, for those below it. */
    private const FUNCTION = '/(?<!\p{L})([fghpq]\((\p{L})\)\s*='
        . '(?:[\d\s+\-−–*\/^().²³⁴⁵⁶√]|\2)*\2(?:[\d\s+\-−–*\/^().²³⁴⁵⁶√]|\2)*)/u';
    /** Where the problems stand: p. 84 #3, 5, 7. */
    private const PAGE = '/^(?:p|pp|pg|page)\.?\s*\d{1,3}\b/iu';
    /** A question, whose parts stand below it. */
    private const NUMBERED = '/^\s*(?:q|question)?\.?\s*\d{1,3}[.):]?\s/iu';

    /**
     * @param list<WorksheetRow> $rows
     * @param list<string>       $more the lines that were not looked at
     */
    private function __construct(public array $rows, public array $more, private Address $address) {}

    /** Null where it is one problem, or none. */
    public static function of(Address $address, Demonstrations $demonstrations): ?self
    {
        $lines = SheetLines::of($address->problem());
        if (\count($lines) < 2) {
            return null;
        }
        $rows = [];
        [$heading, $function] = ['', ''];
        foreach (\array_slice($lines, 0, self::MOST) as $place => $line) {
            // What one question asks ends where the next begins.
            $heading = preg_match(self::NUMBERED, $line) === 1 && preg_match(self::NUMBERED, "$heading ") === 1
                ? ''
                : $heading;
            $before = $rows[\count($rows) - 1] ?? null;
            $wrapped = $before === null ? null : self::wrapped($line, $before, $heading, $address, $demonstrations);
            if ($wrapped !== null) {
                array_pop($rows);
                $rows[] = $wrapped->onLine($before->line);
                continue;
            }
            $row = self::ofFunction($line, $function, $address, $demonstrations)
                ?? self::hence($line, $before, $address, $demonstrations)
                ?? self::row($line, $heading, $address, $demonstrations);
            if ($row->refusal !== null && self::isHeading($row->refusal, trim(Furniture::taken($line)[0]))) {
                $heading = rtrim($line, ': ');
                continue;
            }
            if ($row->refusal !== null && self::functionOf($line) !== null) {
                $function = self::functionOf($line);
                continue;
            }
            // What says itself what is to be done ends what the heading said.
            $heading = $row->problem?->asked->job !== null && $row->address?->problem() === $line ? '' : $heading;
            $rows[] = $row->onLine($place);
            $function = self::functionOf($line) ?? $function;
        }

        return new self($rows, \array_slice($lines, self::MOST), $address);
    }

    /** The bench with the lines that are left over. */
    public function goOn(): string
    {
        return $this->address->about(implode("\n", $this->more))->to('bench', ['step' => null]);
    }

    /** @return array<string, string|int> the parts of the query that come back to this sheet */
    public function query(): array
    {
        return $this->address->query(['step' => null, 'job' => null, 'method' => null]);
    }

    /** Whether a line is words and perhaps a number, and nothing to work: a title, or what is to be done below it. */
    private static function isHeading(Refusal $refusal, string $line): bool
    {
        if ($refusal->reason->key === self::HEADING || preg_match(self::PAGE, $line) === 1) {
            return true;
        }
        $isWorked = preg_match('/[=+*\/^²³√×÷−()]|\d\p{L}/u', $line) === 1;
        $hasLetter = preg_match('/(?<!\p{L})\p{L}(?!\p{L})/u', $line) === 1;
        // "Rearrange to make x the subject" has a letter, and nothing that is worked.
        $isWordy = preg_match_all('/\p{L}{3,}/u', $line) > 2 && preg_match('/\d/', $line) !== 1;

        return !$isWorked && ($isWordy || !$hasLetter);
    }

    public function unread(): int
    {
        return \count(array_filter($this->rows, static fn(WorksheetRow $row): bool => $row->refusal !== null));
    }

    /** @return list<string> what can be made into a set: each with what its heading asks */
    public function problems(): array
    {
        return array_values(array_filter(array_map(
            static fn(WorksheetRow $row): ?string => $row->refusal === null ? $row->address?->problem() : null,
            $this->rows,
        )));
    }

    /** The line before with this one, where the sentence goes on behind the end of its line; null where it does not. */
    private static function wrapped(
        string $line,
        WorksheetRow $before,
        string $heading,
        Address $sheet,
        Demonstrations $demonstrations,
    ): ?WorksheetRow {
        $isGoneOn = Furniture::number($line) === null
            && ($before->refusal !== null || preg_match('/^\p{Ll}{2}/u', $line) === 1);
        if (!$isGoneOn) {
            return null;
        }
        $own = self::read($line, $line, $sheet, $demonstrations);
        if ($own->refusal === null && $own->problem?->asked->job !== null) {
            return null;
        }
        $row = self::row("$before->typed $line", $heading, $sheet, $demonstrations);

        return $row->refusal === null ? $row : null;
    }

    /** What a line says that a function is: f(x) = x² − 6x; null where it says nothing of that kind. */
    private static function functionOf(string $line): ?string
    {
        return preg_match(self::FUNCTION, Furniture::taken($line)[0], $match) === 1 ? trim($match[1], " \t.(") : null;
    }

    /** A part about a function that was given further up; null where it is about none, or says itself what it is. */
    private static function ofFunction(
        string $line,
        string $function,
        Address $sheet,
        Demonstrations $demonstrations,
    ): ?WorksheetRow {
        $name = preg_quote(mb_substr($function, 0, 1), '/');
        $call = '/(?<!\p{L})' . $name . '\(\s*(?:' . mb_substr($function, 2, 1) . '|[-−–]?\d+)\s*\)/u';
        if ($function === '' || preg_match($call, $line) !== 1 || self::functionOf($line) !== null) {
            return null;
        }
        $part = (string) preg_replace('/^\s*hence,?\s+(?:or otherwise,?\s+)?/iu', '', trim(Furniture::taken($line)[0]));
        // By the factor theorem that is what f(2) = 0 says.
        $part = (string) preg_replace_callback(
            '/^(show|verify|prove|check)\s+(?:that\s+)?([fghpq])\(\s*([-−–]?)(\d+)\s*\)\s*=\s*0$/iu',
            static fn(array $match): string => "$match[1] that (" . mb_substr($function, 2, 1)
                . ($match[3] === '' ? ' - ' : ' + ') . "$match[4]) is a factor of " . mb_substr($function, 0, 4),
            $part,
        );

        // What is refused stays so: without the function its name would be a letter in front of parentheses.
        return self::read($line, "Given that $function, $part", $sheet, $demonstrations);
    }

    /** A part that goes on from the one before it; null where it says nothing of that kind. */
    private static function hence(
        string $line,
        ?WorksheetRow $before,
        Address $sheet,
        Demonstrations $demonstrations,
    ): ?WorksheetRow {
        if ($before?->problem === null || !Hence::isSaid($line)) {
            return null;
        }
        $own = self::read($line, $line, $sheet, $demonstrations);
        $sentence = Hence::sentence(
            $line,
            $own->refusal === null,
            $before->problem->node,
            $before->problem->asked->job ?? $before->offer?->method->job(),
        );
        $row = $sentence === null ? null : self::read($line, $sentence, $sheet, $demonstrations, true);

        return $row?->refusal === null ? $row : null;
    }

    private static function row(
        string $line,
        string $heading,
        Address $sheet,
        Demonstrations $demonstrations,
    ): WorksheetRow {
        $own = self::read($line, $line, $sheet, $demonstrations);
        if ($heading === '' || $own->refusal?->reason->key === self::HEADING || $own->problem?->asked->job !== null) {
            return $own;
        }
        $with = self::read($line, "$heading: " . trim(Furniture::taken($line)[0]), $sheet, $demonstrations);

        return $with->refusal === null ? $with : $own;
    }

    private static function read(
        string $typed,
        string $problem,
        Address $sheet,
        Demonstrations $demonstrations,
        bool $isGoneOn = false,
    ): WorksheetRow {
        $address = $sheet->about($problem);
        $read = null;
        try {
            $task = $address->task();
            $read = $task->problem;
            $offers = array_filter(
                $demonstrations->offers($task),
                static fn(Offer $offer): bool => $offer->forecast !== null,
            );
            $first = array_values($offers)[0] ?? throw new OutOfReach(Message::of('error.no-job'));

            return new WorksheetRow($typed, $address, $read, $first, null, $isGoneOn);
        } catch (Refusal $refusal) {
            return new WorksheetRow($typed, null, $read, null, $refusal);
        }
    }
}
