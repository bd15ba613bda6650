<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Judging\Form;
use Runel\Notation\Ascii;
use Runel\Polynomial\Polynomial;

/** Whether two lines say the same in the same form, order aside: to be paired, or to be found again. */
final readonly class Alike
{
    public function lines(Node $one, Node $other): bool
    {
        return self::form($one) === self::form($other);
    }

    /** A word that is the same for lines that differ only in the order of terms, factors, sides or alternatives. */
    private static function form(Node $node): string
    {
        if ($node instanceof Expression) {
            $polynomial = Polynomial::tryFrom($node);
            if ($polynomial !== null && Form::isCollected($node)) {
                return Ascii::write($polynomial->toExpression());
            }
        }
        $parts = array_map(self::form(...), $node->children());
        if ($parts === []) {
            return Ascii::write($node);
        }
        $isFree = $node instanceof Sum || $node instanceof Product;
        if ($isFree || $node instanceof Equation || $node instanceof Alternatives) {
            sort($parts);
        }

        return $node::class . '(' . implode('; ', $parts) . ')';
    }
}
