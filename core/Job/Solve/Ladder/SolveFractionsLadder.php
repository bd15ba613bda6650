<?php

declare(strict_types=1);

namespace Runel\Job\Solve\Ladder;

use Runel\Expression\Equation;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Job\Solve\SolveFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;
use Runel\Number\Rational;

/** Equations with the letter below a line, made backwards from a whole solution. */
final class SolveFractionsLadder extends Ladder
{
    public function skill(): string
    {
        return 'solve-fractions';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function method(): string
    {
        return 'clear-denominators';
    }

    protected function adding(): array
    {
        return [Difficulty::Longer, Difficulty::BothSides, Difficulty::FalseSolution];
    }

    public function candidate(Rung $rung, Throws $throws): ?string
    {
        $letter = $throws->letter();
        $solution = $throws->signed(1, 9);
        $below = $rung->has(Difficulty::Longer) ? $throws->signed(1, 9) : 0;
        $first = $below === 0 ? $letter : '(' . Written::polynomial($letter, [1, $below]) . ')';
        if ($rung->has(Difficulty::FalseSolution)) {
            // The only candidate makes both denominators 0.
            $added = $throws->signed(1, 9);
            $number = $added - $below;

            return $number === 0 ? null : "($letter" . sprintf('%+d', $added) . ")/$first=$number/$first";
        }
        $value = $throws->signed(2, 9);
        if ($solution + $below === 0) {
            return null;
        }
        if (!$rung->has(Difficulty::BothSides)) {
            return $value * ($solution + $below) . "/$first=$value";
        }
        $other = $throws->signed(1, 9);
        $second = Written::polynomial($letter, [1, $other]);

        return $other === $below || $solution + $other === 0
            ? null
            : $solution + $below . "/$first=" . ($solution + $other) . "/($second)";
    }

    public function traits(Seen $seen): array
    {
        $sides = $seen->node instanceof Equation ? [$seen->node->left, $seen->node->right] : [];
        $solution = $seen->solutions()[0] ?? null;

        return self::found([
            Difficulty::Longer->value => Inside::some($seen->node, static fn(Node $part): bool
                => $part instanceof Quotient && $part->denominator instanceof Sum),
            Difficulty::BothSides->value => \count(array_filter(
                $sides,
                static fn(Node $side): bool => Letters::of($side) !== [],
            )) > 1,
            Difficulty::FalseSolution->value => $seen->rejected() !== [],
            Difficulty::NoSolution->value => $seen->solutions() === [] && $seen->rejected() === [],
            Difficulty::FractionAnswer->value => $solution !== null && !self::isWhole($solution->number()),
        ]);
    }

    private static function isWhole(?Rational $number): bool
    {
        return $number?->isInteger() === true;
    }
}
