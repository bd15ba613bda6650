<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Figure\ArrowedProduct;
use Runel\Demonstration\Figure\ArrowsFigure;
use Runel\Demonstration\Figure\RowsFigure;
use Runel\Demonstration\Figure\Total;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Product;
use Runel\Expression\Same;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Method\SideWork;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\Arrows;
use Runel\Style\BracketBack;
use Runel\Style\MiddleTerms;

/**
 * Multiplying by the distributive law: each term of one bracket times all of the other, like powers under one another.
 */
final class TermByTerm extends MultiplyMethod
{
    private const NAMES = ['first', 'outer', 'inner', 'last'];

    public function id(): string
    {
        return 'term-by-term';
    }

    protected function refusalOf(MultiplicationPlan $plan): ?Message
    {
        return null;
    }

    protected function advice(MultiplicationPlan $plan): Message
    {
        $pair = $plan->worked()[0]->pair;

        return match (true) {
            \count($plan->worked()) > 1 => Message::of('rows.advice-stages', [
                'count' => $plan->work(),
                'stages' => \count($plan->worked()),
            ]),
            $pair->isTwoBinomials() => Message::of('rows.advice-binomials'),
            $pair->work() > 6 => Message::of('rows.advice-long', ['count' => $pair->work()]),
            default => Message::of('rows.advice'),
        };
    }

    protected function takesSums(): bool
    {
        return true;
    }

    protected function work(Stage $stage, Task $task): array
    {
        $figure = self::figure($stage->pair, $task);
        $inHead = self::isInHead($stage->pair, $task);
        [$products, $figure] = $inHead
            ? $this->inHead($stage, $figure, $task->style->get(MiddleTerms::class) === MiddleTerms::InHeadLast)
            : $this->products($stage, $figure);

        return [
            $stage->section(Phase::SettingUp, [$this->split($stage, $task->style->get(BracketBack::class))]),
            $stage->section(
                Phase::Multiplying,
                $products,
                Message::of('outcome.products', ['count' => \count($products)]),
            ),
            $stage->section(Phase::Collecting, $inHead ? [
                Steps::standardForm($stage, null, false),
            ] : $this->collecting($stage, $figure)),
        ];
    }

    protected function beside(Stage $stage, Task $task): SideWork
    {
        $pair = $stage->pair;
        if (self::isInHead($pair, $task)) {
            return parent::beside($stage, $task);
        }
        $figure = self::figure($pair, $task);
        $lines = [];
        foreach ($pair->left->terms as $row => $left) {
            foreach ($pair->right->terms as $column => $right) {
                $figure = self::written($figure, $pair, $row, $column);
                array_push($lines, ...Steps::productLines($left, $right));
            }
        }
        foreach (self::likeTerms($pair) as $ink => $terms) {
            $figure = $figure->total(new Total($ink, $pair->total($ink)->toExpression()));
            array_push($lines, ...Steps::collectLines($terms, $pair->total($ink), $ink));
        }

        return new SideWork($lines, $figure->quiet());
    }

    /** With nothing written in it. */
    private static function figure(Pair $pair, Task $task): RowsFigure|ArrowsFigure
    {
        if ($task->style->get(Arrows::class) === Arrows::On) {
            return ArrowsFigure::blank(
                $pair->left->expressions(),
                $pair->right->expressions(),
                $pair->product->toExpression(),
            );
        }
        $entries = [];
        foreach ($pair->left->terms as $row => $left) {
            foreach ($pair->right->terms as $right) {
                $product = $left->times($right);
                $entries[$row][$pair->ink($product->monomial)] = $product->toExpression();
            }
        }

        return new RowsFigure(
            $pair->left->expressions(),
            $pair->right->toExpression(),
            array_values($entries),
            array_values(array_filter(array_keys($pair->groups), static fn(int $ink): bool => array_filter(
                array_column($entries, $ink),
            ) !== [])),
            [],
            [],
            [],
        );
    }

    /** Whether the two middle products are added without being written. */
    private static function isInHead(Pair $pair, Task $task): bool
    {
        return $task->style->get(MiddleTerms::class) !== MiddleTerms::Written
            && $pair->isTwoBinomials()
            && self::middlesAreLike($pair);
    }

