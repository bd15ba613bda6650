<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\GridFigure as GridFigure;
use Runel\Demonstration\Figure\GridState;
use Runel\Demonstration\Figure\TwoSquaresFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Reason;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Problem\Factor;
use Runel\Slip\Slip;
use Runel\Working\Identities;

/** The special products: the square of a binomial, and a sum times the difference of the same two terms. */
final class SpecialProducts extends MultiplyMethod
{
    public function id(): string
    {
        return 'special';
    }

    protected function keepsWriting(): bool
    {
        return true;
    }

    /** The order in which every stage is a pattern, or one term in front at the end; else the usual one. */
    protected function plan(Task $task): MultiplicationPlan|Refusal
    {
        $usual = parent::plan($task);
        $isChosen = $task->choice(MultiplicationPlan::CHOICE) !== null;
        if (!$usual instanceof MultiplicationPlan || $isChosen || self::fits($usual)) {
            return $usual;
        }
        $factors = $task->problem->product->factors ?? [];
        foreach ($usual->options as $option) {
            $plan = MultiplicationPlan::of(
                array_map(static fn(Factor $factor): Polynomial => $factor->polynomial, $factors),
                $option->value,
            );
            if ($plan instanceof MultiplicationPlan && self::fits($plan)) {
                return $plan;
            }
        }

        return $usual;
    }

    protected function refusalOf(MultiplicationPlan $plan): ?Message
    {
        return self::fits($plan) ? null : Message::of('special.refusal');
    }

    protected function advice(MultiplicationPlan $plan): Message
    {
        $kinds = array_unique(array_map(self::kind(...), array_filter(
            $plan->stages,
            static fn(Stage $stage): bool => self::parts($stage->pair) !== null,
        )));

        return Message::of(\count($kinds) === 1 ? "special.advice-$kinds[0]" : 'special.advice-both');
    }

    protected function work(Stage $stage, Task $task): array
    {
        $parts = self::parts($stage->pair);
        if ($parts === null) {
            return $this->front($stage);
        }
        [$first, $second] = self::asTyped($stage->pair, $parts, $task);
        $identities = Identities::beside($task->problem->letters);

        return self::isSquare($stage->pair)
            ? $this->squared($stage, $first, $second, $identities)
            : $this->difference($stage, $first, $second, $identities);
    }

    /** Whether every stage is a pattern; the last may be one term in front. */
    private static function fits(MultiplicationPlan $plan): bool
    {
        foreach ($plan->worked() as $number => $stage) {
            $front = $number > 0 && $stage->isLast() && \count($stage->pair->right->terms) === 1;
            if (!$front && self::parts($stage->pair) === null) {
                return false;
            }
        }

        return true;
    }

    private static function kind(Stage $stage): string
    {
        return self::isSquare($stage->pair) ? 'square' : 'difference';
    }

    private static function isSquare(Pair $pair): bool
    {
        return $pair->left->equals($pair->right);
    }

    /**
     * The two terms p and q of (p + q)² or (p + q)(p − q), q of the second positive; null for anything else.
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
        if (\count($difference->terms) !== 1 || $difference->terms[0]->monomial->key !== $kept[1]->monomial->key) {
            return null;
        }

        return [$kept[0], $kept[1]->coefficient->isNegative() ? $kept[1]->negated() : $kept[1]];
    }

    /**
     * The parts of a square in the order in which they were typed, so that the pattern stays visible.
     *
     * @param array{Term, Term} $parts
     *
     * @return array{Term, Term}
     */
    private static function asTyped(Pair $pair, array $parts, Task $task): array
    {
        foreach ($task->problem->product->factors ?? [] as $factor) {
            if (self::isSquare($pair) && $factor->polynomial->equals($pair->left) && $factor->written instanceof Sum) {
                $leading = Polynomial::fromExpression($factor->written->terms[0]);

                return ($leading->terms[0]->monomial->key ?? null) === $parts[1]->monomial->key
                    ? [$parts[1], $parts[0]]
                    : $parts;
            }
        }

        return $parts;
    }

