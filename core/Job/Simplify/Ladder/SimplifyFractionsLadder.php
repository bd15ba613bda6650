<?php

declare(strict_types=1);

namespace Runel\Job\Simplify\Ladder;

use Runel\Expression\Inside;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Job\Simplify\SimplifyFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;
use Runel\Polynomial\Polynomial;

/** Algebraic fractions: factored above and below and cancelled, then their products and quotients. */
final class SimplifyFractionsLadder extends Ladder
{
    public function skill(): string
    {
        return 'simplify-fractions';
    }

    public function job(): string
    {
        return SimplifyFamily::JOB;
    }

    public function method(): string
    {
        return 'cancel';
    }

    protected function adding(): array
    {
        return [Difficulty::Trinomial, Difficulty::Longer, Difficulty::Multiplied, Difficulty::TurnedOver];
    }

    protected function dropping(Difficulty $added): array
    {
        return $added === Difficulty::TurnedOver ? [Difficulty::Multiplied] : [];
    }

    public function candidate(Rung $rung, Throws $throws): ?string
    {
        $letter = $throws->letter();
        [$p, $q, $r, $s] = array_map(static fn(): int => $throws->signed(1, 7), range(1, 4));
        if (\count(array_unique([$p, $q, $r, $s])) < 4) {
            return null;
        }
        $written = static fn(int ...$coefficients): string => '('
            . Written::polynomial($letter, array_values($coefficients)) . ')';
        $binomials = static fn(int $one, int $other): string => $written(1, $one + $other, $one * $other);
        $common = $throws->size(2, 5);
        if (!$rung->has(Difficulty::Trinomial)) {
            $below = $throws->size(2, 6);

            return $written($common, $common * $p) . '/' . $written($below, $below * $p, 0);
        }
        if (!$rung->has(Difficulty::Longer)) {
            return $binomials($p, $q) . '/' . $written($common, $common * $p);
        }
        $first = $binomials($p, $q) . '/' . $binomials($p, $r);

        $second = $written($common, $common * $q);

        return match (true) {
            $rung->has(Difficulty::TurnedOver) => "($first)/($second/{$written(1, $s)})",
            $rung->has(Difficulty::Multiplied) => "$first*" . $written($common, $common * $r) . '/' . $written(1, $s),
            default => $first,
        };
    }

    public function traits(Seen $seen): array
    {
        $trinomials = static fn(bool $below): bool => Inside::some(
            $seen->node,
            static function (Node $part) use ($below): bool {
                $side = !$part instanceof Quotient ? null : ($below ? $part->denominator : $part->numerator);
                $polynomial = $side === null ? null : Polynomial::tryFrom($side);

                return $polynomial !== null && !$polynomial->isZero() && $polynomial->degree() === 2
                    && \count($polynomial->terms) === 3;
            },
        );

        return self::found([
            Difficulty::Trinomial->value => $trinomials(false),
            Difficulty::Longer->value => $trinomials(true),
            Difficulty::Multiplied->value => $seen->node instanceof Product,
            Difficulty::TurnedOver->value => $seen->node instanceof Quotient
                && $seen->node->numerator instanceof Quotient,
        ]);
    }
}
