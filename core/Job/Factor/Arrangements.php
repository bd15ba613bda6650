<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Figure\ArrangementHuntFigure;
use Runel\Demonstration\Figure\ArrangementRow;
use Runel\Demonstration\Figure\TrialVerdict;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Style\TurnedColumn;

/**
 * All arrangements (mx + r)(nx + s) with mn = a and rs = ±c, each once: factor pairs of a with m growing, for
 * each the factor pairs of c with the smaller first, for each both ways round. Turning both columns over gives
 * the same arrangement, so where a pair has two equal numbers one way round is enough. Where the first column has fewer
 * pairs, the house may turn that one instead.
 */
final readonly class Arrangements
{
    /**
     * @param list<ArrangementRow> $rows all of them, in order
     * @param int|null             $hit  the place of the right one, from 0
     */
    private function __construct(public array $rows, public ?int $hit, public string $mode, public int $target) {}

    /**
     * Signs first: plain numbers whose products add to |b| (last term positive) or differ by it (negative).
     */
    public static function signsFirst(Trinomial $trinomial, TurnedColumn $turned): self
    {
        $mode = $trinomial->c > 0 ? 'sum' : 'difference';
        $target = abs($trinomial->b);

        $judge = static function (int $outer, int $inner) use ($mode, $target): array {
            $total = $mode === 'sum' ? $outer + $inner : abs($outer - $inner);

            return [$total, $total === $target ? TrialVerdict::Fits : TrialVerdict::Misses];
        };

        return self::search($trinomial, false, $mode, $target, $turned, $judge);
    }

    /** Signs last: plain numbers that could make |b| either way; the four sign combinations come afterwards. */
    public static function signsLast(Trinomial $trinomial, TurnedColumn $turned): self
    {
        return self::search($trinomial, false, 'either', abs($trinomial->b), $turned, self::eitherWay($trinomial));
    }

    /** Whole factors without their signs, the most even first; what shares a factor is passed over at sight. */
    public static function unsigned(Trinomial $trinomial, TurnedColumn $turned): self
    {
        $either = self::eitherWay($trinomial);
        $judge = static fn(int $outer, int $inner, int $m, int $n, int $r, int $s): array => [
            $outer + $inner,
            self::shares($trinomial, $m, $n, $r, $s) ? TrialVerdict::Shares : $either($outer, $inner)[1],
        ];

        return self::search($trinomial, false, 'either', abs($trinomial->b), $turned, $judge, true);
    }

    /** @return \Closure(int, int): array{int, TrialVerdict} */
    private static function eitherWay(Trinomial $trinomial): \Closure
    {
        $target = abs($trinomial->b);

        return static function (int $outer, int $inner) use ($trinomial, $target): array {
            $total = $trinomial->c > 0 ? $outer + $inner : abs($outer - $inner);
            $possible = \in_array($target, [$outer + $inner, abs($outer - $inner)], true);

            return [
                $outer + $inner,
                $total === $target ? TrialVerdict::Fits : ($possible ? TrialVerdict::Signs : TrialVerdict::Misses),
            ];
        };
    }

    /**
     * Whole brackets with their signs, the most even factors first; a bracket whose terms share a factor is passed
     * over at sight, since the trinomial's terms share none. Exchanged signs are repaired on the spot.
     *
     * @param bool $wrongFirst whether the one that fits is to come with its signs exchanged
     */
    public static function brackets(Trinomial $trinomial, TurnedColumn $turned, bool $wrongFirst = false): self
    {
        $found = self::withSigns($trinomial, $turned, false);
        $hit = $found->hit === null ? null : $found->rows[$found->hit];

        return $wrongFirst && $hit?->verdict === TrialVerdict::Fits
            ? self::withSigns($trinomial, $turned, true)
            : $found;
    }

    private static function withSigns(Trinomial $trinomial, TurnedColumn $turned, bool $exchanged): self
    {
        $judge = static function (
            int $outer,
            int $inner,
            int $m,
            int $n,
            int $r,
            int $s,
        ) use ($trinomial): array {
            $total = $outer + $inner;

            return [$total, match (true) {
                $total === $trinomial->b => TrialVerdict::Fits,
                $trinomial->c < 0 && -$total === $trinomial->b => TrialVerdict::Repaired,
                self::shares($trinomial, $m, $n, $r, $s) => TrialVerdict::Shares,
                default => TrialVerdict::Misses,
            }];
        };

        return self::search($trinomial, true, 'sum', $trinomial->b, $turned, $judge, true, $exchanged);
    }

    /** Whether a row has a common factor that the trinomial does not have. */
    private static function shares(Trinomial $trinomial, int $m, int $n, int $r, int $s): bool
    {
        return $trinomial->content() === 1 && (Integers::gcd($m, $r) > 1 || Integers::gcd($n, $s) > 1);
    }

    /** What the hunt arrives at as it stands: the plain numbers, whose signs are still to come. */
    public function outcome(): Message
    {
        $row = $this->hit === null ? null : $this->rows[$this->hit];

        return $row === null ? Message::of('outcome.none') : Message::of('outcome.arrangement', [
            'm' => $row->m, 'n' => $row->n, 'r' => abs($row->r), 's' => abs($row->s),
        ]);
    }

    /**
     * The two factors in the order of the rows that were found, from top to bottom, with their signs.
     *
     * @return array{array{int, int}, array{int, int}} m and r, n and s
     */
    public function rows(Trinomial $trinomial): array
    {
        $row = $this->hit === null
            ? throw new \LogicException('A hunt that found nothing has no factors.')
            : $this->rows[$this->hit];
        [$m, $n, $r, $s] = [$row->m, $row->n, abs($row->r), abs($row->s)];
        foreach ([[$r, $s], [-$r, $s], [$r, -$s], [-$r, -$s]] as [$upper, $lower]) {
            if ($m * $lower + $n * $upper === $trinomial->b && $upper * $lower === $trinomial->c) {
                return [[$m, $upper], [$n, $lower]];
            }
        }

        throw new \LogicException('No signs fit what was found.');
    }

    public function count(): int
    {
        return \count($this->rows);
    }

    public function looked(): int
    {
        return $this->hit === null ? \count($this->rows) : $this->hit + 1;
    }

    /**
     * @param callable(int, int, int, int, int, int): array{int, TrialVerdict} $judge of outer and inner product, m, n,
     *                                                                                r, s: the total and the verdict
     */
    private static function search(
        Trinomial $trinomial,
        bool $signed,
        string $mode,
        int $target,
        TurnedColumn $turned,
        callable $judge,
        bool $evenFirst = false,
        bool $exchanged = false,
    ): self {
        $rows = [];
        $hit = null;
        $firsts = Integers::factorPairs($trinomial->a);
        $lasts = Integers::factorPairs(abs($trinomial->c));
        if ($evenFirst) {
            $firsts = array_reverse($firsts);
            $lasts = array_reverse($lasts);
        }
        $turnsFirst = $turned === TurnedColumn::Fewer && \count($firsts) < \count($lasts);
        foreach (self::ways($firsts, $lasts, $turnsFirst) as [$m, $n, $r, $s]) {
            if ($signed) {
                [$r, $s] = self::signed($trinomial, $r, $s, $exchanged);
            }
            [$total, $verdict] = $judge($m * $s, $n * $r, $m, $n, $r, $s);
            $rows[] = new ArrangementRow(\count($rows) + 1, $m, $n, $r, $s, $total, $verdict);
            if ($hit === null && $verdict->ends()) {
                $hit = \count($rows) - 1;
            }
        }

        return new self($rows, $hit, $mode, $target);
    }

    /**
     * Each pair of the one column with each of the other, one of them both ways round.
     *
     * @param list<array{int, int}> $firsts
     * @param list<array{int, int}> $lasts
     *
     * @return iterable<array{int, int, int, int}> m, n, r and s
     */
    private static function ways(array $firsts, array $lasts, bool $turnsFirst): iterable
    {
        foreach ($turnsFirst ? $lasts : $firsts as [$one, $other]) {
            foreach ($turnsFirst ? $firsts : $lasts as [$small, $large]) {
                foreach ($one === $other || $small === $large ? [[$small, $large]] : [
                    [$small, $large],
                    [$large, $small],
                ] as [$left, $right]) {
                    yield $turnsFirst ? [$left, $right, $one, $other] : [$one, $other, $left, $right];
                }
            }
        }
    }

    /**
     * @return array{int, int} both as the middle where the last term is positive, else one of each
     */
    private static function signed(Trinomial $trinomial, int $r, int $s, bool $exchanged): array
    {
        if ($trinomial->c > 0) {
            return $trinomial->b < 0 ? [-$r, -$s] : [$r, $s];
        }

        return $exchanged ? [-$r, $s] : [$r, -$s];
    }

    /** The figure of the hunt before anything is tried. */
    public function figure(Trinomial $trinomial, string $kind): ArrangementHuntFigure
    {
        $last = $kind === 'cross' || $this->mode === 'either' ? abs($trinomial->c) : $trinomial->c;

        return new ArrangementHuntFigure(
            $kind,
            $trinomial->a,
            $last,
            $this->target,
            $this->mode,
            $trinomial->c > 0,
            $trinomial->letter,
            $trinomial->second,
        );
    }
}