    /** The figure with one more product. */
    private static function written(
        RowsFigure|ArrowsFigure $figure,
        Pair $pair,
        int $row,
        int $column,
    ): RowsFigure|ArrowsFigure {
        $product = $pair->left->terms[$row]->times($pair->right->terms[$column]);
        $ink = $pair->ink($product->monomial);

        return $figure instanceof RowsFigure
            ? $figure->fill($row, $ink)
            : $figure->write(new ArrowedProduct([[$row, $column]], $product->toExpression(), $ink));
    }

    /** @return array<int, non-empty-list<Term>> the products that are alike, in the order of the result, by ink */
    private static function likeTerms(Pair $pair): array
    {
        $alike = [];
        foreach ($pair->left->terms as $left) {
            foreach ($pair->right->terms as $right) {
                $product = $left->times($right);
                $alike[$product->monomial->key][] = $product;
            }
        }
        $inOrder = [];
        foreach ($pair->groups as $ink => $monomial) {
            if (isset($alike[$monomial->key])) {
                $inOrder[$ink] = $alike[$monomial->key];
            }
        }

        return $inOrder;
    }

    private function split(Stage $stage, BracketBack $back): Step
    {
        $pair = $stage->pair;
        $mnemonic = $pair->isTwoBinomials();

        return new Step(
            id: $stage->id('split'),
            title: Message::of('rows.split.title'),
            why: Message::of(
                $mnemonic
                    ? 'rows.split.why-binomials'
                    : (\count($pair->left->terms) === 1 ? 'rows.split.why-one' : 'rows.split.why'),
                ['right' => $pair->right->toExpression(), 'count' => $pair->work()],
            ),
            lines: [Line::equal($stage->whole(self::distributed($pair, $back)))],
            watch: $pair->signsMatter() ? Slip::MinusNotCarried : null,
        );
    }

    /**
     * Each term of the left factor before the whole right factor, a minus in front as the operation; a single term
     * before each term of the right one.
     */
    private static function distributed(Pair $pair, BracketBack $back): Expression
    {
        if (\count($pair->left->terms) === 1) {
            $outside = $pair->left->terms[0];

            return Sum::of(array_map(static function (Term $term) use ($outside): Expression {
                $subtracts = $term->coefficient->isNegative() && !$outside->coefficient->isNegative();
                $size = $subtracts ? $term->negated() : $term;
                $product = Product::apart([$outside->toExpression(), $size->toExpression()]);

                return $product->signed($subtracts);
            }, $pair->right->terms));
        }

        return Sum::of(array_map(static function (Term $term) use ($pair, $back): Expression {
            $factors = [
                (new Term($term->coefficient->absolute(), $term->monomial))->toExpression(),
                $pair->right->toExpression(),
            ];
            $product = Product::of($back === BracketBack::Front ? array_reverse($factors) : $factors);

            return $product->signed($term->coefficient->isNegative());
        }, $pair->left->terms));
    }

    /**
     * One step a product, row by row.
     *
     * @return array{list<Step>, RowsFigure|ArrowsFigure}
     */
    private function products(Stage $stage, RowsFigure|ArrowsFigure $figure): array
    {
        $pair = $stage->pair;
        $steps = [];
        $pairs = [];
        foreach ($pair->left->terms as $left) {
            foreach ($pair->right->terms as $right) {
                $pairs[] = [$left, $right];
            }
        }
        $counted = Steps::counted($stage, $pairs);
        foreach ($pair->left->terms as $row => $left) {
            foreach ($pair->right->terms as $column => $right) {
                $figure = self::written($figure, $pair, $row, $column);
                $steps[] = Steps::product(
                    $stage->id('product-' . ($row + 1) . '-' . ($column + 1)),
                    $pair->isTwoBinomials()
                        ? Message::of('rows.product.title-' . self::NAMES[2 * $row + $column])
                        : Message::of('rows.product.title', [
                            'left' => $left->toExpression(),
                            'right' => $right->toExpression(),
                        ]),
                    $left,
                    $right,
                    $figure,
                    \in_array([$left, $right], $counted, true),
                );
            }
        }

        return [$steps, $figure];
    }

