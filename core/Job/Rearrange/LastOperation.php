<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Algebra\BookShape;
use Runel\Algebra\Sides;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\FractionalPower;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Working\RaisedSides;

/** What was done last to the side that holds the letter, undone. */
final class LastOperation
{
    /** @var list<Expression> */
    private array $results = [];
    private ?Equation $from = null;

    public function __construct(private readonly FormulaSheet $sheet) {}

    /** @return list<Expression> what the letter equals, where a root has forked into all of it */
    public function results(): array
    {
        return $this->results;
    }

    /** The line from which every step can be turned round, where squaring came before it. */
    public function from(): ?Equation
    {
        return $this->from;
    }

    public function undo(): void
    {
        $own = $this->sheet->own();
        match (true) {
            $own instanceof Sum => $this->undoSum($own),
            $own instanceof Negative => $this->undoNegative($own),
            $own instanceof Product => $this->undoProduct($own),
            $own instanceof Quotient => $this->undoQuotient($own),
            $own instanceof Power => $this->undoPower($own),
            $own instanceof Root => $this->undoRoot($own),
            default => $this->sheet->refuse('form'),
        };
    }

    private function undoSum(Sum $own): void
    {
        $taken = array_values(array_filter(
            $own->terms,
            fn(Expression $term): bool => !Letters::holds($term, $this->sheet->subject),
        ));
        $left = array_values(array_filter(
            $own->terms,
            fn(Expression $term): bool => Letters::holds($term, $this->sheet->subject),
        ));
        // One thing a line: each term that is in the way goes by itself.
        foreach ($taken as $place => $term) {
            $rest = array_values(array_filter(
                $own->terms,
                static fn(Expression $one): bool => !\in_array($one, \array_slice($taken, 0, $place + 1), true),
            ));
            $this->sheet->move(
                [$term],
                Sum::of($rest === [] ? $left : $rest),
                Sides::minus($this->sheet->other(), [$term]),
            );
        }
    }

    private function undoNegative(Negative $own): void
    {
        $this->sheet->stands($own->operand, $this->opposite($this->sheet->other()));
        $this->sheet->say('turn', [], [Line::equivalent(
            $this->sheet->line(),
            new ToBothSides(Operation::Multiply, Numeral::of(-1)),
        )]);
    }

    private function opposite(Expression $side): Expression
    {
        return $side instanceof Sum
            ? BookShape::ordered(Sum::of(array_map(
                static fn(Expression $term): Expression => $term->negated(),
                $side->terms,
            )))
            : $side->negated();
    }

    private function undoProduct(Product $own): void
    {
        $held = [];
        $away = [];
        $fraction = null;
        foreach ($own->factors as $factor) {
            $number = Polynomial::number($factor);
            if (Letters::holds($factor, $this->sheet->subject)) {
                $held[] = $factor;
            } elseif ($number !== null && !$number->isInteger() && !$number->isDecimal()) {
                $fraction = $number;
            } else {
                $away[] = $factor;
            }
        }
        if ($fraction !== null) {
            $rest = array_values(array_filter(
                $own->factors,
                static fn(Expression $factor): bool => Polynomial::number($factor)?->equals($fraction) !== true,
            ));
            $this->sheet->multiply(Numeral::of($fraction->reciprocal()), Product::of($rest));
        } elseif (Polynomial::number(Sides::product($away))?->negated()->isOne() === true) {
            $this->undoNegative(new Negative(Product::of($held)));
        } else {
            $this->sheet->divide(Sides::product($away), Product::of($held));
        }
    }

    private function undoQuotient(Quotient $own): void
    {
        $inside = Letters::holds($own->numerator, $this->sheet->subject);
        if ($inside && Letters::holds($own->denominator, $this->sheet->subject)) {
            $this->sheet->refuse('form');

            return;
        }
        if ($inside) {
            $this->sheet->multiply($own->denominator, $own->numerator);

            return;
        }
        // The letter stands below: both sides times the denominator, then it stands on the other side.
        $below = $own->denominator;
        $this->sheet->multiply($below, $own->numerator);
        $this->sheet->swap();
    }

