<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** Two terms of a sum are collected with the wrong sign, without looking at signs, or though they are not alike. */
final readonly class CollectRule implements WrongRule
{
    public function __construct(private Slip $slip) {}

    public function slip(): Slip
    {
        return $this->slip;
    }

    public function wrong(Node $line): iterable
    {
        return Rewriter::atEachPlace($line, fn(Node $node): iterable => $node instanceof Sum ? $this->at($node) : []);
    }

    /** @return iterable<Node> */
    private function at(Sum $sum): iterable
    {
        foreach ($sum->terms as $first => $left) {
            foreach (\array_slice($sum->terms, $first + 1, null, true) as $second => $right) {
                $wrong = $this->pair($left, $right);
                if ($wrong !== null) {
                    $terms = $sum->terms;
                    $terms[$first] = $wrong;
                    unset($terms[$second]);
                    yield Sum::of(array_values($terms));
                }
            }
        }
    }

    private function pair(Expression $left, Expression $right): ?Expression
    {
        [$one, $other] = [Polynomial::tryFrom($left), Polynomial::tryFrom($right)];
        if ($one === null || $other === null || \count($one->terms) !== 1 || \count($other->terms) !== 1) {
            return null;
        }
        [$a, $b] = [$one->terms[0], $other->terms[0]];
        $sum = $a->coefficient->plus($b->coefficient);
        $alike = $a->monomial->key === $b->monomial->key;

        return match (true) {
            $this->slip === Slip::UnlikeTermsCollected => $alike || $sum->isZero() ? null : (new Term(
                $sum,
                $a->monomial->degree >= $b->monomial->degree ? $a->monomial : $b->monomial,
            ))->toExpression(),
            !$alike || $a->coefficient->isNegative() === $b->coefficient->isNegative() => null,
            $this->slip === Slip::LargerSignLost => new Negative($one->plus($other)->toExpression()),
            default => (new Term(
                $a->coefficient->absolute()->plus($b->coefficient->absolute()),
                $a->monomial,
            ))->toExpression(),
        };
    }
}
