<?php

declare(strict_types=1);

namespace Runel\Job\Solve\Ladder;

use Runel\Expression\Equation;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Job\Solve\SolveFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;
use Runel\Polynomial\Polynomial;

/** Equations with the letter under a root, made backwards from a whole solution. */
final class RootEquationsLadder extends Ladder
{
    public function skill(): string
    {
        return 'root-equations';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function method(): string
    {
        return 'isolate-roots';
    }

    protected function adding(): array
    {
        return [
            Difficulty::LeadingNumber,
            Difficulty::Beside,
            Difficulty::LetterOutside,
            Difficulty::FalseSolution,
            Difficulty::TwoRoots,
        ];
    }

    protected function dropping(Difficulty $added): array
    {
        return $added === Difficulty::TwoRoots ? [Difficulty::LetterOutside] : [];
    }

    public function candidate(Rung $rung, Throws $throws): ?string
    {
        $letter = $throws->letter();
        $solution = $throws->between(-3, 12);
        $front = $rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 7) : 1;
        $root = $throws->between(1, 9);
        $under = Written::polynomial($letter, [$front, $root * $root - $front * $solution]);
        if ($rung->has(Difficulty::TwoRoots)) {
            $other = $throws->between(1, 8);
            $second = Written::polynomial($letter, [1, $other * $other - $solution]);

            $isNone = $root === $other || $other * $other === $solution
                || ($rung->has(Difficulty::FalseSolution) && !self::hasFalse($front, $root - $other, $other));

            return $isNone ? null : "√($under) - √($second) = " . ($root - $other);
        }
        $beside = $rung->has(Difficulty::Beside) ? $throws->signed(1, 6) : 0;
        $left = "√($under)" . Written::more($beside);
        if ($root * $root === $front * $solution) {
            return null;
        }
        if (!$rung->has(Difficulty::LetterOutside)) {
            return $root + $beside === 0 ? null : "$left = " . ($root + $beside);
        }
        $rest = $root + $beside - $solution;

        return $rest === 0 || $rest === $beside ? null : "$left = " . Written::polynomial($letter, [1, $rest]);
    }

    /**
     * Whether a whole number beside the solution solves what √(ax + p) − √(x + q) = d comes to when it is squared, and
     * not the equation itself: with t for the second root, (a − 1)t² − 2dt + … = 0.
     *
     * @param int $front      a
     * @param int $difference d
     * @param int $root       what t is for the solution
     */
    private static function hasFalse(int $front, int $difference, int $root): bool
    {
        if ($front === 1 || 2 * $difference % ($front - 1) !== 0) {
            return false;
        }
        $other = intdiv(2 * $difference, $front - 1) - $root;

        return $other < 0 || $other + $difference < 0;
    }

    public function traits(Seen $seen): array
    {
        $node = $seen->node;
        if (!$node instanceof Equation) {
            return [Difficulty::Longer];
        }
        $roots = self::roots($node);
        $outside = Indeterminates::of($node) !== [] && Inside::count(
            $node,
            static fn(Node $part): bool => $part instanceof Letter,
        ) > array_sum(array_map(static fn(Root $root): int => Letters::count(
            $root->radicand,
            (string) array_key_first(Indeterminates::of($node)),
        ), $roots));
        $fronts = array_map(
            static fn(Root $root): ?Polynomial => Polynomial::tryFrom($root->radicand),
            $roots,
        );

        return self::found([
            Difficulty::LeadingNumber->value => array_filter(
                $fronts,
                static fn(?Polynomial $one): bool => $one !== null && !$one->terms[0]->coefficient->isOne(),
            ) !== [],
            Difficulty::Beside->value => !$node->left instanceof Root,
            Difficulty::LetterOutside->value => $outside,
            Difficulty::FalseSolution->value => $seen->rejected() !== [],
            Difficulty::TwoRoots->value => \count($roots) > 1,
            Difficulty::NoSolution->value => $seen->solutions() === [],
            Difficulty::FractionAnswer->value => array_filter(
                [...$seen->solutions(), ...$seen->rejected()],
                static fn(Node $one): bool => Inside::holds($one, Quotient::class)
                    || Inside::holds($one, Root::class),
            ) !== [],
        ]);
    }

    /** @return list<Root> */
    private static function roots(Node $node): array
    {
        return $node instanceof Root
            ? [$node]
            : array_merge([], ...array_map(self::roots(...), $node->children()));
    }
}
