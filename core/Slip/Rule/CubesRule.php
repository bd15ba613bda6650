<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\FactoringRule;
use Runel\Slip\OfSlip;

/** p³ ± q³ is factored with another middle: twice the product, its sign turned, or none; or as a cube. */
final readonly class CubesRule implements FactoringRule
{
    use OfSlip;

    public function wrong(Node $line): iterable
    {
        $whole = $line instanceof Expression ? Polynomial::tryFrom($line) : null;
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

    /** What a term is the third power of, its sign with it. */
    private static function root(Term $term): ?Term
    {
        return $term->coefficient->isNegative() ? $term->negated()->root(3)?->negated() : $term->root(3);
    }
}
