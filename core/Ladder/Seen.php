<?php

declare(strict_types=1);

namespace Runel\Ladder;

use Runel\Demonstration\Demonstration;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Judging\FactorsOf;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** What can be seen of a demonstration: in its problem as it is read, and in what it arrives at. */
final readonly class Seen
{
    public Node $node;

    public function __construct(public Demonstration $demonstration)
    {
        $this->node = $demonstration->task->problem->node;
    }

    /** @return list<Polynomial> the factors of the problem, powers written out */
    public function factors(): array
    {
        $factors = $this->node instanceof Expression ? FactorsOf::expression($this->node) : [];

        return array_values(array_filter(array_map(Polynomial::tryFrom(...), $factors)));
    }

    /** The whole problem, multiplied out; of an equation, left side minus right side. */
    public function whole(): Polynomial
    {
        return $this->demonstration->task->problem->polynomial ?? Polynomial::constant(0);
    }

    /** @return list<Expression> */
    public function solutions(): array
    {
        return $this->demonstration->answer->solutions() ?? [];
    }

    /** @return list<Expression> */
    public function rejected(): array
    {
        return $this->demonstration->answer->rejected();
    }

    /** @return list<Polynomial> the sides of an equation, or the parts of a quotient, that are polynomials */
    public function sides(): array
    {
        $parts = match (true) {
            $this->node instanceof Equation => [$this->node->left, $this->node->right],
            $this->node instanceof Quotient => [$this->node->numerator, $this->node->denominator],
            default => [],
        };

        return array_values(array_filter(array_map(Polynomial::tryFrom(...), $parts)));
    }

    public static function hasMinus(Polynomial $polynomial): bool
    {
        return array_filter(
            $polynomial->terms,
            static fn(Term $term): bool => $term->coefficient->isNegative(),
        ) !== [];
    }

    /** Whether a power between the highest and the number is missing; the number counts, too. */
    public static function hasGap(Polynomial $polynomial): bool
    {
        return \count($polynomial->letters()) === 1 && \count($polynomial->terms) <= $polynomial->degree();
    }

    /** Whether a sum stands with something before or behind it. */
    public static function isBracket(Node $node): bool
    {
        return $node instanceof Product
            && array_filter($node->factors, static fn(Expression $factor): bool => $factor instanceof Sum) !== [];
    }
}
