<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\FactoringRule;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;

/** p³ ± q³ is factored with another middle: twice the product, its sign turned, or none; or as a cube. */
final readonly class CubesRule implements FactoringRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if ($line instanceof Sum && \count($line->terms) === 2) {
            yield from $this->ofBrackets(...array_map(self::base(...), $line->terms));
        }
        $whole = $line instanceof Expression ? $parts->polynomial($line) : null;
        if ($whole === null || \count($whole->terms) !== 2) {
            return;
        }
        $content = $whole->content();
        [$first, $second] = array_map(
            static fn(Term $term): Term => new Term($term->coefficient->dividedBy($content), $term->monomial),
            $whole->terms,
        );
        [$p, $q] = [self::root($first), self::root($second)];
        if ($p === null || $q === null) {
            return;
        }
        $linear = Polynomial::ofTerms([$p, $q], $whole->main);
        $mixed = $p->times($q);
        foreach ($this->case === 'back' ? [2] : [1, -2, 0] as $times) {
            $middle = new Term($mixed->coefficient->times(Rational::of($times)), $mixed->monomial);
            $other = Polynomial::ofTerms([$p->times($p), $middle, $q->times($q)], $whole->main);
            yield $linear->times($other)->scaledBy($content)->toExpression();
        }
    }

    /** @return iterable<Expression> (p + q)(p² + pq + q²) and its like, where one of the two is a sum */
    private function ofBrackets(?Polynomial $p, ?Polynomial $q): iterable
    {
        if ($p === null || $q === null || (\count($p->terms) === 1 && \count($q->terms) === 1)) {
            return;
        }
        foreach ($this->case === 'back' ? [2] : [1, -2, 0] as $times) {
            $other = $p->times($p)->plus($p->times($q)->scaledBy(Rational::of($times)))->plus($q->times($q));
            yield $p->plus($q)->times($other)->toExpression();
        }
    }

    /** What stands there as a third power, its sign with it: (x + 1)³, 8. */
    private static function base(Expression $term): ?Polynomial
    {
        $bare = $term->bare();
        $isCube = $bare->wholeExponent() === 3;
        $terms = $isCube ? [] : Polynomial::tryFrom($bare)->terms ?? [];
        $root = \count($terms) === 1 ? $terms[0]->root(3) : null;
        $own = $isCube ? Polynomial::tryFrom($bare->base()) : ($root === null ? null : Polynomial::ofTerms([$root]));

        return $term instanceof Negative ? $own?->negated() : $own;
    }

    /** What a term is the third power of, its sign with it. */
    private static function root(Term $term): ?Term
    {
        return $term->coefficient->isNegative() ? $term->negated()->root(3)?->negated() : $term->root(3);
    }
}
