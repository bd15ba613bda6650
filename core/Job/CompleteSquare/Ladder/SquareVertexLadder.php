<?php

declare(strict_types=1);

namespace Runel\Job\CompleteSquare\Ladder;

use Runel\Expression\Equation;
use Runel\Job\CompleteSquare\CompleteSquareFamily;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Ladder\Throws;
use Runel\Ladder\Written;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** Quadratic functions brought to the form that shows their vertex. */
final class SquareVertexLadder extends Ladder
{
    public function skill(): string
    {
        return 'square-vertex';
    }

    public function job(): string
    {
        return CompleteSquareFamily::JOB;
    }

    public function method(): string
    {
        return 'vertex';
    }

    protected function adding(): array
    {
        return [Difficulty::Minus, Difficulty::OddMiddle, Difficulty::LeadingNumber, Difficulty::LeadingMinus];
    }

    public function candidate(Rung $rung, Throws $throws): string
    {
        $a = $rung->has(Difficulty::LeadingNumber) ? $throws->size(2, 5) : 1;
        $sign = $rung->has(Difficulty::LeadingMinus) ? -1 : 1;
        $half = $throws->size(1, 9);
        $middle = $rung->has(Difficulty::OddMiddle) ? $half * $a : 2 * $half * $a;
        $middle *= $rung->has(Difficulty::Minus) ? -1 : 1;

        return 'y = ' . Written::polynomial('x', [$sign * $a, $sign * $middle, $throws->signed(1, 12)]);
    }

    public function traits(Seen $seen): array
    {
        $right = $seen->node instanceof Equation ? Polynomial::tryFrom($seen->node->right) : null;
        $letter = $right?->letters()[0] ?? '';
        if ($right === null || $right->degree() !== 2) {
            return [Difficulty::Longer];
        }
        [$a, $b, $c] = array_map(
            static fn(int $power): Rational => $right->coefficient($letter, $power),
            [2, 1, 0],
        );
        $half = $b->dividedBy($a->times(Rational::of(2)));

        return self::found([
            // The sign the bracket gets: −1 taken out first.
            Difficulty::Minus->value => $half->isNegative(),
            Difficulty::OddMiddle->value => !$half->isInteger(),
            Difficulty::LeadingNumber->value => !$a->absolute()->isOne(),
            Difficulty::LeadingMinus->value => $a->isNegative(),
            Difficulty::ZeroMiddle->value => $b->isZero(),
            Difficulty::ZeroEnd->value => $c->isZero(),
            Difficulty::Repeated->value => $half->power(2)->times($a)->equals($c),
        ]);
    }
}
