<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** A root is taken of each term of a sum by itself, or only of what stands above a fraction line. */
final readonly class RootRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        yield from $parts->atEachPlace(fn(Node $node): iterable => $node instanceof Root && $node->index === 2
            ? $this->roots($node->radicand)
            : [], Root::class);
        if ($line instanceof Equation) {
            yield from $this->rooted($line);
        }
    }

    /** @return iterable<Expression> */
    private function roots(Expression $radicand): iterable
    {
        if ($this->slip === Slip::RootOfSumSplit && $radicand instanceof Sum) {
            yield Sum::of(array_map(self::root(...), $radicand->terms));
        }
        if ($this->slip === Slip::DenominatorNotRooted && $radicand instanceof Quotient) {
            yield new Quotient(self::root($radicand->numerator), $radicand->denominator);
        }
    }

    /** @return iterable<Node> both sides of an equation rooted, one of them wrongly */
    private function rooted(Equation $line): iterable
    {
        $left = $line->left instanceof Power && $line->left->exponent instanceof Numeral
            && $line->left->exponent->value->toInt() === 2 ? $line->left->base : null;
        if ($left !== null) {
            foreach ($this->roots($line->right) as $right) {
                yield self::both($left, $right);
                yield new Equation($left, $right);
            }
        } elseif ($this->slip === Slip::RootOfSumSplit && $line->left instanceof Sum) {
            $terms = array_map(self::root(...), $line->left->terms);
            $right = Polynomial::tryFrom($line->right);
            $isNumber = $right?->isConstant() === true && !$right->isZero();
            if ($isNumber && !$right->terms[0]->coefficient->isNegative()) {
                yield new Equation(Sum::of($terms), self::root($line->right));
                yield self::both(Sum::of($terms), self::root($line->right));
            }
        }
    }

    private static function both(Expression $left, Expression $right): Alternatives
    {
        return new Alternatives([new Equation($left, $right), new Equation($left, new Negative($right))]);
    }

    /** The root of a single term as people take it: of 9 it is 3, of x² it is x, a minus stays in front. */
    private static function root(Expression $term): Expression
    {
        if ($term instanceof Negative) {
            return new Negative(self::root($term->operand));
        }
        if ($term instanceof Product) {
            return Product::of(array_map(self::root(...), $term->factors));
        }
        if ($term instanceof Power && $term->exponent instanceof Numeral && $term->exponent->value->toInt() === 2) {
            return $term->base;
        }
        $root = $term instanceof Numeral ? $term->value->squareRoot() : null;

        return $root instanceof Rational ? Numeral::of($root) : new Root($term);
    }
}
