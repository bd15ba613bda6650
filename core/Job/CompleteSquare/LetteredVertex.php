<?php

declare(strict_types=1);

namespace Runel\Job\CompleteSquare;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\BookShape;
use Runel\Algebra\LetteredQuadratic;
use Runel\Demonstration\Answer\VertexAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
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
use Runel\Expression\Sum;
use Runel\Law\Move\Rewrite;
use Runel\Message\Message;
use Runel\Slip\Slip;
use Runel\Working\Quadratic\LetteredHalf;
use Runel\Working\Quadratic\LetteredReading;

/** From ax² + bx + c to a(x + b/(2a))² + k, where letters stand for numbers: the steps that numbers take. */
final readonly class LetteredVertex
{
    private Letter $x;
    private LetteredHalf $parts;
    private Expression $square;
    private AlgebraicFraction $value;

    public function __construct(
        private LetteredQuadratic $quadratic,
        private Expression|Equation $given,
        private ?Letter $name,
    ) {
        $this->x = new Letter($quadratic->letter);
        $this->parts = new LetteredHalf($quadratic);
        $this->square = $this->parts->square->toExpression();
        $this->value = AlgebraicFraction::whole($quadratic->c)->plus($this->released())->reduced();
    }

    /** @return non-empty-list<Section> */
    public function sections(): array
    {
        $read = new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: Message::of('quadratic.letters.why-vertex', ['letter' => $this->x]),
            lines: [Line::given($this->given)],
        );

        return [
            new Section(Phase::Reading, [$read, ...$this->ordered()]),
            new Section(Phase::Completing, [
                ...$this->takenOut(),
                $this->parts->halved(),
                $this->added(),
                $this->parts->found(fn(Expression $square): Line => $this->line(
                    $this->withRest($this->inFront(Sum::of([$square, new Negative($this->square)]))),
                    $this->isMonic() && !$this->isCollected(),
                )),
            ]),
            new Section(Phase::Finishing, [...$this->finished(), $this->readOff()]),
        ];
    }

    public function answer(): VertexAnswer
    {
        $a = $this->quadratic->a->value();

        return new VertexAnswer(
            $this->form(),
            $this->name,
            $this->x,
            $this->parts->half->negated()->toExpression(),
            $this->value(),
            $a === null ? null : !$a->isNegative(),
        );
    }

    public function check(): Check
    {
        $squared = new Power($this->parts->base(), Numeral::of(2));
        $opened = Sum::of([...$this->parts->terms(), $this->square]);
        $form = $this->form();

        return new Check(
            kind: CheckKind::Expanded,
            title: Message::of('quadratic.check.expanded'),
            why: Message::of('quadratic.check.expanded-why'),
            lines: [
                Line::side($squared, $opened),
                ...($form->equals($squared) ? [] : [Line::side($form, $this->standard())]),
            ],
            holds: true,
        );
    }

    private function isMonic(): bool
    {
        return $this->quadratic->a->value()?->isOne() === true;
    }

    /** −a(b/(2a))². */
    private function released(): AlgebraicFraction
    {
        return AlgebraicFraction::whole($this->quadratic->a->negated())->times($this->parts->square)->reduced();
    }

    private function standard(): Expression
    {
        return Sum::of(LetteredReading::terms($this->quadratic, $this->quadratic->left));
    }

    /** @return list<Step> by the powers of the letter; none where it stands so */
    private function ordered(): array
    {
        $given = $this->given instanceof Equation ? $this->given->right : $this->given;

        return $given->equals($this->standard()) ? [] : [new Step(
            id: 'standard-form',
            title: Message::of('quadratic.letters.ordered.title', ['letter' => $this->x]),
            why: Message::of('quadratic.letters.ordered.why', ['letter' => $this->x]),
            lines: [$this->line($this->standard())],
        )];
    }

    /** @return list<Step> */
    private function takenOut(): array
    {
        $a = LetteredReading::plusFirst($this->quadratic->a);

        return $this->isMonic() ? [] : [new Step(
            id: 'factor-out',
            title: Message::of('quadratic.vertex.out.title', ['a' => $a]),
            why: Message::of('quadratic.vertex.out.why', ['a' => $a]),
            lines: [$this->line($this->withRest($this->inFront(Sum::of($this->parts->terms()))))],
            watch: Slip::FunctionDivided,
        )];
    }

    private function added(): Step
    {
        return new Step(
            id: 'add',
            title: Message::of('quadratic.vertex.add.title'),
            why: Message::of(
                $this->isMonic() ? 'quadratic.vertex.add.why-alone' : 'quadratic.vertex.add.why',
                ['square' => $this->square],
            ),
            lines: [$this->line($this->withRest($this->inFront(Sum::of([
                ...$this->parts->terms(),
                new Marked($this->square, Mark::written()),
                new Negative(new Marked($this->square, Mark::written())),
            ]))))],
        );
    }

    /** @return list<Step> what was taken away outside, and what stands beside the square as one */
    private function finished(): array
    {
        $a = LetteredReading::plusFirst($this->quadratic->a);
        $released = $this->released()->toExpression();
        $steps = $this->isMonic() ? [] : [new Step(
            id: 'release',
            title: Message::of('quadratic.vertex.release.title', ['a' => $a]),
            why: Message::of('quadratic.vertex.release.why', ['a' => $a]),
            lines: [
                Line::side(Product::apart([$a, new Negative($this->square)]), $released),
                $this->line($this->withRest(Sum::of([$this->times(), ...$released->terms()])), $this->form()->equals(
                    $this->withRest(Sum::of([$this->times(), ...$released->terms()])),
                )),
            ],
            watch: Slip::OuterFactorForgotten,
        )];
        return !$this->isCollected() ? $steps : [...$steps, new Step(
            id: 'collect',
            title: Message::of('quadratic.letters.collect.title'),
            why: Message::of('quadratic.letters.collect.why', ['letter' => $this->x]),
            lines: [Line::side($this->rest(), $this->value()), $this->line($this->form(), true)],
        )];
    }

    private function readOff(): Step
    {
        $a = $this->quadratic->a->value();

        return new Step(
            id: 'read-off',
            title: Message::of('quadratic.vertex.read-off.title'),
            why: Message::of(match (true) {
                $a === null => 'quadratic.letters.read-off',
                $a->isNegative() => 'quadratic.vertex.read-off.why-greatest',
                default => 'quadratic.vertex.read-off.why-least',
            }, [
                'letter' => $this->x,
                'place' => $this->parts->half->negated()->toExpression(),
                'value' => $this->value(),
                ...($a === null ? ['a' => $this->quadratic->a->toExpression()] : []),
            ]),
            watch: Slip::SignNotTurned,
        );
    }

    /** a(x + b/(2a))² + k. */
    private function form(): Expression
    {
        $value = $this->isCollected() ? $this->value() : $this->rest();

        return $value->isZero() ? $this->times() : Sum::of([$this->times(), ...$value->terms()]);
    }

    /** What stands beside the square, as it comes about. */
    private function rest(): Expression
    {
        return $this->withRest($this->isMonic() ? new Negative($this->square) : $this->released()->toExpression());
    }

    /** Whether like terms meet there. */
    private function isCollected(): bool
    {
        return \count($this->value->top->terms) < \count($this->rest()->terms());
    }

    /** What the whole comes to where the square is 0. */
    private function value(): Expression
    {
        return $this->isCollected() ? $this->value->toExpression() : BookShape::ordered($this->rest());
    }

    private function times(): Expression
    {
        return $this->inFront(new Power($this->parts->base(), Numeral::of(2)));
    }

    private function inFront(Expression $inside): Expression
    {
        return LetteredReading::term($this->quadratic->a, $inside)[0];
    }

    private function withRest(Expression $whole): Expression
    {
        $c = $this->quadratic->c;

        return Sum::of([...$whole->terms(), ...($c->isZero() ? [] : LetteredReading::plusFirst($c)->terms())]);
    }

    /** A line of the whole, after its name where it has one. */
    private function line(Expression $whole, bool $isResult = false): Line
    {
        if ($this->name === null) {
            return $isResult ? Line::result($whole) : Line::equal($whole);
        }
        $equation = new Equation($this->name, $whole);

        return $isResult ? Line::result($equation, new Rewrite()) : Line::equivalent($equation, new Rewrite());
    }
}
