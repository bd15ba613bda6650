<?php

declare(strict_types=1);

namespace Runel\Job\Simplify\Ladder;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Job\Simplify\SimplifyFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;

/** Like terms to be collected. */
final class SimplifyCollectLadder extends Ladder
{
    public function skill(): string
    {
        return 'simplify-collect';
    }

    public function job(): string
    {
        return SimplifyFamily::JOB;
    }

    public function method(): string
    {
        return 'collect';
    }

    protected function adding(): array
    {
        return [Difficulty::Minus, Difficulty::TwoLetters, Difficulty::HigherPower, Difficulty::Longer];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        [$letter, $second] = $rung->has(Difficulty::TwoLetters) ? $throws->twoLetters() : [$throws->letter(), ''];
        $kinds = [$rung->has(Difficulty::HigherPower) ? "$letter^2" : $letter, $second];
        $size = static fn(): int => $rung->has(Difficulty::Minus) ? $throws->signed(2, 9) : $throws->size(2, 9);
        $text = '';
        foreach ($rung->has(Difficulty::Longer) ? [0, 1, 0, 1, 0, 1] : [0, 1, 0, 1] as $kind) {
            $number = $size();
            $text .= ($text !== '' && $number > 0 ? '+' : '') . $number . $kinds[$kind];
        }

        return $text;
    }

    public function traits(Seen $seen): array
    {
        $terms = $seen->node instanceof Expression ? $seen->node->terms() : [];
        $whole = $seen->whole();

        return self::found([
            Difficulty::Minus->value => array_filter(
                $terms,
                static fn(Expression $term): bool => $term instanceof Negative,
            ) !== [],
            Difficulty::TwoLetters->value => \count($whole->letters()) > 1,
            Difficulty::HigherPower->value => $whole->degree() > 1,
            Difficulty::Longer->value => \count($terms) > 4,
            Difficulty::ZeroEnd->value => \count($whole->terms) < 2,
        ]);
    }
}
