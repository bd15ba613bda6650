<?php

declare(strict_types=1);

namespace Runel\Method\Solve;

use Runel\Demonstration\Figure\Machine;
use Runel\Demonstration\Move\Operation;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Sum;

/** What was done to the unknown in mx + r, as a machine that runs back from the number on the right. */
final class Undoing
{
    /** Null where nothing was done to it. */
    public static function of(string $letter, Linear $linear): ?Machine
    {
        $doing = [];
        $forward = [];
        $back = [Numeral::of($linear->left()->plus($linear->r))];
        $term = $linear->term();
        if (!$linear->m->isOne()) {
            $doing[] = $linear->divides()
                ? [Operation::Divide, Numeral::of($linear->m->reciprocal())]
                : [Operation::Multiply, Numeral::of($linear->m)];
            $forward[] = $term;
        }
        if (!$linear->r->isZero()) {
            $size = Numeral::of($linear->r->absolute());
            $doing[] = [
                $linear->r->isNegative() ? Operation::Subtract : Operation::Add,
                $size,
            ];
            $forward[] = Sum::of([$term, $linear->r->isNegative() ? new Negative($size) : $size]);
            $back[] = Numeral::of($linear->left());
        }
        if (!$linear->m->isOne()) {
            $back[] = Numeral::of($linear->root());
        }

        return $doing === [] || $forward === [] ? null : new Machine($letter, $doing, $forward, $back);
    }
}
