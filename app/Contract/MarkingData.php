<?php

declare(strict_types=1);

namespace App\Contract;

use App\Faces\Wording;
use Runel\Marking\Difference;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marking;
use Runel\Marking\Marks;
use Runel\Notation\Ascii;
use Runel\Number\Rational;
use Runel\Slip\Slip;

/** A marking as the contract writes it. */
final class MarkingData
{
    /**
     * @param int|null $points how many the problem has, where somebody says so
     *
     * @return array{
     *     lines: list<array<string, mixed>>, finished: bool, wants: string|null,
     *     proposal: array<string, mixed>|null, looked-at: int
     * }
     */
    public static function of(Marking $marking, Wording $wording, ?int $points = null): array
    {
        return [
            'lines' => array_map(
                static fn(MarkedLine $line): array => self::line($line, $wording),
                $marking->lines,
            ),
            'finished' => $marking->finished,
            'wants' => $marking->wants?->value,
            'proposal' => self::proposal($marking->marks($points)),
            'looked-at' => $marking->lookedAt(),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function proposal(?Marks $marks): ?array
    {
        return $marks === null ? null : [
            'points' => $marks->points(),
            'of' => $marks->of(),
            'method' => ['points' => $marks->method, 'of' => $marks->methodOf],
            'accuracy' => ['points' => $marks->result, 'of' => $marks->resultOf],
            'form' => ['points' => $marks->form, 'of' => $marks->formOf],
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
            'slips' => array_map(static fn(Slip $slip): string => $slip->value, $line->slips),
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
