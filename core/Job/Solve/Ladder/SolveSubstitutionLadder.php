<?php

declare(strict_types=1);

namespace Runel\Job\Solve\Ladder;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Job\Solve\SolveFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;

/** Quadratics in something: in the square of the letter, in parentheses, in a root; made from whole solutions. */
final class SolveSubstitutionLadder extends Ladder
{
    public function skill(): string
    {
        return 'solve-substitution';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function method(): string
    {
        return 'substitution';
    }

    protected function adding(): array
    {
        return [Difficulty::DeadWay, Difficulty::Brackets, Difficulty::InRoot, Difficulty::FalseSolution];
    }

    protected function dropping(Difficulty $added): array
    {
        return match ($added) {
            Difficulty::Brackets => [Difficulty::DeadWay],
            Difficulty::InRoot => [Difficulty::Brackets],
            default => [],
        };
    }

    public function candidate(Rung $rung, Throws $throws): ?string
    {
        $letter = $throws->letter();
        [$p, $q] = [$throws->size(1, 6), $throws->size(1, 6)];
        if ($p === $q) {
            return null;
        }
        if ($rung->has(Difficulty::InRoot)) {
            $q = $rung->has(Difficulty::FalseSolution) ? -$q : $q;
            $middle = -$p - $q;

            return $middle === 0 ? null : $letter . ($middle < 0 ? ' - ' : ' + ') . Written::front(abs($middle))
                . "sqrt($letter)" . Written::more($p * $q) . ' = 0';
        }
        if ($rung->has(Difficulty::Brackets)) {
            $inside = "($letter" . Written::more($throws->signed(1, 7)) . ')';
            [$p, $q] = [$p * $throws->sign(), $q * $throws->sign()];
            $middle = -$p - $q;

            return $middle === 0 ? null : "$inside^2" . ($middle < 0 ? ' - ' : ' + ')
                . Written::front(abs($middle)) . $inside . Written::more($p * $q) . ' = 0';
        }
        $second = $rung->has(Difficulty::DeadWay) ? -$q : $q ** 2;
        $middle = -($p ** 2) - $second;

        return $middle === 0 ? null : Written::polynomial($letter, [1, 0, $middle, 0, $p ** 2 * $second]) . ' = 0';
    }

    public function traits(Seen $seen): array
    {
        $solutions = $seen->solutions();
        $isRoot = Inside::holds($seen->node, Root::class);
        $isBracket = Inside::some($seen->node, static fn(Node $part): bool
            => $part instanceof Power && $part->base instanceof Sum);

        return self::found([
            Difficulty::DeadWay->value => !$isRoot && !$isBracket && \count($solutions) < 4,
            Difficulty::Brackets->value => $isBracket,
            Difficulty::InRoot->value => $isRoot,
            Difficulty::FalseSolution->value => $isRoot && \count($solutions) < 2,
            Difficulty::FractionAnswer->value => array_filter(
                $solutions,
                static fn(Expression $one): bool => $one->number()?->isInteger() !== true,
            ) !== [],
        ]);
    }
}