    /** @return list<Section> */
    private function squared(Stage $stage, Term $first, Term $second, Identities $identities): array
    {
        $two = Numeral::of(2);
        // With a plus before it the first term lets the minus stand in the pattern; else both keep their signs.
        $minus = $second->coefficient->isNegative() && !$first->coefficient->isNegative();
        $part = $minus ? $second->negated() : $second;
        $pattern = static fn(Expression $a, Expression $b): Expression => Sum::of([
            new Power($a, $two),
            Product::apart([$two, $a, $b])->signed($minus),
            new Power($b, $two),
        ]);
        $identity = Line::side(...$identities->square($minus));
        $empty = $this->figure($stage->pair, $first, $second);
        $figure = $empty->at($empty->state->withEdges());
        $recognise = $this->recognise($stage, $identity, $minus ? 'square-minus' : 'square', [
            'p' => $identities->p,
            'q' => $identities->q,
            'first' => $first->toExpression(),
            'second' => $part->toExpression(),
        ], $figure, Slip::DoubleProductForgotten);
        $written = $pattern($first->toExpression(), $part->toExpression());
        $steps = $this->put($stage, $written, $figure);
        $cells = [];
        foreach (['first' => [$first, [0, 0]], 'second' => [$part, [1, 1]]] as $name => [$term, $cell]) {
            $cells[] = $cell;
            if (!self::isBare($term)) {
                $figure = $figure->at($figure->state->fill($cells));
                $cells = [];
                $steps[] = $this->square($stage->id("$name-square"), "special.$name-square", $term, $figure);
            }
        }
        $figure = $figure->at($figure->state->fill([...$cells, [0, 1], [1, 0]]));
        $steps[] = $this->double($stage, $first, $part, $minus, $figure);

        return $this->sections($stage, $recognise, $steps, $figure->at($figure->state->quiet()));
    }

    /** @return list<Section> */
    private function difference(Stage $stage, Term $first, Term $second, Identities $identities): array
    {
        $two = Numeral::of(2);
        $identity = Line::side(...$identities->difference());
        $empty = $this->figure($stage->pair, $first, $second);
        $figure = $empty->at($empty->state->withEdges());
        $recognise = $this->recognise($stage, $identity, 'difference', [
            'p' => $identities->p,
            'q' => $identities->q,
            'first' => $first->toExpression(),
            'second' => $second->toExpression(),
        ], $figure, null);
        $figure = $figure->at($figure->state->fill([[0, 1], [1, 0]]));
        $steps = [$this->cancelling($stage, $first, $second, $figure)];
        $figure = $figure->at($figure->state->fill([[0, 0], [1, 1]]));
        array_push($steps, ...$this->put($stage, Sum::of([
            new Power($first->toExpression(), $two),
            new Negative(new Power($second->toExpression(), $two)),
        ]), $figure));
        foreach (['first' => $first, 'second' => $second] as $name => $term) {
            if (!self::isBare($term)) {
                $steps[] = $this->square(
                    $stage->id("$name-square"),
                    $name === 'first' ? 'special.first-square' : 'special.subtracted-square',
                    $term,
                    $figure,
                );
            }
        }

        return $this->sections($stage, $recognise, $steps, new TwoSquaresFigure(
            $first->toExpression(),
            $second->toExpression(),
        ));
    }

