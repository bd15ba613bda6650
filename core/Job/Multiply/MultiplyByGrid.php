<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Figure\GridFigure as GridFigure;
use Runel\Demonstration\Figure\GridState;
use Runel\Demonstration\Figure\Total;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\GridCollect;
use Runel\Style\GridLongEdge;
use Runel\Style\HouseStyle;
use Runel\Style\OuterTermsFirst;
use Runel\Style\ZeroCells;

/** Multiplying by the grid: one cell for each product of two terms, like terms in one ink. */
final class MultiplyByGrid extends MultiplyMethod
{
    public function id(): string
    {
        return 'grid';
    }

    protected function refusalOf(MultiplicationPlan $plan): ?Message
    {
        return null;
    }

    protected function advice(MultiplicationPlan $plan): Message
    {
        $pair = $plan->worked()[0]->pair;

        return match (true) {
            \count($plan->worked()) > 1 => Message::of('grid.advice-stages', [
                'count' => $plan->work(),
                'stages' => \count($plan->worked()),
            ]),
            $pair->hasGaps() => Message::of('grid.advice-gaps'),
            $pair->isTwoBinomials() => Message::of('grid.advice-small'),
            default => Message::of($pair->placed ? 'grid.advice' : 'grid.advice-apart', ['count' => $pair->work()]),
        };
    }

    protected function work(Stage $stage, Task $task): array
    {
        // From here on the pair's left factor lies along the top.
        $pair = self::turnedForEdges($stage->pair, $task->style);
        $powered = $task->style->get(ZeroCells::class) === ZeroCells::Powered;
        $cells = [];
        $inks = [];
        foreach ($pair->rightTerms as $side) {
            $products = array_map(static fn(Term $top): Term => $side->times($top), $pair->leftTerms);
            $cells[] = array_map(
                static fn(Term $product): Expression => $product->isZero() && !$powered
                    ? Numeral::of(0)
                    : $product->toExpression(),
                $products,
            );
            $inks[] = array_map(static fn(Term $product): int => $pair->ink($product->monomial), $products);
        }
        $figure = new GridFigure(
            Steps::expressions($pair->leftTerms),
            Steps::expressions($pair->rightTerms),
            $cells,
            $inks,
            GridState::empty(),
            $pair->letter !== null,
        );
        $setUp = $this->setUp($stage, $pair, $figure);
        $figure = $figure->at($figure->state->withEdges());
        $filling = $this->filling($stage, $pair, $task->style, $figure);
        $figure = $filling === [] ? $figure : self::after($filling);
        $collecting = $this->collecting($stage, $pair, $task->style->get(GridCollect::class), $figure);

        return [
            $stage->section(Phase::SettingUp, $setUp, Message::of('outcome.grid', [
                'columns' => Message::of('grid.size.columns', ['count' => \count($pair->leftTerms)]),
                'rows' => Message::of('grid.size.rows', ['count' => \count($pair->rightTerms)]),
            ])),
            $stage->section(
                Phase::Multiplying,
                $filling,
                Message::of('outcome.products', ['count' => \count($filling)]),
            ),
            $stage->section(Phase::Collecting, $collecting),
        ];
    }

    private static function turnedForEdges(Pair $pair, HouseStyle $style): Pair
    {
        $long = \count($pair->leftTerms) <=> \count($pair->rightTerms);
        $turn = match ($style->get(GridLongEdge::class)) {
            GridLongEdge::Top => $long < 0,
            GridLongEdge::Side => $long > 0,
            GridLongEdge::AsGiven => false,
            GridLongEdge::FirstSide => true,
        };

        return $turn ? $pair->turned() : $pair;
    }

    /** @return list<Step> */
    private function setUp(Stage $stage, Pair $pair, GridFigure $figure): array
    {
        $columns = \count($pair->leftTerms);
        $rows = \count($pair->rightTerms);
        $cells = Numeral::of($columns * $rows);
        $counted = Product::apart([Numeral::of($columns), Numeral::of($rows)]);
        $steps = [new Step(
            id: $stage->id('size'),
            title: Message::of('grid.size.title', [
                'columns' => Message::of('grid.size.columns', ['count' => $columns]),
                'rows' => Message::of('grid.size.rows', ['count' => $rows]),
            ]),
            why: Message::of($pair->placed ? 'grid.size.why-degrees' : 'grid.size.why-terms', [
                'columns' => $columns, 'rows' => $rows,
                'topDegree' => $pair->left->degree(), 'sideDegree' => $pair->right->degree(),
            ]),
            figure: $figure,
            question: Question::count(
                Message::of('grid.size.ask'),
                new Identity($counted, $cells),
                $cells,
                Product::of([$pair->left->toExpression(), $pair->right->toExpression()]),
            ),
            watch: $pair->hasGaps() ? Slip::MissingPlaceholder : null,
        )];
        if ($pair->hasGaps()) {
            $steps[] = Steps::gaps($stage, $figure);
        }
        $steps[] = new Step(
            id: $stage->id('edges'),
            title: Message::of('grid.edges.title'),
            why: Message::of(match (true) {
                !$pair->placed => 'grid.edges.why-terms',
                $columns > $rows => 'grid.edges.why-top',
                $columns < $rows => 'grid.edges.why-side',
                default => 'grid.edges.why',
            }),
            figure: $figure->at($figure->state->withEdges()),
        );

        return $steps;
    }

