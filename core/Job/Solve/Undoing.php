<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Figure\MachineFigure;
use Runel\Expression\Numeral;
use Runel\Expression\Sum;
use Runel\Law\Move\Operation;
use Runel\Working\LinearSteps;

/** What was done to the unknown in mx + r, as a machine that runs back from the number on the right. */
final class Undoing
{
    /** Null where nothing was done to it. */
    public static function of(string $letter, LinearSteps $linear): ?MachineFigure
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
            $forward[] = Sum::of([$term, $size->signed($linear->r->isNegative())]);
            $back[] = Numeral::of($linear->left());
        }
        if (!$linear->m->isOne()) {
            $back[] = Numeral::of($linear->root());
        }

        return $doing === [] || $forward === [] ? null : new MachineFigure($letter, $doing, $forward, $back);
    }
}
