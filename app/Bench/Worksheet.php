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

/** Several problems pasted at once, one a line: each is read by itself. A line of words alone is a heading. */
final readonly class Worksheet
{
    public const MOST = 60;
    /** What says that a line has words and no mathematics. */
    private const HEADING = 'error.no-mathematics';

    /**
     * @param list<WorksheetRow> $rows
     * @param int                $more how many lines were not looked at
     */
    private function __construct(public array $rows, public int $more) {}

    /** Null where it is one problem, or none. */
    public static function of(Address $address, Demonstrations $demonstrations): ?self
    {
        $lines = array_values(array_filter(
            array_map(trim(...), preg_split('/\R/u', $address->problem()) ?: []),
            static fn(string $line): bool => $line !== '',
        ));
        if (\count($lines) < 2) {
            return null;
        }
        $rows = [];
        $heading = '';
        foreach (\array_slice($lines, 0, self::MOST) as $line) {
            $row = self::row($line, $heading, $address, $demonstrations);
            if ($row->refusal?->reason->key === self::HEADING) {
                $heading = rtrim($line, ': ');
                continue;
            }
            // What says itself what is to be done ends what the heading said.
            $heading = $row->problem?->asked->job !== null && $row->address?->problem() === $line ? '' : $heading;
            $rows[] = $row;
        }

        return new self($rows, max(0, \count($lines) - self::MOST));
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

            return new WorksheetRow($typed, $address, $read, $first, null);
        } catch (Refusal $refusal) {
            return new WorksheetRow($typed, null, $read, null, $refusal);
        }
    }
}
