<?php

declare(strict_types=1);

namespace Runel\Judging;

use Runel\Demonstration\Figure\ArrangementHuntFigure;
use Runel\Expression\Product;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Number\Integers;
use Runel\Parsing\Parser;
use Runel\Polynomial\Polynomial;

/**
 * An arrangement of somebody's own, judged against the trinomial that is hunted: what it makes, what to change, and how
 * many are still to be looked at.
 */
final readonly class OwnArrangement
{
    private function __construct(public bool $fits, public Message $message) {}

    /** @param string $typed four whole numbers, or two factors as they are written */
    public static function of(ArrangementHuntFigure $hunt, string $typed): self
    {
        $numbers = self::numbers($hunt, $typed);
        if ($numbers === null) {
            return new self(false, Message::of(
                $hunt->kind === 'cross' ? 'hunt.own.unreadable-columns' : 'hunt.own.unreadable-factors',
            ));
        }
        [$m, $n, $r, $s] = $numbers;
        [$outer, $inner] = [$m * $s, $n * $r];
        $made = static fn(int $outer, int $inner): array => match ($hunt->mode) {
            'difference' => [abs($outer - $inner)],
            'either' => [$hunt->adds ? $outer + $inner : abs($outer - $inner)],
            default => [$outer + $inner],
        };
        $total = $made($outer, $inner);
        $key = match (true) {
            $m * $n !== $hunt->first => 'first',
            $r * $s !== $hunt->last => 'last',
            \in_array($hunt->target, $total, true) => 'found',
            \in_array($hunt->target, $made($m * $r, $n * $s), true) => 'turn',
            !$hunt->isPlain() && $total[0] === -$hunt->target => 'swap',
            $hunt->mode === 'either'
                && \in_array($hunt->target, [$outer + $inner, abs($outer - $inner)], true) => 'signs',
            default => 'next',
        };
        $open = self::all($hunt) - \count($hunt->rows) - $hunt->passed;

        return new self($key === 'found', Message::of("hunt.own.$key", [
            'm' => $m, 'n' => $n, 'r' => $r, 's' => $s,
            'first' => $hunt->first, 'last' => $hunt->last,
            'product' => $key === 'first' ? $m * $n : $r * $s,
            'total' => $total[0], 'target' => $hunt->target,
            'count' => max(0, $open),
        ]));
    }

    /** How many arrangements there are at all. */
    private static function all(ArrangementHuntFigure $hunt): int
    {
        $count = 0;
        foreach (Integers::factorPairs(abs($hunt->first)) as [$m, $n]) {
            foreach (Integers::factorPairs(abs($hunt->last)) as [$small, $large]) {
                $count += $m === $n || $small === $large ? 1 : 2;
            }
        }

        return $count;
    }

    /** @return array{int, int, int, int}|null m, n, r and s */
    private static function numbers(ArrangementHuntFigure $hunt, string $typed): ?array
    {
        $number = '([-−+]?\d{1,7})';
        $between = '\s*[,;·*\s]\s*';
        $columns = "/^\s*$number$between$number\s*(?:\||[,;\s])\s*$number$between$number\s*$/u";
        if (preg_match($columns, $typed, $match) === 1) {
            [$m, $n, $r, $s] = array_map(
                static fn(string $one): int => (int) str_replace('−', '-', $one),
                [$match[1], $match[2], $match[3], $match[4]],
            );

            return $hunt->isPlain() ? [$m, $n, abs($r), abs($s)] : [$m, $n, $r, $s];
        }
        try {
            $node = Parser::parse($typed)->node;
        } catch (Refusal) {
            return null;
        }
        $factors = $node instanceof Product ? $node->factors : [];
        $found = [];
        foreach (\count($factors) === 2 ? $factors : [] as $factor) {
            $polynomial = Polynomial::tryFrom($factor);
            $found[] = [
                $polynomial?->coefficient($hunt->letter, 1)->toInt(),
                ($hunt->second === null
                    ? $polynomial?->coefficient($hunt->letter, 0)
                    : $polynomial?->coefficient($hunt->second, 1))?->toInt(),
            ];
        }
        [[$m, $r], [$n, $s]] = $found + [[null, null], [null, null]];

        return $m === null || $n === null || $r === null || $s === null || $m === 0 || $n === 0
            ? null
            : ($hunt->isPlain() ? [$m, $n, abs($r), abs($s)] : [$m, $n, $r, $s]);
    }
}