    private function undoPower(Power $own): void
    {
        $rooted = FractionalPower::rooted($own);
        if ($rooted !== null) {
            $this->sheet->stands($rooted, $this->sheet->other());
            $this->sheet->say('as-root', [], [Line::equivalent($this->sheet->line(), new Rewrite())]);

            return;
        }
        $other = $this->sheet->other();
        $exponent = Polynomial::number($own->exponent)?->toInt();
        if ($exponent !== null && $exponent > 2 && $exponent % 2 === 1 && !Polynomial::vanishes($other)) {
            $this->oddRoot($own, $exponent);

            return;
        }
        if ($exponent !== 2) {
            $this->sheet->refuse('power');

            return;
        }
        if (Polynomial::vanishes($other)) {
            $this->sheet->stands($own->base, Numeral::of(0));
            $this->sheet->say('root-zero', [], [
                Line::equivalent($this->sheet->line(), new RootBothSides()),
            ]);

            return;
        }
        $whole = Sides::squareRoot($other);
        $root = $whole ?? Sides::rootInPart($other) ?? new Root($other);
        $both = [new Equation($own->base, $root), new Equation($own->base, new Negative($root))];
        $isNumber = $whole !== null && Letters::of($whole) === [];
        $isAlone = $own->base instanceof Letter;
        $this->sheet->add(new Step(
            id: 'root',
            title: Message::of('rearrange.root.title'),
            why: Message::of($this->sheet->isOnlyLetter() ? 'rearrange.root.why-both' : 'rearrange.root.why', [
                'letter' => new Letter($this->sheet->subject),
            ]),
            lines: [
                ...($isNumber ? [Line::side(new Root($other), $whole)] : []),
                $isAlone
                    ? Line::result(new Alternatives($both), new RootBothSides())
                    : Line::equivalent(new Alternatives($both), new RootBothSides()),
            ],
            watch: Slip::PlusMinusForgotten,
        ));
        if ($isAlone) {
            $this->results = [$root, new Negative($root)];
        } else {
            $this->fork($both);
        }
    }

    /** Of an odd exponent there is one root, with the sign of what it is taken of. */
    private function oddRoot(Power $own, int $index): void
    {
        $this->sheet->stands($own->base, new Root($this->sheet->other(), $index));
        $this->sheet->say('root-odd', ['index' => Numeral::of($index)], [Line::equivalent(
            $this->sheet->line(),
            new RootBothSides($index),
        )]);
    }

    /**
     * Both ways worked on side by side: the same moves, once for each root.
     *
     * @param array{Equation, Equation} $ways
     */
    private function fork(array $ways): void
    {
        [$first, $second] = array_map($this->worked(...), $ways);
        if (!$first->own() instanceof Letter || \count($first->steps()) !== \count($second->steps())) {
            $this->sheet->refuse('power');

            return;
        }
        foreach ($first->steps() as $place => $step) {
            $this->sheet->add($step->named("both-$step->id")->withLines([
                ...array_map(static fn(Line $line): Line => $line->under(Branch::way(1)), $step->lines),
                ...array_map(
                    static fn(Line $line): Line => $line->under(Branch::way(2)),
                    $second->steps()[$place]->lines,
                ),
            ])->asking(null));
        }
        $this->results = [$first->other(), $second->other()];
        $this->sheet->add(new Step(
            id: 'both',
            title: Message::of('rearrange.both.title'),
            why: Message::of('rearrange.both.why'),
            lines: [Line::result(new Alternatives(array_map(
                fn(Expression $result): Equation => new Equation(new Letter($this->sheet->subject), $result),
                $this->results,
            )), new JoinBranches())],
        ));
    }

    /** One of the ways worked until the letter stands alone, or as far as it goes. */
    private function worked(Equation $way): FormulaSheet
    {
        $sheet = FormulaSheet::of($this->sheet->task, $this->sheet->formula, $this->sheet->subject, $way);
        $last = new self($sheet);
        while (
            !$sheet->isRefused() && !$sheet->own() instanceof Letter
            && \count($sheet->steps()) < FormulaSheet::MOST_STEPS
        ) {
            $last->undo();
        }

        return $sheet;
    }

    public function undoRoot(Root $own): void
    {
        $other = $this->sheet->other();
        $index = Numeral::of($own->index);
        if ($own->index > 2 && Inside::holds(Sides::raised($other, $own->index), Root::class)) {
            $this->sheet->refuse('power');

            return;
        }
        $written = RaisedSides::line($own, $other, $own->index);
        $this->sheet->stands($own->radicand, Sides::raised($other, $own->index));
        $undone = $this->sheet->line();
        $watch = $other instanceof Sum ? Slip::SquaredTermByTerm : null;
        if ($own->index % 2 === 1) {
            $this->sheet->say('raise', ['index' => $index], [
                $written,
                Line::equivalent($undone, new Rewrite()),
            ], $watch);

            return;
        }
        $this->from = $undone;
        $this->sheet->say($own->index === 2 ? 'square' : 'raise-even', ['side' => $other] + ($own->index === 2 ? [] : [
            'index' => $index,
        ]), [$written, Line::equivalent($undone, new Rewrite())], $watch);
    }
}
