<?php

declare(strict_types=1);

namespace Runel\Method\Multiply;

use Runel\Claim\Identity;
use Runel\Demonstration\Figure\Grid as GridFigure;
use Runel\Demonstration\Figure\GridState;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Term;
use Runel\Slip\LikelyWrong;
use Runel\Slip\ProductSlips;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** The special products: the square of a binomial, and a sum times the difference of the same two terms. */
final class Special extends MultiplyMethod
{
    public function id(): string
    {
        return 'special';
    }

    protected function refusalOf(Plan $plan): ?Message
    {
        if (\count($plan->stages) !== 1) {
            return Message::of('special.refusal-many');
        }

        return self::parts($plan->stages[0]->pair) === null ? Message::of('special.refusal') : null;
    }

    protected function advice(Plan $plan): Message
    {
        return Message::of(
            self::isSquare($plan->stages[0]->pair) ? 'special.advice-square' : 'special.advice-difference',
        );
    }

    protected function work(Stage $stage, HouseStyle $style): array
    {
        $pair = $stage->pair;
        [$first, $second] = self::parts($pair) ?? throw new \LogicException('Not special.');
        $square = self::isSquare($pair);
        $kind = $square ? ($second->coefficient->isNegative() ? 'square-minus' : 'square') : 'difference';
        $figure = $this->figure($pair, $first, $second);
        $recognise = new Step(
            id: 'recognise',
            title: Message::of("special.recognise.title-$kind"),
            why: Message::of("special.recognise.why-$kind", [
                'first' => $first->toExpression(),
                'second' => $second->toExpression(),
            ]),
            figure: $figure->at($figure->state->withEdges()),
            watch: $square ? Slip::DoubleProductForgotten : null,
        );
        $figure = $figure->at($figure->state->withEdges());
        $steps = [];
        foreach ([
            'first-square' => [$first, [[0, 0]]],
            'second-square' => [$second, [[1, 1]]],
        ] as $name => [$term, $cells]) {
            $negative = !$square && $name === 'second-square';
            $figure = $figure->at($figure->state->fill($cells));
            $steps[] = $this->square($name, $term, $negative, $figure);
        }
        $figure = $figure->at($figure->state->fill([[0, 1], [1, 0]]));
        $steps[] = $square ? $this->double($first, $second, $figure) : $this->cancelling($first, $second, $figure);

        return [
            new Section(Phase::SettingUp, [$recognise]),
            new Section(Phase::Multiplying, $steps),
            new Section(Phase::Collecting, [Steps::standardForm($stage, $figure->at($figure->state->quiet()))]),
        ];
    }

    private static function isSquare(Pair $pair): bool
    {
        return $pair->left->equals($pair->right);
    }

    /**
     * The two terms p and q of (p + q)² or (p + q)(p − q), q with its sign in the left factor; null for anything else.
     *
     * @return array{Term, Term}|null
     */
    private static function parts(Pair $pair): ?array
    {
        if (!$pair->isTwoBinomials()) {
            return null;
        }
        [$first, $second] = $pair->left->terms;
        if (self::isSquare($pair)) {
            return [$first, $second];
        }
        $sum = $pair->left->plus($pair->right);
        if (\count($sum->terms) !== 1) {
            return null;
        }
        $kept = $sum->terms[0]->monomial->key === $first->monomial->key ? [$first, $second] : [$second, $first];
        $difference = $pair->left->minus($pair->right);

        return \count($difference->terms) === 1
            && $difference->terms[0]->monomial->key === $kept[1]->monomial->key ? $kept : null;
    }

    private function figure(Pair $pair, Term $first, Term $second): GridFigure
    {
        $top = self::isSquare($pair) ? [$first, $second] : [$first, $second->negated()];
        $cells = [];
        $inks = [];
        foreach ([$first, $second] as $row => $side) {
            foreach ($top as $column => $across) {
                $cells[$row][$column] = $side->times($across)->toExpression();
                $inks[$row][$column] = $pair->ink($side->times($across)->monomial);
            }
        }

        return new GridFigure(
            Steps::expressions($top),
            Steps::expressions([$first, $second]),
            $cells,
            $inks,
            GridState::empty(),
            $pair->letter !== null,
        );
    }

    private function square(string $name, Term $term, bool $negative, GridFigure $figure): Step
    {
        $bare = new Term($term->coefficient->absolute(), $term->monomial);
        $squared = $term->times($term);
        $shown = $negative ? $squared->negated() : $squared;
        $power = new Power($bare->toExpression(), Numeral::of(2));

        $accepted = $squared->toExpression();

        return new Step(
            id: $name,
            title: Message::of("special.$name.title"),
            why: Message::of($negative ? "special.$name.why-minus" : "special.$name.why", [
                'term' => $bare->toExpression(),
            ]),
            lines: [Line::side($negative ? new Negative($power) : $power, new Marked(
                $shown->toExpression(),
                Mark::written(),
            ))],
            figure: $figure,
            question: Question::expression(Message::of("special.$name.ask", [
                'term' => $bare->toExpression(),
            ]), new Identity($power, $accepted), $accepted, ProductSlips::of($bare, $bare)),
        );
    }

    private function double(Term $first, Term $second, GridFigure $figure): Step
    {
        $product = $first->times($second);
        $doubled = new Term($product->coefficient->times(Rational::of(2)), $product->monomial);

        $line = Line::side(Product::of(
            [Numeral::of(2), $first->toExpression(), $second->toExpression()],
        ), new Marked($doubled->toExpression(), Mark::written()));

        return new Step(
            id: 'double-product',
            title: Message::of('special.double.title'),
            why: Message::of('special.double.why', ['product' => $product->toExpression()]),
            lines: [$line],
            figure: $figure,
            question: Question::about($line, Message::of('special.double.ask', [
                'first' => $first->toExpression(),
                'second' => $second->toExpression(),
            ]), [
                new LikelyWrong($product->toExpression(), Slip::DoubleProductForgotten),
                new LikelyWrong($doubled->negated()->toExpression(), Slip::SignOfProduct),
            ]),
            watch: Slip::DoubleProductForgotten,
        );
    }

    private function cancelling(Term $first, Term $second, GridFigure $figure): Step
    {
        $product = $first->times($second);
        $sum = Sum::of([new Marked(
            $product->negated()->toExpression(),
            Mark::cancels(),
        ), new Marked($product->toExpression(), Mark::cancels())]);

        $line = Line::side($sum, Numeral::of(0));

        return new Step(
            id: 'cancelling',
            title: Message::of('special.cancelling.title'),
            why: Message::of('special.cancelling.why'),
            lines: [$line],
            figure: $figure,
            question: Question::about($line, Message::of('special.cancelling.ask', ['sum' => $sum])),
        );
    }
}
