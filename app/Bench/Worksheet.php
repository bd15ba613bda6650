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
        $heading = '';
        foreach (\array_slice($lines, 0, self::MOST) as $place => $line) {
            $row = self::hence($line, $rows[\count($rows) - 1] ?? null, $address, $demonstrations)
                ?? self::row($line, $heading, $address, $demonstrations);
            if ($row->refusal !== null && self::isHeading($row->refusal, $line)) {
                $heading = rtrim($line, ': ');
                continue;
            }
            // What says itself what is to be done ends what the heading said.
            $heading = $row->problem?->asked->job !== null && $row->address?->problem() === $line ? '' : $heading;
            $rows[] = $row->onLine($place);
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
        return $refusal->reason->key === self::HEADING
            || preg_match('/[=+*\/^²³√×÷−()]|\d\p{L}|(?<!\p{L})\p{L}(?!\p{L})/u', $line) !== 1;
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

        return $with->refusal === null || $own->refusal !== null ? $with : $own;
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
