<?php

declare(strict_types=1);

namespace Runel\Job\Simplify\Ladder;

use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Job\Simplify\SimplifyFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;

/** Powers multiplied, then raised, then divided. */
final class SimplifyPowersLadder extends Ladder
{
    public function skill(): string
    {
        return 'simplify-powers';
    }

    public function job(): string
    {
        return SimplifyFamily::JOB;
    }

    public function method(): string
    {
        return 'powers';
    }

    protected function adding(): array
    {
        return [Difficulty::TwoLetters, Difficulty::Brackets, Difficulty::Fraction];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        [$letter, $second] = $rung->has(Difficulty::TwoLetters) ? $throws->twoLetters() : [$throws->letter(), ''];
        $power = static fn(string $base, int $exponent): string => match (true) {
            $base === '' => '',
            $exponent === 1 => $base,
            default => "$base^$exponent",
        };
        $term = static fn(int $most): string => $throws->size(2, $most)
            . $power($letter, $throws->size(2, 5)) . $power($second, $throws->size(2, 4));
        if (!$rung->has(Difficulty::Brackets)) {
            return "{$term(9)}*{$term(9)}";
        }
        $raised = "({$term(3)})^{$throws->size(2, 3)}";

        return $rung->has(Difficulty::Fraction) ? "$raised/({$term(4)})" : "$raised*{$term(5)}";
    }

    public function traits(Seen $seen): array
    {
        return self::found([
            Difficulty::TwoLetters->value => \count(Letters::of($seen->node)) > 1,
            Difficulty::Brackets->value => Inside::some($seen->node, static fn(Node $part): bool
                => $part instanceof Power && $part->base instanceof Product),
            Difficulty::Fraction->value => Inside::holds($seen->node, Quotient::class),
            Difficulty::Minus->value => Inside::holds($seen->node, Negative::class),
        ]);
    }
}
