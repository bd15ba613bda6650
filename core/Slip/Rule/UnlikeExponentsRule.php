<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** The exponents of different letters are added: every letter gets the sum of all of them, or one does. */
final readonly class UnlikeExponentsRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(
            static fn(Node $node): iterable => $node instanceof Product ? self::at($node) : [],
            Product::class,
        );
    }

    /** @return iterable<Node> */
    private static function at(Product $product): iterable
    {
        $whole = Polynomial::tryFrom($product);
        $term = $whole !== null && \count($whole->terms) === 1 ? $whole->terms[0] : null;
        $letters = array_map('strval', array_keys($term->monomial->exponents ?? []));
        if ($term === null || \count($letters) < 2) {
            return;
        }
        $sum = array_sum($term->monomial->exponents);
        yield (new Term($term->coefficient, Monomial::of(array_fill_keys($letters, $sum))))->toExpression();
        foreach ($letters as $letter) {
            $exponents = [$letter => $sum] + array_fill_keys($letters, 1);
            yield (new Term($term->coefficient, Monomial::of($exponents)))->toExpression();
            yield (new Term($term->coefficient, Monomial::power($letter, $sum)))->toExpression();
        }
    }
}
