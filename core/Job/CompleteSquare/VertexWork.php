<?php

declare(strict_types=1);

namespace Runel\Job\CompleteSquare;

use Runel\Algebra\SquareRoot;
use Runel\Demonstration\Answer\VertexAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Figure\CurveFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\Rewrite;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\HalfSquared;
use Runel\Style\HouseStyle;
use Runel\Style\SquareOrder;
use Runel\Style\SquareShown;
use Runel\Working\Arithmetic;
use Runel\Working\FractionWork;
use Runel\Working\Quadratic\HalfSquare;
use Runel\Working\Quadratic\PerfectSquare;

/** The steps from ax² + bx + c to a(x + h)² + k. */
final readonly class VertexWork
{
    private Letter $x;
    private Rational $p;
    private Rational $half;
    private Rational $square;

    public function __construct(
        private string $letter,
        private ?Letter $name,
        private Rational $a,
        private Rational $b,
        private Rational $c,
        private HouseStyle $style,
    ) {
        $this->x = new Letter($letter);
        $this->p = $b->dividedBy($a);
        $this->half = $this->p->dividedBy(Rational::of(2));
        $this->square = $this->half->times($this->half);
    }

    /** A line of the whole, after its name where it has one. */
    public function line(Expression $whole, bool $result = false): Line
    {
        if ($this->name === null) {
            return $result ? Line::result($whole) : Line::equal($whole);
        }
        $equation = new Equation($this->name, $whole);

        return $result ? Line::result($equation, new Rewrite()) : Line::equivalent($equation, new Rewrite());
    }

    public function standard(): Expression
    {
        return Polynomial::ofCoefficients($this->letter, [$this->a, $this->b, $this->c])->toExpression();
    }

    public function answer(): VertexAnswer
    {
        return new VertexAnswer(
            $this->form(),
            $this->name,
            $this->x,
            Numeral::of($this->half->negated()),
            Numeral::of($this->value()),
            !$this->a->isNegative(),
        );
    }

    /** Whether it is vertex form as it stands: the letter stands once, in a square. */
    public function stands(Expression $given): bool
    {
        return $given->equals($this->form());
    }

    /** @return non-empty-list<Step> */
    public function completing(): array
    {
        $steps = [];
        $monic = Polynomial::ofCoefficients($this->letter, [Rational::one(), $this->p, Rational::zero()]);
        if (!$this->a->isOne()) {
            $steps[] = new Step(
                id: 'factor-out',
                title: Message::of('quadratic.vertex.out.title', ['a' => Numeral::of($this->a)]),
                why: $this->name !== null && $this->style->get(SquareOrder::class) === SquareOrder::AllTerms
                    ? Message::of('quadratic.vertex.out.why-named', [
                        'name' => $this->name,
                        'a' => Numeral::of($this->a),
                    ])
                    : Message::of('quadratic.vertex.out.why', ['a' => Numeral::of($this->a)]),
                lines: [$this->line($this->withNumber($this->inFront($monic->toExpression())))],
                watch: Slip::FunctionDivided,
            );
        }
        $steps[] = $this->halved();
        $square = $this->squareWritten();
        $terms = $monic->expressions();
        $steps[] = new Step(
            id: 'add',
            title: Message::of('quadratic.vertex.add.title'),
            why: Message::of(
                $this->a->isOne() ? 'quadratic.vertex.add.why-alone' : 'quadratic.vertex.add.why',
                ['square' => $square],
            ),
            lines: [$this->line($this->withNumber($this->inFront(Sum::of([
                ...$terms,
                new Marked($square, Mark::written()),
                new Negative(new Marked($square, Mark::written())),
            ]))))],
        );
        $found = new PerfectSquare(
            $this->x,
            $this->half,
            fn(Expression $inFor): Line => $this->line($this->withNumber($this->inFront(Sum::of([
                $inFor,
                new Negative($square),
            ]))), $inFor instanceof Power && $this->a->isOne() && $this->c->isZero() && !$this->keepsSquare()),
            null,
        );

        return [...$steps, ...$found->steps($this->style->get(SquareShown::class))];
    }

    /** @return non-empty-list<Step> */
    public function finishing(): array
    {
        $steps = [];
        $inside = $this->a->times($this->square);
        $collects = !$this->c->isZero();
        $worked = $this->keepsSquare()
            ? [Line::side($this->squareWritten(), Numeral::of($this->square))]
            : [];
        if ($worked !== [] && $this->a->isOne() && !$collects) {
            $steps[] = new Step(
                id: 'square-worked',
                title: Message::of('quadratic.vertex.worked.title'),
                why: Message::of('quadratic.vertex.collect.why'),
                lines: [...$worked, $this->line($this->form(), true)],
            );
        }
        if (!$this->a->isOne()) {
            $steps[] = new Step(
                id: 'release',
                title: Message::of('quadratic.vertex.release.title', ['a' => Numeral::of($this->a)]),
                why: Message::of('quadratic.vertex.release.why', ['a' => Numeral::of($this->a)]),
                lines: [
                    ...$worked,
                    Line::side(
                        Product::apart([Numeral::of($this->a), Numeral::of($this->square->negated())]),
                        Numeral::of($inside->negated()),
                    ),
                    $this->line($this->released(), $this->c->isZero()),
                ],
                watch: Slip::OuterFactorForgotten,
            );
        }
        $common = FractionWork::toCommonDenominator([
            Term::constant($inside->negated()),
            Term::constant($this->c),
        ]);
        $sum = Sum::of([Numeral::of($inside->negated()), Numeral::of($this->c)]);
        $value = Numeral::of($this->value());
        if ($collects) {
            $steps[] = new Step(
                id: 'collect',
                title: Message::of('quadratic.vertex.collect.title'),
                why: Message::of('quadratic.vertex.collect.why'),
                lines: [
                    ...($this->a->isOne() ? $worked : []),
                    ...FractionWork::chain($sum, $common, $value),
                    $this->line($this->form(), true),
                ],
                question: Question::form(
                    Message::of('product.collect.ask', ['sum' => $sum]),
                    new Identity($sum, $value),
                    $value,
                ),
            );
        }
        $steps[] = $this->readOff([]);

        return $steps;
    }

    /** @param list<Line> $lines what is written with it */
    public function readOff(array $lines): Step
    {
        $value = Numeral::of($this->value());

        return new Step(
            id: 'read-off',
            title: Message::of('quadratic.vertex.read-off.title'),
            why: Message::of(
                $this->a->isNegative()
                    ? 'quadratic.vertex.read-off.why-greatest'
                    : 'quadratic.vertex.read-off.why-least',
                [
                    'letter' => $this->x,
                    'place' => Numeral::of($this->half->negated()),
                    'value' => $value,
                ],
            ),
            figure: new CurveFigure(
                $this->letter,
                $this->standard(),
                Numeral::of($this->half->negated()),
                $value,
                Numeral::of($this->c),
                $this->roots(),
            ),
            watch: $this->half->isZero() ? null : Slip::SignNotTurned,
            lines: $lines,
        );
    }

    /** @return non-empty-list<Check> */
    public function checks(Expression $given): array
    {
        $place = Numeral::of($this->half->negated());
        $base = Polynomial::fromExpression($this->base());
        $lines = $this->b->isZero() ? [] : [
            Line::side($this->squared(), $base->times($base)->toExpression()),
        ];
        if (!$this->form()->equals($this->standard()) && !$this->form()->equals($this->squared())) {
            $lines[] = Line::side($this->form(), $this->standard());
        }

        if ($lines === [] && $this->half->isZero()) {
            // At 0 every number before the letter would count for nothing.
            return [new Check(
                kind: CheckKind::Substitution,
                title: Message::of('check.solution.title', ['letter' => $this->x, 'value' => Numeral::of(2)]),
                why: Message::of(
                    $this->a->isNegative() ? 'quadratic.vertex.check-below' : 'quadratic.vertex.check-above',
                    ['value' => Numeral::of($this->value())],
                ),
                lines: Arithmetic::lines(Substitution::into($given, $this->letter, Numeral::of(2))),
                holds: true,
            )];
        }
        $atPlace = new Check(
            kind: CheckKind::Substitution,
            title: Message::of('check.solution.title', ['letter' => $this->x, 'value' => $place]),
            why: Message::of('quadratic.vertex.check', ['value' => Numeral::of($this->value())]),
            lines: Arithmetic::lines(Substitution::into($given, $this->letter, $place)),
            holds: true,
        );
        if ($lines === []) {
            return [$atPlace];
        }
        $expanded = new Check(
            kind: CheckKind::Expanded,
            title: Message::of('quadratic.check.expanded'),
            why: Message::of('quadratic.check.expanded-why'),
            lines: $lines,
            holds: true,
        );
        if ($this->half->isZero()) {
            // At 0 every number before the letter would count for nothing.
            return [$expanded];
        }

        return [$expanded, $atPlace];
    }

    private function halved(): Step
    {
        $half = Numeral::of($this->half);
        $halving = new Quotient(Numeral::of($this->p), Numeral::of(2));
        $squaring = new Power($half, Numeral::of(2));
        $square = Numeral::of($this->square);
        $lines = $halving->equals($half) ? [] : [Line::side($halving, $half)];

        return new Step(
            id: 'half',
            title: Message::of('quadratic.vertex.half.title'),
            why: Message::of('quadratic.half.why', ['middle' => Numeral::of($this->p)]),
            lines: [...$lines, Line::side($squaring, new Marked($square, Mark::written()))],
            question: Question::form(
                Message::of('quadratic.half.ask', ['middle' => Numeral::of($this->p)]),
                new Identity($squaring, $square),
                $square,
            ),
            watch: Slip::HalfNotSquared,
        );
    }

    /** Whether the half stays a square until the numbers are worked out. */
    private function keepsSquare(): bool
    {
        return $this->style->get(HalfSquared::class) !== HalfSquared::Evaluate;
    }

    private function squareWritten(): Expression
    {
        return HalfSquare::written($this->half, $this->style->get(HalfSquared::class));
    }

    /** @return list<Expression> where the value is 0 */
    private function roots(): array
    {
        $square = $this->value()->negated()->dividedBy($this->a);
        if ($square->isZero()) {
            return [Numeral::of($this->half->negated())];
        }
        $root = $square->isNegative() ? null : SquareRoot::of($square);
        if ($root === null) {
            return [];
        }
        $number = $this->half->negated();

        return $root->isRational()
            ? [Numeral::of($number->plus($root->coefficient)), Numeral::of($number->minus($root->coefficient))]
            : [$root->beside($number, false, true), $root->beside($number, true, true)];
    }

    private function value(): Rational
    {
        return $this->c->minus($this->a->times($this->square));
    }

    private function base(): Expression
    {
        return Polynomial::ofCoefficients($this->letter, [Rational::one(), $this->half])->toExpression();
    }

    private function squared(): Expression
    {
        return new Power($this->base(), Numeral::of(2));
    }

    private function form(): Expression
    {
        $square = $this->times($this->squared());

        return $this->value()->isZero() ? $square : Sum::of([$square, Numeral::of($this->value())]);
    }

    private function released(): Expression
    {
        $inside = $this->a->times($this->square);

        return $this->withNumber($this->times($this->squared()), Numeral::of($inside->negated()));
    }

    private function times(Expression $square): Expression
    {
        $written = Product::withFront(Numeral::of($this->a->absolute()), $square);

        return $written->signed($this->a->isNegative());
    }

    private function inFront(Expression $inside): Expression
    {
        return $this->a->isOne() ? $inside : $this->times($inside);
    }

    private function withNumber(Expression ...$terms): Expression
    {
        $number = $this->c->isZero() ? [] : [Numeral::of($this->c)];
        $all = [];
        foreach ([...array_values($terms), ...$number] as $term) {
            array_push($all, ...$term->terms());
        }

        return Sum::of($all);
    }
}
