<?php

declare(strict_types=1);

namespace Tests\Core\TinyJob;

use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;

/** Brackets behind a minus, first with two terms and a plus between them. */
final class OpenMinusLadder extends Ladder
{
    public function skill(): string
    {
        return 'open-minus';
    }

    public function job(): string
    {
        return OpenMinusFamily::JOB;
    }

    public function method(): string
    {
        return 'turned-signs';
    }

    protected function adding(): array
    {
        return [Difficulty::Minus];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        $last = $throws->size(1, 9);

        return '-(' . Written::polynomial($throws->letter(), [
            $throws->size(2, 9),
            $rung->has(Difficulty::Minus) ? -$last : $last,
        ]) . ')';
    }

    public function traits(Seen $seen): array
    {
        $terms = $seen->whole()->terms;

        return self::found([
            Difficulty::Minus->value => !$terms[\count($terms) - 1]->coefficient->isNegative(),
        ]);
    }
}
