<?php

declare(strict_types=1);

namespace Runel\Job\Solve\Ladder;

use Runel\Demonstration\Answer\AnswerType;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Root;
use Runel\Job\Solve\SolveFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;
use Runel\Number\Integers;
use Runel\Number\Rational;

/** Quadratic equations solved by completing the square. */
final class SquareSolveLadder extends Ladder
{
    public function skill(): string
    {
        return 'square-solve';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function method(): string
    {
        return 'completing-square';
    }

    protected function adding(): array
    {
        return [
            Difficulty::Minus,
            Difficulty::OddMiddle,
            Difficulty::LeadingNumber,
            Difficulty::Surd,
            Difficulty::NoSolution,
        ];
    }

    protected function dropping(Difficulty $added): array
    {
        return $added === Difficulty::NoSolution ? [Difficulty::Surd] : [];
    }

    public function candidate(Rung $rung, Throws $throws): ?string
    {
        $letter = $throws->letter();
        $a = $rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 5) : 1;
        if ($rung->has(Difficulty::Surd) || $rung->has(Difficulty::NoSolution)) {
            $middle = -$throws->size(1, 9);
            $coefficients = [$a, $middle, $rung->has(Difficulty::NoSolution)
                ? $throws->between(1, 9) + intdiv($middle * $middle, 4 * $a)
                : $throws->signed(1, 9)];
            $discriminant = $middle * $middle - 4 * $a * $coefficients[2];
            if (!$rung->has(Difficulty::NoSolution)
                && ($discriminant <= 0 || Integers::squareRoot($discriminant) !== null)) {
                return null;
            }
        } else {
            $coefficients = Written::product(
                [$a, $throws->signed(1, $a > 1 ? 5 : 9)],
                [1, $throws->signed(1, $a > 1 ? 5 : 9)],
            );
            [$a, $middle, $last] = [...$coefficients, 0, 0];
            $coefficients = [$a, abs($middle) * ($rung->has(Difficulty::Minus) ? -1 : 1), $last];
        }

        return Written::polynomial($letter, $coefficients) . ' = 0';
    }

    public function traits(Seen $seen): array
    {
        $whole = $seen->whole();
        $letter = $whole->letters()[0] ?? '';
        [$a, $b, $c] = array_map(
            static fn(int $power): Rational => $whole->coefficient($letter, $power),
            [2, 1, 0],
        );
        if ($a->isZero() || $whole->degree() !== 2) {
            return [Difficulty::Longer];
        }
        $solutions = $seen->solutions();

        return self::found([
            Difficulty::Minus->value => $b->isNegative(),
            Difficulty::OddMiddle->value => !$b->dividedBy($a->times(Rational::of(2)))->isInteger(),
            Difficulty::LeadingNumber->value => !$a->isOne(),
            Difficulty::Surd->value => array_filter(
                $solutions,
                static fn(Expression $solution): bool => Inside::holds($solution, Root::class),
            ) !== [],
            Difficulty::NoSolution->value => $seen->demonstration->answer->type() === AnswerType::None,
            Difficulty::ZeroMiddle->value => $b->isZero(),
            Difficulty::ZeroEnd->value => $c->isZero(),
            Difficulty::CommonFactor->value => !$whole->content()->isOne(),
            Difficulty::Repeated->value => \count($solutions) === 1,
        ]);
    }
}
