<?php

declare(strict_types=1);

namespace Runel\Why;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\AreaFigure;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\GridFigure;
use Runel\Demonstration\Figure\GridState;
use Runel\Demonstration\Figure\NumberLineFigure;
use Runel\Demonstration\Figure\Total;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Proof\Proof;

/** The picture that tells why a line holds; only one all of whose claims are proved. */
final class WhyPicture
{
    public static function of(Demonstration $demonstration, ?Line $before, Line $newest): ?Figure
    {
        $line = Rewriter::unmarked($newest->node);
        $candidates = $newest->link === Link::Side || $before === null
            ? self::ofSideWork($demonstration, $line)
            : [self::area(Rewriter::unmarked($before->node), $line)];
        foreach ($candidates as $picture) {
            if ($picture !== null && self::isProved($picture)) {
                return $picture;
            }
        }

        return null;
    }

    /** @return iterable<Figure|null> the one that tells most first */
    private static function ofSideWork(Demonstration $demonstration, Node $line): iterable
    {
        if ($line instanceof Equation) {
            yield AreaFigure::of($line->left->bare());
            yield self::grid($demonstration, $line->left);
            yield NumberLineFigure::of($line);
        }
    }

    /** The area of a product that stands in one of two lines and not in the other. */
    private static function area(Node $before, Node $newest): ?AreaFigure
    {
        $own = AreaFigure::in($before);
        $new = AreaFigure::in($newest);

        return $own === null || $new === null ? $own ?? $new : null;
    }

    /** Like terms of a product of two: its rows turned into a grid, where they lie on one diagonal. */
    private static function grid(Demonstration $demonstration, Expression $collected): ?GridFigure
    {
        $factors = $demonstration->task->problem->product->factors ?? [];
        $letters = $demonstration->task->problem->letters;
        $sum = Polynomial::tryFrom($collected);
        if (\count($factors) !== 2 || \count($letters) !== 1 || !$collected instanceof Sum || $sum === null) {
            return null;
        }
        $degrees = array_unique(array_map(
            static fn(Expression $term): ?int => Polynomial::tryFrom($term)?->degree(),
            $collected->terms,
        ));
        [$side, $top] = [$factors[0]->polynomial->places($letters[0]), $factors[1]->polynomial->places($letters[0])];
        if ($degrees !== [$sum->degree()] || \count($side) < 2 || \count($top) < 2) {
            return null;
        }
        $products = array_map(static fn(Term $left): array => array_map($left->times(...), $top), $side);
        $places = [];
        foreach ($products as $row => $across) {
            foreach ($across as $column => $product) {
                $places[$product->monomial->degree][] = [$row, $column];
            }
        }
        $state = GridState::empty()->withEdges()->fill(array_merge(...array_values($places)));
        // The ones asked about come last: they are lit.
        $like = $sum->degree();
        foreach (array_diff_key($places, [$like => true]) + [$like => $places[$like] ?? []] as $degree => $cells) {
            $total = Polynomial::ofTerms(array_map(
                static fn(array $cell): Term => $products[$cell[0]][$cell[1]],
                $cells,
            ));
            $state = $state->total($cells, new Total($degree, $total->toExpression()));
        }

        return new GridFigure(
            self::written($top),
            self::written($side),
            array_map(self::written(...), $products),
            array_map(static fn(array $across): array => array_map(
                static fn(Term $product): int => $product->monomial->degree,
                $across,
            ), $products),
            $state,
            true,
        );
    }

    /**
     * @param list<Term> $terms
     *
     * @return list<Expression>
     */
    private static function written(array $terms): array
    {
        return array_map(static fn(Term $term): Expression => $term->toExpression(), $terms);
    }

    private static function isProved(Figure $picture): bool
    {
        $proof = new Proof();
        foreach (array_keys($picture->written()) as $part) {
            foreach ($picture->claims($part) as $claim) {
                if (!$proof->holds($claim)) {
                    return false;
                }
            }
        }

        return true;
    }
}
