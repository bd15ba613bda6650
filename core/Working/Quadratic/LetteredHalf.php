<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\LetteredQuadratic;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;

/** Half of the middle and its square, where letters stand for numbers: x² + px + (p/2)² = (x + p/2)². */
final readonly class LetteredHalf
{
    /** What the letter is multiplied by once its square is not. */
    public AlgebraicFraction $middle;
    public AlgebraicFraction $half;
    public AlgebraicFraction $square;
    private Letter $x;

    public function __construct(LetteredQuadratic $quadratic)
    {
        $whole = AlgebraicFraction::whole(...);
        $this->x = new Letter($quadratic->letter);
        $this->middle = $whole($quadratic->b)->dividedBy($whole($quadratic->a))->reduced();
        $this->half = $this->middle->dividedBy($whole(Polynomial::constant(2)))->reduced();
        $this->square = $this->half->times($this->half)->reduced();
    }

    /** Half of the middle, squared. */
    public function halved(): Step
    {
        $middle = $this->middle->toExpression();
        $half = $this->half->toExpression();
        $squaring = new Power($half, Numeral::of(2));
        $square = $this->square->toExpression();
        $halving = new Quotient($middle, Numeral::of(2));

        return new Step(
            id: 'half',
            title: Message::of('quadratic.half.title'),
            why: Message::of('quadratic.half.why', ['middle' => $middle]),
            lines: [
                ...($halving->equals($half) ? [] : [Line::side($halving, $half)]),
                ...($squaring->equals($square) ? [] : [Line::side($squaring, new Marked($square, Mark::written()))]),
            ],
            question: Question::expression(
                Message::of('quadratic.half.ask', ['middle' => $middle]),
                new Identity($squaring, $square),
                $square,
            ),
            watch: Slip::HalfNotSquared,
        );
    }

    /**
     * The perfect square.
     *
     * @param \Closure(Expression): Line $line the line with it
     */
    public function found(\Closure $line): Step
    {
        $half = $this->half->toExpression();
        $isMinus = $half instanceof Negative;
        $trinomial = Sum::of([...$this->terms(), $this->square->toExpression()]);

        return new Step(
            id: 'square',
            title: Message::of('quadratic.square.title'),
            why: Message::of($isMinus ? 'quadratic.square.why-minus' : 'quadratic.square.why', [
                'letter' => $this->x,
                'half' => $isMinus ? $half->operand : $half,
            ]),
            lines: [$line(new Power($this->base(), Numeral::of(2)))],
            question: Question::factoring(
                Message::of('quadratic.square.ask', ['trinomial' => $trinomial]),
                [new Identity($trinomial, new Power($this->base(), Numeral::of(2)))],
            ),
        );
    }

    /** The square of the letter. */
    public function power(): Expression
    {
        return new Power($this->x, Numeral::of(2));
    }

    /** x + p/2. */
    public function base(): Expression
    {
        $half = $this->half->toExpression();

        return Sum::of([$this->x, ...$half->terms()]);
    }

    /** @return list<Expression> x² and px */
    public function terms(): array
    {
        if ($this->middle->bottom->isOne()) {
            return [$this->power(), ...LetteredReading::term($this->middle->top, $this->x)];
        }
        $bare = $this->middle->toExpression();
        $isMinus = $bare instanceof Negative;
        $size = $isMinus ? $bare->operand : $bare;
        $term = Product::withFront($size, $this->x);

        return [$this->power(), $term->signed($isMinus)];
    }
}
