<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Line;
use Runel\Expression\Expression;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Refusal;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor;
use Runel\Problem\ProductForm;

/** The products inside an expression multiplied out as side work, every single product shown before like terms meet. */
final class Expansion
{
    /** @return list<Line> none where nothing is multiplied out */
    public static function lines(Expression $expression): array
    {
        if ($expression instanceof Sum) {
            return array_merge(...array_map(self::lines(...), $expression->terms));
        }
        $bare = $expression->bare();
        if (!$bare instanceof Product && !$bare instanceof Power && !$bare instanceof Quotient) {
            return [];
        }
        try {
            $product = ProductForm::of($bare);
        } catch (Refusal) {
            return [];
        }

        return $product === null ? [] : self::multiplied(
            $bare,
            array_map(static fn(Factor $factor): Polynomial => $factor->polynomial, $product->factors),
        );
    }

    /**
     * @param list<Polynomial> $factors
     *
     * @return list<Line>
     */
    private static function multiplied(Expression $written, array $factors): array
    {
        $lines = [];
        $single = array_filter($factors, static fn(Polynomial $factor): bool => \count($factor->terms) === 1);
        $sums = array_values(array_filter($factors, static fn(Polynomial $factor): bool => \count($factor->terms) > 1));
        // Brackets are multiplied with one another first; what has one term comes last.
        $ordered = [...$sums, ...array_values($single)];
        $reached = $ordered[0];
        foreach (\array_slice($ordered, 1) as $place => $factor) {
            $rest = array_map(
                static fn(Polynomial $waiting): Expression => $waiting->toExpression(),
                \array_slice($ordered, $place + 2),
            );
            $products = [];
            foreach ($reached->terms as $left) {
                foreach ($factor->terms as $right) {
                    $products[] = $left->times($right)->toExpression();
                }
            }
            $reached = $reached->times($factor);
            foreach ([Sum::of($products), $reached->toExpression()] as $next) {
                $next = Product::of([...array_reverse($rest), $next]);
                if (!$written->equals($next)) {
                    $lines[] = Line::side($written, $next);
                    $written = $next;
                }
            }
        }

        return $lines;
    }
}
