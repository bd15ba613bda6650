<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Figure\Crossing;
use Runel\Demonstration\Figure\CrossingGridFigure;
use Runel\Demonstration\Figure\FactorGridFigure;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\CrossingGrid;
use Runel\Style\CrossingLetters;
use Runel\Style\CrossingMiddle;
use Runel\Style\PairOrder;
use Runel\Working\Outer;

/** Factoring in a 2 × 2 grid: the pair from a crossing of product and sum, the edges from common factors. */
final class ProductGrid extends FactorMethod
{
    public function id(): string
    {
        return 'product-grid';
    }

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return null;
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        $search = PairSearch::of($trinomial->product(), $trinomial->b, $task->style->get(PairOrder::class));
        $isBeside = $task->style->get(CrossingGrid::class) === CrossingGrid::Beside;
        $isAbove = $task->style->get(CrossingMiddle::class) === CrossingMiddle::Above;
        $hunt = $search->steps(new Crossing(
            $isAbove,
            $task->style->get(CrossingLetters::class) === CrossingLetters::On && $trinomial->second === null
                ? $trinomial->letter
                : null,
        ));
        $grid = $trinomial->isPrime() ? [] : $this->grid($trinomial, $outer, $task);
        $product = PairSearch::productStep(
            $trinomial,
            $isAbove ? 'factor.product.why-crossing-above' : 'factor.product.why-crossing',
        );
        $sections = $isBeside
            ? self::beside($product, $hunt, $grid, $trinomial, $search->outcome())
            : [new Section(Phase::Hunting, [$product, ...$hunt], outcome: $search->outcome())];
        if (!$isBeside && $grid !== []) {
            $sections[] = new Section(Phase::Writing, $grid);
        }

