<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Rewriter;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Slip\WholeSlips;
use Runel\Slip\WrongRule;

/** Two factors multiplied in one go, with one of the slips people make there. */
final readonly class ProductRule implements WrongRule
{
    public function __construct(private Slip $slip) {}

    public function slip(): Slip
    {
        return $this->slip;
    }

    public function wrong(Node $line): iterable
    {
        return Rewriter::atEachPlace($line, fn(Node $node): iterable => $this->at($node));
    }

    /** @return iterable<Node> */
    private function at(Node $node): iterable
    {
        if (!$node instanceof Product || \count($node->factors) < 2) {
            return;
        }
        try {
            [$left, $right] = array_map(Polynomial::fromExpression(...), \array_slice($node->factors, 0, 2));
        } catch (NotPolynomial | DivisionByZero) {
            return;
        }
        $rest = \array_slice($node->factors, 2);
        foreach ($this->products($left, $right) as $wrong) {
            yield Product::of([$wrong, ...$rest]);
        }
    }

    /** @return iterable<Expression> */
    private function products(Polynomial $left, Polynomial $right): iterable
    {
        foreach (WholeSlips::of($left, $right) as $likely) {
            if ($likely->slip === $this->slip && $likely->answer instanceof Expression) {
                yield $likely->answer;
            }
        }
        if ($this->slip === Slip::SignOfProduct) {
            $terms = [];
            foreach ($left->terms as $first) {
                foreach ($right->terms as $second) {
                    $terms[] = $first->times($second);
                }
            }
            foreach ($terms as $place => $term) {
                $turned = $terms;
                $turned[$place] = $term->negated();
                yield Term::sum(array_values($turned));
            }
        }
    }
}