    /**
     * First and last written, the two middle products added without being written.
     *
     * @param bool $last whether the middle is written last; second else
     *
     * @return array{list<Step>, RowsFigure|ArrowsFigure}
     */
    private function inHead(Stage $stage, RowsFigure|ArrowsFigure $figure, bool $last): array
    {
        $pair = $stage->pair;
        [$first, $second] = $pair->left->terms;
        [$third, $fourth] = $pair->right->terms;
        $steps = [];
        foreach ($last ? ['first', 'last', 'middle'] : ['first', 'middle', 'last'] as $name) {
            // Without arrows nothing stands beside it: the middle products are not written.
            if ($figure instanceof ArrowsFigure) {
                $middle = self::middleInk($pair);
                [$joined, $term, $ink] = match ($name) {
                    'first' => [[[0, 0]], $product = $first->times($third), $pair->ink($product->monomial)],
                    'last' => [[[1, 1]], $product = $second->times($fourth), $pair->ink($product->monomial)],
                    'middle' => [[[0, 1], [1, 0]], $pair->total($middle), $middle],
                };
                $figure = $figure->write(new ArrowedProduct($joined, $term->toExpression(), $ink));
            }
            $beside = $figure instanceof ArrowsFigure ? $figure : null;
            $steps[] = $name === 'middle' ? self::middle($stage, $beside) : Steps::product(
                $stage->id($name),
                Message::of('rows.product.title-' . $name),
                $name === 'first' ? $first : $second,
                $name === 'first' ? $third : $fourth,
                $beside,
            );
        }

        return [$steps, $figure];
    }

    /** Both middle products added without being written. */
    private static function middle(Stage $stage, ?ArrowsFigure $figure): Step
    {
        $pair = $stage->pair;
        [$first, $second] = $pair->left->terms;
        [$third, $fourth] = $pair->right->terms;
        $middle = $pair->total(self::middleInk($pair));
        $products = Sum::of([
            Product::of([$first->toExpression(), $fourth->toExpression()]),
            Product::of([$second->toExpression(), $third->toExpression()]),
        ]);
        $collected = Steps::collect('', [
            $first->times($fourth),
            $second->times($third),
        ], $middle, 0, Message::of('rows.middle.title'), null);

        return new Step(
            id: $stage->id('middle'),
            title: Message::of('rows.middle.title'),
            why: Message::of('rows.middle.why'),
            lines: [Line::side($products, new Marked($middle->toExpression(), Mark::written()))],
            figure: $figure,
            question: $collected->question,
            watch: $collected->watch,
            aside: $collected->aside,
        );
    }

    private static function middlesAreLike(Pair $pair): bool
    {
        [$first, $second] = $pair->left->terms;
        [$third, $fourth] = $pair->right->terms;

        return $first->times($fourth)->monomial->key === $second->times($third)->monomial->key;
    }

    private static function middleInk(Pair $pair): int
    {
        return $pair->ink($pair->left->terms[0]->times($pair->right->terms[1])->monomial);
    }

    /** @return list<Step> */
    private function collecting(Stage $stage, RowsFigure|ArrowsFigure $figure): array
    {
        $pair = $stage->pair;
        $written = [];
        foreach ($pair->left->terms as $left) {
            foreach ($pair->right->terms as $right) {
                $written[] = $left->times($right);
            }
        }
        $line = Line::equal($stage->whole(Sum::of(array_map(static fn(Term $term): Expression => new Marked(
            $term->toExpression(),
            Mark::ofDegree($pair->ink($term->monomial)),
        ), $written))));
        // Where nothing is alike and all stands in order, the products are the answer as they are written.
        $steps = Same::nodes($line->node, $stage->closing()->node) ? [] : [new Step(
            id: $stage->id('all'),
            title: Message::of('rows.all.title'),
            why: Message::of('rows.all.why', ['count' => \count($written)]),
            lines: [$line],
            figure: $figure,
        )];
        foreach (self::likeTerms($pair) as $ink => $terms) {
            $total = $pair->total($ink);
            $figure = $figure->total(new Total($ink, $total->toExpression()));
            if (\count($terms) > 1) {
                $monomial = $pair->groups[$ink];
                $title = $monomial->exponents === [] ? Message::of(
                    'product.collect.title-constant',
                ) : Message::of('product.collect.title', ['letters' => $monomial->toExpression()]);
                $steps[] = Steps::collect($stage->id('collect-' . $ink), $terms, $total, $ink, $title, $figure);
            }
        }
        $steps[] = Steps::standardForm($stage, $figure->quiet(), false);

        return $steps;
    }
}
