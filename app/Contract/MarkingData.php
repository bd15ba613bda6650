<?php

declare(strict_types=1);

namespace App\Contract;

use App\Faces\Wording;
use Runel\Marking\Difference;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marking;
use Runel\Notation\Ascii;
use Runel\Number\Rational;

/** A marking as the contract writes it. */
final class MarkingData
{
    /** @return array{lines: list<array<string, mixed>>, finished: bool, wants: string|null, looked-at: int} */
    public static function of(Marking $marking, Wording $wording): array
    {
        return [
            'lines' => array_map(
                static fn(MarkedLine $line): array => self::line($line, $wording),
                $marking->lines,
            ),
            'finished' => $marking->finished,
            'wants' => $marking->wants?->value,
            'looked-at' => $marking->lookedAt(),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(MarkedLine $line, Wording $wording): array
    {
        return [
            'typed' => $line->typed,
            'ascii' => $line->node === null ? null : Ascii::write($line->node),
            'verdict' => $line->verdict->value,
            'true' => $line->holds,
            'kind' => $line->kind,
            'rounded' => $line->rounded,
            'extraneous' => $line->extraneous,
            'branch' => $line->branch,
            'slip' => $line->slip?->value,
            'say' => $wording->say($line->say),
            'at' => $line->at,
            'differs' => $line->differs === null ? null : self::differs($line->differs),
        ];
    }

    /** @return array<string, mixed> */
    private static function differs(Difference $difference): array
    {
        return [
            'at' => array_map(static fn(Rational $value): string => (string) $value, $difference->at),
            'before' => Ascii::write($difference->before),
            'after' => Ascii::write($difference->after),
        ];
    }
}
