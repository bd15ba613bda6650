<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\FactoringRule;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;

/** A common factor is written in front, but one of the terms keeps it. */
final readonly class SomeTermsRule implements FactoringRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        $whole = $line instanceof Expression ? $parts->polynomial($line) : null;
        $content = $whole?->content();
        if ($whole === null || $content === null || $content->isOne() || \count($whole->terms) < 2) {
            return;
        }
        foreach (array_keys($whole->terms) as $kept) {
            yield Product::of([Numeral::of($content), Polynomial::ofTerms(array_map(
                static fn(Term $term, int $place): Term => $place === $kept
                    ? $term
                    : new Term($term->coefficient->dividedBy($content), $term->monomial),
                $whole->terms,
                array_keys($whole->terms),
            ))->toExpression()]);
        }
    }
}
