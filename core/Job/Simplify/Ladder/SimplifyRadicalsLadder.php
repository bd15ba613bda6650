<?php

declare(strict_types=1);

namespace Runel\Job\Simplify\Ladder;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Job\Simplify\SimplifyFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;

/** A square out of a root, then roots that turn out alike, then a difference of roots below a line. */
final class SimplifyRadicalsLadder extends Ladder
{
    /** What stays under a root. */
    private const STAYS = [2, 3, 5, 6, 7];

    public function skill(): string
    {
        return 'simplify-radicals';
    }

    public function job(): string
    {
        return SimplifyFamily::JOB;
    }

    public function method(): string
    {
        return 'radicals';
    }

    protected function adding(): array
    {
        return [Difficulty::LeadingNumber, Difficulty::Longer, Difficulty::Minus, Difficulty::Fraction];
    }

    public function candidate(Rung $rung, Throws $throws): ?string
    {
        $stays = $throws->one(self::STAYS);
        if ($rung->has(Difficulty::Fraction)) {
            return self::fraction($throws, $stays);
        }
        $front = fn(): string => Written::front($rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 6) : 1);
        [$one, $other] = [$throws->size(2, 5), $throws->size(2, 5)];
        $first = $front() . 'sqrt(' . $one ** 2 * $stays . ')';
        if (!$rung->has(Difficulty::Longer)) {
            return $first;
        }

        $joint = $rung->has(Difficulty::Minus) ? ' - ' : ' + ';

        return $one === $other ? null : $first . $joint . $front() . 'sqrt(' . $other ** 2 * $stays . ')';
    }

    /** What comes out has whole numbers before its roots. */
    private static function fraction(Throws $throws, int $stays): ?string
    {
        $second = $throws->one(self::STAYS);
        [$one, $other] = [$throws->size(1, 4), $throws->size(1, 4)];
        $below = abs($one ** 2 * $stays - $other ** 2 * $second);
        $above = $below * $throws->size(1, 3);

        return $stays === $second || $above < 2 || $above > 30
            ? null
            : "$above/(" . Written::front($one) . "sqrt($stays) - " . Written::front($other) . "sqrt($second))";
    }

    public function traits(Seen $seen): array
    {
        return self::found([
            Difficulty::LeadingNumber->value => Inside::some($seen->node, static fn(Node $part): bool
                => $part instanceof Product && array_filter(
                    $part->factors,
                    static fn(Expression $factor): bool => $factor->number() !== null,
                ) !== []),
            Difficulty::Longer->value => Inside::holds($seen->node, Sum::class),
            Difficulty::Minus->value => Inside::holds($seen->node, Negative::class),
            Difficulty::Fraction->value => Inside::holds($seen->node, Quotient::class),
        ]);
    }
}
