<?php

declare(strict_types=1);

namespace Runel\Method\Solve;

use Runel\Demonstration\Figure\Machine;
use Runel\Demonstration\Move\Operation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Term;

/** What was done to the unknown in mx + r, as a machine that runs back from the number on the right. */
final class Undoing
{
    /** Null where nothing was done to it. */
    public static function of(string $letter, Linear $linear): ?Machine
    {
        $doing = [];
        $forward = [];
        $back = [Numeral::of($linear->left()->plus($linear->r))];
        $term = (new Term($linear->m, Monomial::power($letter, 1)))->toExpression();
        if (!$linear->m->isOne()) {
            $divides = $linear->m->numerator()->isOne() && !$linear->m->isDecimal();
            $doing[] = $divides
                ? [Operation::Divide, Numeral::of($linear->m->reciprocal())]
                : [Operation::Multiply, Numeral::of($linear->m)];
            $forward[] = $term;
        }
        if (!$linear->r->isZero()) {
            $doing[] = [
                $linear->r->isNegative() ? Operation::Subtract : Operation::Add,
                Numeral::of($linear->r->absolute()),
            ];
            $forward[] = self::written($linear, $letter);
            $back[] = Numeral::of($linear->left());
        }
        if (!$linear->m->isOne()) {
            $back[] = Numeral::of($linear->root());
        }

        return $doing === [] || $forward === [] ? null : new Machine($letter, $doing, $forward, $back);
    }

    private static function written(Linear $linear, string $letter): Expression
    {
        return Term::sum([
            new Term($linear->m, Monomial::power($letter, 1)),
            Term::constant($linear->r->isZero() ? Rational::zero() : $linear->r),
        ]);
    }
}
