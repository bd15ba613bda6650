<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\GroupedSquare;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Working\Outer;

/** Three terms that are the square of a sum, more of that sum, and perhaps a number: x² + 2xy + y² + 3x + 3y + 2. */
final readonly class SquareAndMore
{
    /**
     * @param Power                     $square the sum, squared
     * @param Expression                $three  what it is multiplied out
     * @param Polynomial                $more   so many times the sum
     * @param Polynomial                $sum    what is squared
     * @param Rational                  $times  how many times it stands there beside its square
     * @param Rational                  $number what stands alone
     * @param array{Rational, Rational} $pair   their product is the number, their sum the times
     */
    private function __construct(
        private Power $square,
        private Expression $three,
        private Polynomial $more,
        private Polynomial $sum,
        private Rational $times,
        private Rational $number,
        private array $pair,
    ) {}

    /** Null of anything else. */
    public static function of(Polynomial $whole): ?self
    {
        $number = Rational::zero();
        $others = [];
        foreach ($whole->terms as $term) {
            $term->monomial->exponents === [] ? $number = $term->coefficient : $others[] = $term;
        }
        if (\count($others) !== 5) {
            return null;
        }
        $three = array_values(array_filter($others, static fn(Term $term): bool => $term->monomial->degree > 1));
        $square = \count($three) === 3 ? GroupedSquare::square($three) : null;
        if ($square === null) {
            return null;
        }
        $sum = Polynomial::fromExpression($square[1]->base);
        $more = Polynomial::ofTerms(array_values(array_filter(
            $others,
            static fn(Term $term): bool => $term->monomial->degree === 1,
        )));
        $like = array_values(array_filter(
            $more->terms,
            static fn(Term $term): bool => $term->monomial->key === $sum->terms[0]->monomial->key,
        ));
        $times = $like === [] ? null : $like[0]->coefficient->dividedBy($sum->terms[0]->coefficient);
        if ($times === null || !$sum->scaledBy($times)->equals($more)) {
            return null;
        }
        $root = $times->times($times)->minus($number->times(Rational::of(4)))->squareRoot();
        if ($root === null) {
            return null;
        }
        $half = Rational::fraction(1, 2);
        $pair = [$times->minus($root)->times($half), $times->plus($root)->times($half)];

        return $pair[0]->isInteger() && $pair[1]->isInteger()
            ? new self($square[1], Term::sum($square[0]), $more, $sum, $times, $number, $pair)
            : null;
    }

    public function seen(Outer $outer): SeenStructure
    {
        $base = $this->square->base;
        $written = Sum::of([
            $this->square,
            $this->term($this->times, $base),
            ...($this->number->isZero() ? [] : [Numeral::of($this->number)]),
        ]);
        $factors = array_map(
            fn(Rational $number): Polynomial => $this->sum->plus(Polynomial::constant($number)),
            $this->pair,
        );
        $beside = array_map(static fn(Rational $number): Expression => $number->isZero()
            ? $base
            : Sum::of([$base, Numeral::of($number)]), $this->pair);
        $tidy = array_map(static fn(Polynomial $factor): Expression => $factor->toExpression(), $factors);
        $accepted = Product::of($tidy);
        $words = ['sum' => $base];

        return new SeenStructure(
            [new Section(Phase::Writing, [
                new Step(
                    id: 'square',
                    title: Message::of('structure.more.title', $words),
                    why: Message::of('structure.more.why', $words),
                    lines: [
                        Line::side($this->three, $this->square),
                        Line::side($this->more->toExpression(), $this->term($this->times, $base)),
                        $outer->line($written),
                    ],
                ),
                new Step(
                    id: 'factors',
                    title: Message::of(
                        $this->number->isZero() ? 'factor.common-bracket.title' : 'structure.more.pair',
                        $this->number->isZero() ? ['bracket' => $base] : $words,
                    ),
                    why: $this->number->isZero()
                        ? Message::of('structure.bracket.why', ['bracket' => $base])
                        : Message::of('structure.more.pair-why', [
                            'product' => Numeral::of($this->number),
                            'total' => Numeral::of($this->times),
                            'one' => Numeral::of($this->pair[0]),
                            'other' => Numeral::of($this->pair[1]),
                        ]),
                    lines: [$outer->line(...$beside), $outer->line(...$tidy)],
                    question: Question::form(
                        Message::of('factor.common-bracket.ask'),
                        new Identity($written, $accepted),
                        $accepted,
                    ),
                ),
            ])],
            $factors,
            Message::of('structure.more.advice'),
        );
    }

    /** So many times the sum. */
    private function term(Rational $times, Expression $base): Expression
    {
        $size = Product::withFront(Numeral::of($times->absolute()), $base);

        return $size->signed($times->isNegative());
    }
}
