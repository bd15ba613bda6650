<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Root;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** A number times a root is squared: the root goes, the number stays as it is. */
final readonly class RootSquaredRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        $two = Numeral::of(2);
        yield from $parts->atEachPlace(static fn(Node $node): iterable => $node instanceof Power
            && $node->exponent->equals($two)
                ? self::squared($node->base)
                : [], Power::class);
        if ($line instanceof Equation) {
            foreach (self::squared($line->left) as $left) {
                yield new Equation($left, new Power($line->right, $two));
            }
            foreach (self::squared($line->right) as $right) {
                yield new Equation(new Power($line->left, $two), $right);
            }
        }
    }

    /** @return list<Expression> */
    private static function squared(Expression $base): array
    {
        $factors = $base->bare()->factors();
        if (\count($factors) !== 2) {
            return [];
        }
        [$number, $root] = $factors[0] instanceof Root ? [$factors[1], $factors[0]] : $factors;

        return $root instanceof Root && $root->index === 2 && !$number instanceof Root
            ? [Product::of([$number, $root->radicand])]
            : [];
    }
}
