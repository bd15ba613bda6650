<?php

declare(strict_types=1);

namespace Runel\Job\Solve\Ladder;

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
use Runel\Polynomial\Polynomial;

/** Cubic equations solved by their rational roots. */
final class RootsRationalLadder extends Ladder
{
    private const LARGEST = 120;

    public function skill(): string
    {
        return 'roots-rational';
    }

    public function job(): string
    {
        return SolveFamily::JOB;
    }

    public function method(): string
    {
        return 'rational-roots';
    }

    protected function adding(): array
    {
        return [Difficulty::FarRoot, Difficulty::LeadingNumber, Difficulty::Gap, Difficulty::Surd];
    }

    public function candidate(Rung $rung, Throws $throws): ?string
    {
        $letter = $throws->letter();
        $first = [$rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 3) : 1, match (true) {
            $rung->has(Difficulty::FarRoot) => $throws->signed(2, 6),
            default => $throws->sign(),
        }];
        if ($rung->has(Difficulty::Gap)) {
            // The square's coefficient vanishes: what the first factor brings, the second takes.
            [$m, $r] = $first;
            $t = $throws->signed(1, 7);
            $second = $rung->has(Difficulty::Surd)
                ? [$m, -$r, -$throws->size(1, 6)]
                : Written::product([$m, $t], [1, -intdiv($r + $t, $m)]);
        } elseif ($rung->has(Difficulty::Surd)) {
            $second = [1, $throws->signed(1, 6), $throws->signed(1, 6)];
        } else {
            $second = Written::product([1, $throws->signed(1, 6)], [1, $throws->signed(1, 6)]);
        }
        $cubic = Written::product($first, $second);
        $divisor = array_reduce($cubic, Integers::gcd(...), 0);
        $sign = $cubic[0] < 0 ? -1 : 1;
        $cubic = array_map(static fn(int $one): int => $sign * intdiv($one, max(1, $divisor)), $cubic);

        $cubic = array_values($cubic);

        return self::isOn($rung, $cubic) ? Written::polynomial($letter, $cubic) . ' = 0' : null;
    }

    /**
     * What the numbers tell before anything is demonstrated.
     *
     * @param list<int> $cubic its coefficients, highest power first
     */
    private static function isOn(Rung $rung, array $cubic): bool
    {
        [$a, $b, $c, $d] = $cubic;
        $hasNearRoot = $a + $b + $c + $d === 0 || $a - $b + $c - $d === 0;

        return max([0, ...array_map(abs(...), $cubic)]) <= self::LARGEST
            && $d !== 0
            && \in_array(0, $cubic, true) === $rung->has(Difficulty::Gap)
            && ($a !== 1) === $rung->has(Difficulty::LeadingNumber)
            && $hasNearRoot !== $rung->has(Difficulty::FarRoot);
    }

    public function traits(Seen $seen): array
    {
        $whole = $seen->whole();
        $letter = $whole->letters()[0] ?? '';
        if ($whole->degree() !== 3) {
            return [Difficulty::Longer];
        }
        $solutions = $seen->solutions();
        $isOne = static fn(Expression $solution): bool =>
            Polynomial::tryFrom($solution)?->equals(Polynomial::constant(1)) === true
            || Polynomial::tryFrom($solution)?->equals(Polynomial::constant(-1)) === true;

        return self::found([
            Difficulty::FarRoot->value => array_filter($solutions, $isOne) === [],
            Difficulty::LeadingNumber->value => !$whole->coefficient($letter, 3)->equals(Rational::one()),
            Difficulty::Gap->value => Seen::hasGap($whole),
            Difficulty::Surd->value => array_filter(
                $solutions,
                static fn(Expression $solution): bool => Inside::holds($solution, Root::class),
            ) !== [],
            Difficulty::ZeroEnd->value => $whole->coefficient($letter, 0)->isZero(),
            Difficulty::CommonFactor->value => !$whole->content()->isOne(),
            Difficulty::Repeated->value => \count($solutions) < 3,
        ]);
    }
}
