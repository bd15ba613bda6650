<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\RootSum;
use Runel\Demonstration\Figure\GridFigure;
use Runel\Demonstration\Figure\GridState;
use Runel\Demonstration\Question;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** One side of an equation with roots, squared: by name, term by term, and collected. */
final readonly class SquaredSide
{
    /**
     * @param RootSum    $side    as it stood
     * @param RootSum    $outcome its square, like terms collected
     * @param Expression $product its square, each term times each worked out
     * @param Expression $named   the same with the products only named, as they stand
     */
    private function __construct(
        public RootSum $side,
        public RootSum $outcome,
        public Expression $product,
        public Expression $named,
    ) {}

    /** Null where a root stands beside a letter: its double product would keep a root with a letter before it. */
    public static function of(RootSum $side): ?self
    {
        $root = $side->roots[0] ?? null;
        $isBeside = $root !== null && !$side->plain->isConstant() && !$side->plain->isZero();
        if (\count($side->roots) > 1 || $isBeside) {
            return null;
        }
        $plain = $side->plain->times($side->plain)->plus($root?->squared() ?? Polynomial::constant(0));
        $double = $side->plain->isZero() || $root === null ? [] : [$root->with(
            $root->coefficient->times($side->plain->terms[0]->coefficient)->times(Rational::of(2)),
        )];
        $terms = $side->terms();
        $product = \count($terms) > 1
            ? Sum::of(self::singles($side))
            : RootSum::of($plain, [])->toExpression();

        return new self(
            $side,
            RootSum::of($plain, $double),
            $product,
            \count($terms) > 1 ? self::named($terms) : $product,
        );
    }

    /** Whether there is a double product that can be forgotten. */
    public function hasSeveralTerms(): bool
    {
        return \count($this->side->terms()) > 1;
    }

    /** The side with the exponent 2, nothing done. */
    public function written(): Power
    {
        return new Power($this->side->toExpression(), Numeral::of(2));
    }

    /** (2√(x − 1))² as 4(x − 1); null where no number stands before a root of several terms. */
    public function numberSquared(): ?Expression
    {
        $root = $this->side->roots[0] ?? null;
        $isNumbered = $root !== null && $this->side->plain->isZero() && !$root->coefficient->absolute()->isOne()
            && \count($root->radicand->terms) > 1;

        return $isNumbered ? Product::of([
            Numeral::of($root->coefficient->times($root->coefficient)),
            $root->radicand->toExpression(),
        ]) : null;
    }

    public function question(): Question
    {
        $right = $this->outcome->toExpression();

        return Question::expression(
            Message::of('isolate.out.ask', ['square' => $this->written()]),
            new Identity($this->written(), $right),
            $right,
        );
    }

    /** The square as a grid; null of other than two terms. */
    public function grid(): ?GridFigure
    {
        $side = $this->side;
        $terms = $side->terms();
        if (\count($terms) !== 2) {
            return null;
        }
        $root = $side->roots[0] ?? null;
        $last = $root === null
            ? $side->plain->terms[1]->times($side->plain->terms[1])->toExpression()
            : $root->squared()->toExpression();
        $first = $side->plain->terms[0]->times($side->plain->terms[0])->toExpression();
        $mixed = $root === null
            ? $side->plain->terms[0]->times($side->plain->terms[1])->toExpression()
            : $root->with($root->coefficient->times($side->plain->terms[0]->coefficient))->toExpression();
        $all = [[0, 0], [0, 1], [1, 0], [1, 1]];

        return new GridFigure(
            $terms,
            $terms,
            [[$first, $mixed], [$mixed, $last]],
            [[2, 1], [1, 0]],
            GridState::empty()->withEdges()->fill($all),
        );
    }

    /** @return list<Expression> the single products of a two-term side with itself, roots squared being gone */
    private static function singles(RootSum $side): array
    {
        $root = $side->roots[0] ?? null;
        if ($root === null) {
            $singles = [];
            foreach ($side->plain->terms as $left) {
                foreach ($side->plain->terms as $right) {
                    $singles[] = $left->times($right)->toExpression();
                }
            }

            return $singles;
        }
        $mixed = $root->with($root->coefficient->times($side->plain->terms[0]->coefficient))->toExpression();

        return [
            ...$side->plain->times($side->plain)->expressions(),
            $mixed,
            $mixed,
            ...$root->squared()->expressions(),
        ];
    }

    /**
     * Each term times each, as they stand.
     *
     * @param list<Expression> $terms
     */
    private static function named(array $terms): Expression
    {
        $products = [];
        foreach ($terms as $first) {
            foreach ($terms as $second) {
                $isNegative = ($first instanceof Negative) !== ($second instanceof Negative);
                // Two minus signs stay in sight: their product is what is easily got wrong.
                $product = Product::apart($isNegative ? [self::size($first), self::size($second)] : [$first, $second]);
                $products[] = $product->signed($isNegative);
            }
        }

        return Sum::of($products);
    }

    private static function size(Expression $term): Expression
    {
        return $term->bare();
    }
}
