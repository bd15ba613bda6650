<?php

declare(strict_types=1);

namespace Runel\Job\Solve\Ladder;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Job\Solve\SolveFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;
use Runel\Polynomial\Polynomial;

/** Linear equations, made backwards from a whole solution. */
final class LinearLadder extends Ladder
{
    private const LARGEST = 99;

    public function skill(): string
    {
        return 'linear';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function method(): string
    {
        return 'balance';
    }

    protected function adding(): array
    {
        return [
            Difficulty::Minus,
            Difficulty::BothSides,
            Difficulty::Brackets,
            Difficulty::MinusBracket,
            Difficulty::Fraction,
        ];
    }

    public function candidate(Rung $rung, Throws $throws): ?string
    {
        $letter = $throws->letter();
        $over = $throws->size(2, 5);
        $solution = $throws->size(1, 9) * ($rung->has(Difficulty::Fraction) ? $over : 1);
        $solution *= $rung->has(Difficulty::Minus) ? $throws->sign() : 1;
        $end = fn(): int => $rung->has(Difficulty::Minus) ? $throws->signed(1, 9) : $throws->size(1, 9);
        [$left, $worth] = $this->leftSide($rung, $throws, $letter, $solution, $end);
        if (!$rung->has(Difficulty::BothSides)) {
            return abs($worth) > self::LARGEST ? null : "$left = $worth";
        }
        $front = $throws->size(1, 6);
        [$right, $own] = $rung->has(Difficulty::Fraction)
            ? ["$letter/$over", intdiv($solution, $over)]
            : [Written::front($front) . $letter, $front * $solution];
        $rest = $worth - $own;

        return $rest === 0 || abs($rest) > self::LARGEST ? null : "$left = $right" . Written::more($rest);
    }

    /**
     * @param callable(): int $end
     *
     * @return array{string, int} what stands there and what it is worth at the solution
     */
    private function leftSide(Rung $rung, Throws $throws, string $letter, int $solution, callable $end): array
    {
        $front = $throws->size(2, 9);
        $inside = $end();
        if (!$rung->has(Difficulty::Brackets)) {
            return [Written::polynomial($letter, [$front, $inside]), $front * $solution + $inside];
        }
        $left = Written::front($front) . '(' . Written::polynomial($letter, [1, $inside]) . ')';
        $worth = $front * ($solution + $inside);
        if (!$rung->has(Difficulty::MinusBracket)) {
            return [$left, $worth];
        }
        $second = $throws->size(2, 6);
        $other = $end();

        return [
            "$left - $second(" . Written::polynomial($letter, [1, $other]) . ')',
            $worth - $second * ($solution + $other),
        ];
    }

    public function traits(Seen $seen): array
    {
        $node = $seen->node;
        if (!$node instanceof Equation || $seen->whole()->degree() !== 1) {
            return [Difficulty::Longer];
        }
        $solution = Polynomial::tryFrom($seen->solutions()[0] ?? $node->left);

        return self::found([
            Difficulty::Minus->value => Inside::holds($node, Negative::class)
                || ($solution !== null && Seen::hasMinus($solution)),
            Difficulty::BothSides->value => Indeterminates::of($node->left) !== []
                && Indeterminates::of($node->right) !== [],
            Difficulty::Brackets->value => Inside::some($node, Seen::isBracket(...)),
            Difficulty::MinusBracket->value => Inside::some(
                $node,
                static fn(Node $part): bool => $part instanceof Negative && Inside::some(
                    $part->operand,
                    Seen::isBracket(...),
                ),
            ),
            Difficulty::Fraction->value => Inside::holds($node, Quotient::class),
            Difficulty::FractionAnswer->value => array_filter(
                $seen->solutions(),
                static fn(Expression $one): bool => Inside::holds($one, Quotient::class),
            ) !== [],
            Difficulty::ZeroEnd->value => $solution?->isZero() === true,
            Difficulty::NoSolution->value => $seen->solutions() === [],
        ]);
    }
}