    /** @return list<Step> */
    private function filling(Stage $stage, Pair $pair, HouseStyle $style, GridFigure $figure): array
    {
        $steps = [];
        $zeros = [];
        $cells = [];
        foreach ($pair->rightTerms as $row => $side) {
            foreach ($pair->leftTerms as $column => $top) {
                if ($side->isZero() || $top->isZero()) {
                    $zeros[] = [$row, $column];
                } else {
                    $cells[] = [$row, $column];
                }
            }
        }
        if ($zeros !== []) {
            $figure = $figure->at($figure->state->fill($zeros));
            $steps[] = new Step(id: $stage->id('zeros'), title: Message::of('grid.zeros.title'), why: Message::of(
                'grid.zeros.why',
                ['count' => \count($zeros)],
            ), figure: $figure);
        }
        if ($style->get(OuterTermsFirst::class) === OuterTermsFirst::On && \count($cells) > 2) {
            $cells = [$cells[0], $cells[\count($cells) - 1], ...\array_slice($cells, 1, -1)];
        }
        $counted = Steps::counted($stage, array_map(
            static fn(array $cell): array => [$pair->leftTerms[$cell[1]], $pair->rightTerms[$cell[0]]],
            $cells,
        ));
        foreach ($cells as [$row, $column]) {
            $side = $pair->rightTerms[$row];
            $top = $pair->leftTerms[$column];
            $figure = $figure->at($figure->state->fill([[$row, $column]]));
            $steps[] = Steps::product(
                $stage->id('cell-' . ($row + 1) . '-' . ($column + 1)),
                Message::of('grid.cell.title', [
                    'row' => $row + 1,
                    'column' => $column + 1,
                    'side' => $side->toExpression(),
                    'top' => $top->toExpression(),
                ]),
                $top,
                $side,
                $figure,
                \in_array([$top, $side], $counted, true),
            );
        }

        return $steps;
    }

    /** @return list<Step> */
    private function collecting(Stage $stage, Pair $pair, GridCollect $order, GridFigure $figure): array
    {
        $byInk = [];
        foreach ($pair->rightTerms as $row => $side) {
            foreach ($pair->leftTerms as $column => $top) {
                $byInk[$figure->inks[$row][$column]][] = [$row, $column];
            }
        }
        $steps = [];
        $alone = $order === GridCollect::Falling
            ? []
            : array_filter(array_keys($pair->groups), static fn(int $ink): bool => \count($byInk[$ink]) === 1);
        if ($alone !== []) {
            $state = $figure->state;
            foreach ($alone as $ink) {
                [$cell] = $byInk[$ink];
                $state = $state->total([$cell], new Total($ink, $pair->total($ink)->toExpression()));
            }
            $state = $state->light(array_map(static fn(int $ink): array => $byInk[$ink][0], array_values($alone)));
            $figure = $figure->at($state);
            $key = $pair->placed ? 'grid.corners' : 'grid.alone';
            $isNone = !$pair->placed && \count($alone) === \count($pair->groups);
            $steps[] = new Step(
                id: $stage->id('corners'),
                title: Message::of($isNone ? 'grid.alone.title-none' : "$key.title"),
                why: Message::of($isNone ? 'grid.alone.why-none' : "$key.why"),
                figure: $figure,
            );
        }
        foreach ($pair->groups as $ink => $monomial) {
            $places = $byInk[$ink];
            if (\in_array($ink, $alone, true)) {
                continue;
            }
            $total = $pair->total($ink);
            $figure = $figure->at($figure->state->total($places, new Total($ink, $total->toExpression())));
            if (\count($places) === 1) {
                $steps[] = new Step(
                    id: $stage->id('collect-' . $ink),
                    title: Message::of('grid.single.title', ['total' => $total->toExpression()]),
                    why: Message::of($pair->placed ? 'grid.single.why' : 'grid.single.why-like'),
                    figure: $figure,
                );
                continue;
            }
            $terms = array_map(static fn(array $place): Term => $pair->rightTerms[$place[0]]->times(
                $pair->leftTerms[$place[1]],
            ), $places);
            $title = $monomial->exponents === []
                ? Message::of('grid.diagonal.title-constant')
                : Message::of($pair->placed ? 'grid.diagonal.title' : 'grid.diagonal.title-like', [
                    'letters' => $monomial->toExpression(),
                ]);
            $steps[] = Steps::collect($stage->id('collect-' . $ink), $terms, $total, $ink, $title, $figure);
        }
        $steps[] = Steps::standardForm($stage, $figure->at($figure->state->quiet()));

        return $steps;
    }

    /** @param non-empty-list<Step> $steps */
    private static function after(array $steps): GridFigure
    {
        $figure = $steps[\count($steps) - 1]->figure;
        \assert($figure instanceof GridFigure);

        return $figure;
    }
}
