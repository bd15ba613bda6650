<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** Of −(x + 2)(x − 5), multiplied out, the minus reaches the first term only. */
final readonly class MinusBeforeProductRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(self::at(...), Negative::class);
    }

    /** @return iterable<Node> */
    private static function at(Node $node): iterable
    {
        $operand = $node instanceof Negative ? $node->operand : null;
        $isProduct = $operand instanceof Product || $operand instanceof Power;
        $terms = $isProduct && array_filter($operand->factors(), self::isBracket(...)) !== []
            ? Polynomial::tryFrom($operand)->terms ?? []
            : [];
        if (\count($terms) > 1) {
            yield Sum::of([
                $terms[0]->negated()->toExpression(),
                ...array_map(static fn(Term $term): Expression => $term->toExpression(), \array_slice($terms, 1)),
            ]);
        }
    }

    private static function isBracket(Expression $factor): bool
    {
        return $factor instanceof Sum || ($factor instanceof Power && $factor->base instanceof Sum);
    }
}