    /**
     * One term in front, taken to every term at the end.
     *
     * @return list<Section>
     */
    private function front(Stage $stage): array
    {
        $front = $stage->pair->right->terms[0];
        $steps = [];
        foreach ($stage->pair->left->terms as $number => $term) {
            $steps[] = Steps::product($stage->id('front-' . ($number + 1)), Message::of('rows.product.title', [
                'left' => $front->toExpression(),
                'right' => $term->toExpression(),
            ]), $front, $term, null);
        }

        return [
            $stage->section(Phase::Multiplying, $steps),
            $stage->section(Phase::Collecting, [Steps::standardForm($stage, null, false)]),
        ];
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Section>
     */
    private function sections(Stage $stage, Step $recognise, array $steps, Figure $figure): array
    {
        return [
            $stage->section(Phase::SettingUp, [$recognise]),
            $stage->section(Phase::Multiplying, $steps),
            $stage->section(Phase::Collecting, [Steps::standardForm($stage, $figure, false)]),
        ];
    }

    /** @param array<string, Expression> $parameters */
    private function recognise(
        Stage $stage,
        Line $identity,
        string $kind,
        array $parameters,
        GridFigure $figure,
        ?Slip $watch,
    ): Step {
        return new Step(
            id: $stage->id('recognise'),
            title: Message::of("special.recognise.title-$kind"),
            why: Message::of("special.recognise.why-$kind", $parameters),
            lines: [$identity],
            figure: $figure,
            watch: $watch,
            reason: $kind === 'difference' ? Reason::DifferenceOfSquares : Reason::SquareOfSum,
        );
    }

    /**
     * The parts put into the identity.
     *
     * @return list<Step> none where that is the product already
     */
    private function put(Stage $stage, Expression $written, GridFigure $figure): array
    {
        return $written->equals($stage->pair->product->toExpression()) ? [] : [new Step(
            id: $stage->id('pattern'),
            title: Message::of('special.put.title'),
            why: Message::of('special.put.why'),
            lines: [Line::equal($stage->whole($written))],
            figure: $figure,
        )];
    }

    /** Whether squaring it only writes a 2 above: there is nothing to work out. */
    private static function isBare(Term $term): bool
    {
        return $term->coefficient->isOne() && $term->monomial->degree === 1;
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

    private function square(string $id, string $words, Term $term, GridFigure $figure): Step
    {
        $accepted = $term->times($term)->toExpression();
        $power = new Power($term->toExpression(), Numeral::of(2));

        return new Step(
            id: $id,
            title: Message::of("$words.title", ['term' => $term->toExpression()]),
            why: Message::of(match (true) {
                $term->monomial->degree === 0 => "$words.why-number",
                $term->coefficient->isNegative() => "$words.why-minus",
                $term->coefficient->isOne() => "$words.why-power",
                default => "$words.why",
            }),
            lines: [Line::side($power, new Marked($accepted, Mark::written()))],
            figure: $figure,
            question: Question::form(
                Message::of('special.ask-square', ['term' => $term->toExpression()]),
                new Identity($power, $accepted),
                $accepted,
            ),
        );
    }

    private function double(Stage $stage, Term $first, Term $second, bool $minus, GridFigure $figure): Step
    {
        $product = $first->times($second);
        $doubled = new Term($product->coefficient->times(Rational::of(2)), $product->monomial);
        $asked = Product::apart([Numeral::of(2), $first->toExpression(), $second->toExpression()]);
        $accepted = $doubled->toExpression();

        return new Step(
            id: $stage->id('double-product'),
            title: Message::of('special.double.title'),
            why: Message::of($minus ? 'special.double.why-minus' : 'special.double.why', [
                'product' => $product->toExpression(),
            ]),
            lines: [Line::side($asked, new Marked($accepted, Mark::written()))],
            figure: $figure,
            question: Question::form(Message::of('special.double.ask', [
                'first' => $first->toExpression(),
                'second' => $second->toExpression(),
            ]), new Identity($asked, $accepted), $accepted),
        );
    }

    private function cancelling(Stage $stage, Term $first, Term $second, GridFigure $figure): Step
    {
        $product = $first->times($second)->toExpression();
        $opposite = $first->times($second)->negated()->toExpression();
        $line = Line::side(Sum::of([
            new Marked($opposite, Mark::cancels()),
            new Marked($product, Mark::cancels()),
        ]), Numeral::of(0));

        return new Step(
            id: $stage->id('cancelling'),
            title: Message::of('special.cancelling.title'),
            why: Message::of('special.cancelling.why'),
            lines: [$line],
            figure: $figure,
            question: Question::about($line, Message::of('special.cancelling.ask', [
                'sum' => Sum::of([$opposite, $product]),
            ])),
        );
    }
}
