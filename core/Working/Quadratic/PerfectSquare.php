<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\RingedSquareFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Style\SquareShown;

/** The trinomial x² + 2hx + h² found again as the square (x + h)², as a house shows it. */
final readonly class PerfectSquare
{
    /**
     * @param Rational                   $half  h, not 0
     * @param \Closure(Expression): Line $line  the whole, with something that equals the trinomial in its place
     * @param Figure|null                $aside a picture of the square, on demand
     */
    public function __construct(
        private Letter $x,
        private Rational $half,
        private \Closure $line,
        private ?Figure $aside,
    ) {}

    /** @return non-empty-list<Step> */
    public function steps(SquareShown $shown): array
    {
        return match ($shown) {
            SquareShown::AtOnce => [$this->bracket(
                Message::of($this->half->isNegative() ? 'quadratic.square.why-minus' : 'quadratic.square.why', [
                    'letter' => $this->x,
                    'half' => Numeral::of($this->half->absolute()),
                ]),
            )],
            SquareShown::Factored => [$this->factored(), $this->bracket(Message::of('quadratic.square.why-twice'))],
            SquareShown::Ringed => [...$this->ringed(), $this->bracket(Message::of('quadratic.square.why-ringed'))],
        };
    }

    /** @return non-empty-list<Step> the three things that make the bracket, ringed one after another */
    private function ringed(): array
    {
        $figure = RingedSquareFigure::of($this->x, $this->half);
        $steps = [];
        foreach (['root', 'sign', 'half'] as $part) {
            $figure = $figure->next();
            $minus = $part === 'sign' && $this->half->isNegative() ? '-minus' : '';
            $steps[] = new Step(
                id: "ring-$part",
                title: Message::of("quadratic.ring.title-$part$minus"),
                why: Message::of("quadratic.ring.why-$part$minus", [
                    'letter' => $this->x,
                    'half' => Numeral::of($this->half->absolute()),
                    'middle' => Numeral::of($this->middle()->absolute()),
                ]),
                figure: $figure,
            );
        }

        return $steps;
    }

    /** Two equal brackets, looked up by their product and their sum. */
    private function factored(): Step
    {
        $base = $this->base();
        $half = Numeral::of($this->half);
        $square = Numeral::of($this->half->times($this->half));
        $trinomial = $this->trinomial();

        return new Step(
            id: 'factored',
            title: Message::of('quadratic.factored.title'),
            why: Message::of('quadratic.factored.why', [
                'square' => $square,
                'middle' => Numeral::of($this->middle()),
                'half' => $half,
            ]),
            lines: [
                Line::side(Product::apart([$half, $half]), $square),
                Line::side(Sum::of([$half, $half]), Numeral::of($this->middle())),
                ($this->line)(Product::of([$base, $base])),
            ],
            question: Question::factoring(
                Message::of('quadratic.factored.ask', ['trinomial' => $trinomial]),
                [new Identity($trinomial, Product::of([$base, $base]))],
            ),
        );
    }

    /** The perfect square, by construction: root of the first term, sign of the middle, the half. */
    private function bracket(Message $why): Step
    {
        $base = $this->base();
        $lit = Sum::of(array_map(
            static fn(Expression $term): Expression => new Marked($term, Mark::written()),
            $base->terms(),
        ));
        $trinomial = $this->trinomial();

        return new Step(
            id: 'square',
            title: Message::of('quadratic.square.title'),
            why: $why,
            lines: [($this->line)(new Power($lit, Numeral::of(2)))],
            question: Question::factoring(
                Message::of('quadratic.square.ask', ['trinomial' => $trinomial]),
                [new Identity($trinomial, new Power($base, Numeral::of(2)))],
            ),
            aside: $this->aside,
        );
    }

    private function middle(): Rational
    {
        return $this->half->times(Rational::of(2));
    }

    private function base(): Expression
    {
        return Polynomial::ofCoefficients($this->x->name, [Rational::one(), $this->half])->toExpression();
    }

    private function trinomial(): Expression
    {
        return Polynomial::ofCoefficients($this->x->name, [
            Rational::one(),
            $this->middle(),
            $this->half->times($this->half),
        ])->toExpression();
    }
}
