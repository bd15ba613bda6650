<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;

/** A sum in which terms are fractions with fractions within: those are cleared first, each by itself. */
final readonly class InnerFractions
{
    /**
     * @param list<Step>       $steps    how
     * @param list<Expression> $divisors what may not be 0 within
     * @param FractionSum      $sum      what is added then
     */
    private function __construct(public array $steps, public array $divisors, public FractionSum $sum) {}

    /**
     * Null where there is none, and where something else is no fraction of polynomials either.
     *
     * @param (\Closure(Expression): Expression)|null $around the whole with the sum in its place; null where it is that
     * @param string                                  $id     of the first step
     */
    public static function of(Sum $whole, ?\Closure $around = null, string $id = 'clear-within'): ?self
    {
        $around ??= static fn(Expression $sum): Expression => $sum;
        $steps = [];
        $divisors = [];
        $terms = $whole->terms;
        foreach ($terms as $place => $term) {
            $fraction = $term->bare();
            $within = $fraction instanceof Quotient ? ClearedWithin::of($fraction) : null;
            if ($within === null || FractionSum::of($term) !== null) {
                continue;
            }
            $number = \count($steps) + 1;
            $in = static function (Expression $part) use (&$terms, $place, $term, $around): Line {
                $terms[$place] = $part->signedLike($term);

                return Line::equal($around(Sum::of(array_values($terms))));
            };
            $step = $within->step($id . ($number === 1 ? '' : "-$number"), $in);
            $reducing = $within->top->isZero() ? null : new Reducing(
                FactoredPolynomial::unknownFirst($within->top),
                FactoredPolynomial::unknownFirst($within->bottom),
            );
            if ($reducing !== null && !$reducing->isReduced()) {
                $step = $step->withLines([...$step->lines, $in($reducing->result())]);
            }
            $steps[] = $step;
            array_push($divisors, ...$within->divisors());
        }
        $sum = $steps === [] ? null : FractionSum::of(Sum::of(array_values($terms)));

        return $sum === null ? null : new self($steps, $divisors, $sum);
    }
}