        return new Work($sections, $search->looked(), 1, Advice::pairs('product-grid', $search));
    }

    /**
     * Crossing and grid beside each other: the corners stand there before the hunt, and the crossing stays.
     *
     * @param list<Step> $hunt
     * @param list<Step> $grid the corners first; none where nothing fits
     *
     * @return list<Section>
     */
    private static function beside(
        Step $product,
        array $hunt,
        array $grid,
        Trinomial $trinomial,
        Message $outcome,
    ): array {
        $corners = self::corners($trinomial, 'factor.grid.corners.why-before');
        $lit = $corners->figure instanceof FactorGridFigure ? $corners->figure : throw new \LogicException('No grid.');
        $quiet = new FactorGridFigure($lit->cells, $lit->side, $lit->top, $lit->whole, null);
        $crossing = null;
        $hunting = [];
        foreach ($hunt as $step) {
            $crossing = $step->figure instanceof PairHuntFigure ? $step->figure : $crossing;
            $hunting[] = $crossing === null ? $step : $step->withFigure(new CrossingGridFigure($crossing, $quiet));
        }
        $writing = [];
        foreach (\array_slice($grid, 1) as $step) {
            $writing[] = $crossing !== null && $step->figure instanceof FactorGridFigure
                ? $step->withFigure(new CrossingGridFigure($crossing, $step->figure))
                : $step;
        }

        return [
            new Section(Phase::SettingUp, [$corners]),
            new Section(Phase::Hunting, [$product, ...$hunting], outcome: $outcome),
            ...($writing === [] ? [] : [new Section(Phase::Writing, $writing)]),
        ];
    }

    /** The first and the last term in their corners. */
    private static function corners(Trinomial $trinomial, string $why): Step
    {
        return new Step(
            id: 'corners',
            title: Message::of('factor.grid.corners.title'),
            why: Message::of($why),
            figure: new FactorGridFigure(
                [
                    [$trinomial->term($trinomial->a, 2)->toExpression(), null],
                    [null, $trinomial->term($trinomial->c, 0)->toExpression()],
                ],
                [null, null],
                [null, null],
                $trinomial->primitive()->toExpression(),
                'corners',
            ),
        );
    }

    protected function brackets(Trinomial $trinomial, Task $task): array
    {
        // A common factor that was to stay is where it stands on the edges.
        ['m' => [$m, $r], 'n' => [$n, $s]] = self::numbers($trinomial);

        return [$trinomial->linear($m, $r), $trinomial->linear($n, $s)];
    }

    protected function ownChecks(Trinomial $trinomial): array
    {
        if ($trinomial->isPrime()) {
            return [];
        }
        $edges = $this->edges($trinomial);
        $lines = [];
        foreach ([0, 1] as $row) {
            foreach ([0, 1] as $column) {
                $lines[] = Line::side(Product::apart(
                    [$edges['side'][$row], $edges['top'][$column]],
                ), $edges['cells'][$row][$column]);
            }
        }

        return [new Check(
            kind: CheckKind::Edges,
            title: Message::of('check.edges.title'),
            why: Message::of('check.edges.why'),
            lines: $lines,
            holds: true,
        )];
    }

    /** @return non-empty-list<Step> the corners first */
    private function grid(Trinomial $trinomial, Outer $outer, Task $task): array
    {
        ['cells' => $cells, 'side' => $side, 'top' => $top] = $this->edges($trinomial);
        $whole = $trinomial->primitive()->toExpression();
        $none = [null, null];
        $full = new FactorGridFigure($cells, $none, $none, $whole, 'middle');
        $steps = [
            self::corners($trinomial, 'factor.grid.corners.why'),
            new Step(id: 'middle', title: Message::of(
                'factor.grid.middle.title',
            ), why: Message::of('factor.grid.middle.why'), figure: $full),
        ];
        $found = ['side' => $none, 'top' => $none];
        foreach ([
            'row-1' => ['side', 0],
            'row-2' => ['side', 1],
            'column-1' => ['top', 0],
            'column-2' => ['top', 1],
        ] as $name => [$edge, $place]) {
            $found[$edge][$place] = $edge === 'side' ? $side[$place] : $top[$place];
            $pair = $edge === 'side' ? $cells[$place] : [$cells[0][$place], $cells[1][$place]];
            $factor = $edge === 'side' ? $side[$place] : $top[$place];
            $negative = $factor instanceof Negative;
            $across = $edge === 'side' ? $top[0] : $side[0];
            $steps[] = new Step(
                id: $name,
                title: Message::of("factor.grid.$name", ['factor' => $factor]),
                why: Message::of(
                    $negative ? 'factor.grid.why-minus' : 'factor.grid.why',
                    ['left' => $pair[0], 'right' => $pair[1], 'factor' => $factor],
                ),
                figure: new FactorGridFigure($cells, $found['side'], $found['top'], $whole, $name),
                question: Question::expression(
                    Message::of('factor.grid.ask', ['left' => $pair[0], 'right' => $pair[1]]),
                    new Identity(Product::of([$factor, $across]), $pair[0]),
                    $factor,
                ),
                watch: $negative ? Slip::SignOfProduct : null,
            );
        }
        $steps[] = Brackets::step(
            $trinomial,
            $outer,
            'factor.brackets.why-edges',
            null,
            $this->brackets($trinomial, $task),
        );

        return $steps;
    }

    /** @return array{m: array{int, int}, n: array{int, int}} the numbers of the upper edge and of the side */
    private static function numbers(Trinomial $trinomial): array
    {
        [$p, $q] = $trinomial->pair() ?? throw new \LogicException('A prime trinomial has no edges.');
        $row1 = Integers::gcd($trinomial->a, $p);
        $row2 = Integers::gcd($q, $trinomial->c) * ($q < 0 ? -1 : 1);

        return ['m' => [intdiv($trinomial->a, $row1), intdiv($p, $row1)], 'n' => [$row1, $row2]];
    }

    /**
     * @return array{cells: array{array{Expression, Expression}, array{Expression, Expression}}, side: array{Expression,
     *                      Expression}, top: array{Expression, Expression}}
     */
    private function edges(Trinomial $trinomial): array
    {
        [$p, $q] = $trinomial->pair() ?? [0, 0];
        ['m' => [$column1, $column2], 'n' => [$row1, $row2]] = self::numbers($trinomial);
        $letter = static fn(int $number): Expression => $trinomial->linear($number, 0)->toExpression();
        $plain = static fn(int $number): Expression =>
            $trinomial->second === null
                ? Term::constant($number)->toExpression()
                : $trinomial->linear(0, $number)->toExpression();

        return [
            'cells' => [
                [$trinomial->term($trinomial->a, 2)->toExpression(), $trinomial->term($p, 1)->toExpression()],
                [$trinomial->term($q, 1)->toExpression(), $trinomial->term($trinomial->c, 0)->toExpression()],
            ],
            'side' => [$letter($row1), $plain($row2)],
            'top' => [$letter($column1), $plain($column2)],
        ];
    }
}
