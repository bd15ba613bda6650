<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Algebra\CommonTerm;
use Runel\Algebra\Sides;
use Runel\Demonstration\Line;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Move\CollectSubject;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;

/** The letter in several places: denominators away, multiplied out, the letter collected and taken out. */
final readonly class GatheredSubject
{
    private function __construct(private FormulaSheet $sheet) {}

    public static function gather(FormulaSheet $sheet): void
    {
        (new self($sheet))->run();
    }

    private function run(): void
    {
        $written = new Equation(
            TidiedSide::aboveTheLine($this->sheet->own()),
            TidiedSide::aboveTheLine($this->sheet->other()),
        );
        if (!$written->equals($this->sheet->line())) {
            $this->sheet->stands($written->left, $written->right);
            $this->sheet->say('one-line', [], [Line::equivalent($written, new Rewrite())]);
        }
        foreach ([$this->sheet->own(), $this->sheet->other()] as $side) {
            foreach ($side->terms() as $term) {
                $bare = $term->bare();
                if ($bare instanceof Quotient && Polynomial::number($bare->denominator) === null) {
                    $this->clear($bare->denominator);
                }
            }
        }
        try {
            $left = Polynomial::fromExpression($this->sheet->own());
            $right = Polynomial::fromExpression($this->sheet->other());
        } catch (NotPolynomial | DivisionByZero) {
            $this->sheet->refuse('form');

            return;
        }
        if ($this->isOnePower($left, $right)) {
            // What it equals stays as it was typed.
            if (Letters::holds($this->sheet->other(), $this->sheet->subject)) {
                $this->sheet->stands($this->sheet->own(), $right->toExpression());
                $this->sheet->swap();
            } else {
                $this->sheet->stands($left->toExpression(), $this->sheet->other());
            }

            return;
        }
        foreach ([...$left->terms, ...$right->terms] as $term) {
            if ($term->monomial->degreeIn($this->sheet->subject) > 1) {
                $this->sheet->refuse('power');

                return;
            }
        }
        $expanded = new Equation($left->toExpression(), $right->toExpression());
        if (self::hasBracket($this->sheet->own()) || self::hasBracket($this->sheet->other())) {
            $this->sheet->stands($expanded->left, $expanded->right);
            $this->sheet->say('expand', [], [Line::equivalent($expanded, new Rewrite())], Slip::FirstTermOnly);
        }
        $this->gathered($left, $right);
    }

    /** Whether nothing is left but one power of the letter, alone on its side. */
    private function isOnePower(Polynomial $left, Polynomial $right): bool
    {
        $degrees = array_map(fn(Polynomial $side): array => array_map(
            fn(Term $term): int => $term->monomial->degreeIn($this->sheet->subject),
            $side->terms,
        ), [$left, $right]);
        $alone = max([0, ...$degrees[0]]) > 0 ? $degrees[0] : $degrees[1];
        $others = max([0, ...$degrees[0]]) > 0 ? $degrees[1] : $degrees[0];

        return \count($alone) === 1 && $alone[0] > 1 && max([0, ...$others]) === 0;
    }

    /** Whether a sum stands inside one of the terms. */
    private static function hasBracket(Expression $side): bool
    {
        foreach ($side->terms() as $term) {
            $parts = $term->children();
            while ($parts !== []) {
                $part = array_pop($parts);
                if ($part instanceof Sum) {
                    return true;
                }
                array_push($parts, ...$part->children());
            }
        }

        return false;
    }

    private function clear(Expression $denominator): void
    {
        $own = $this->cleared($this->sheet->own(), $denominator);
        $other = $this->cleared($this->sheet->other(), $denominator);
        $this->sheet->done(Operation::Multiply, $denominator, $own, $other, 'multiply');
    }

    private function cleared(Expression $side, Expression $by): Expression
    {
        if ($side instanceof Quotient && $side->denominator->equals($by)) {
            return $side->numerator;
        }

        return $side instanceof Sum
            ? Sum::of(array_map(fn(Expression $term): Expression => $term instanceof Negative
                ? $this->cleared($term->operand, $by)->negated()
                : $this->cleared($term, $by), $side->terms))
            : Sides::times($side, $by);
    }

    private function gathered(Polynomial $left, Polynomial $right): void
    {
        $with = fn(Polynomial $side, bool $held): Polynomial => Polynomial::ofTerms(array_filter(
            $side->terms,
            fn(Term $term): bool => ($term->monomial->degreeIn($this->sheet->subject) > 0) === $held,
        ));
        $own = $with($left, true)->minus($with($right, true));
        if ($own->isZero()) {
            $this->sheet->refuse('gone');

            return;
        }
        // Collected on the side where it begins with a plus.
        $onLeft = !$own->terms[0]->coefficient->isNegative();
        [$near, $far] = $onLeft ? [$left, $right] : [$right, $left];
        // One thing a line: first what holds the letter comes over, then everything else goes.
        foreach ([...$with($far, true)->terms, ...$with($near, false)->terms] as $term) {
            $taken = Polynomial::ofTerms([$term]);
            [$near, $far] = [$near->minus($taken), $far->minus($taken)];
            $sides = [$near->toExpression(), $far->toExpression()];
            $isHeld = $term->monomial->degreeIn($this->sheet->subject) > 0;
            $this->sheet->move($taken->expressions(), ...[...($onLeft ? $sides : array_reverse($sides)), $isHeld]);
        }
        $this->sheet->swap();
        $factor = Polynomial::ofTerms(array_map(
            fn(Term $term): Term => new Term($term->coefficient, $term->monomial->without($this->sheet->subject)),
            $near->terms,
        ));
        $this->sheet->stands($this->sheet->own(), $far->toExpression());
        if (\count($near->terms) > 1) {
            // What all of them have in common besides stands before it.
            $common = CommonTerm::of($factor);
            $rest = $common->negative ? $common->rest->negated() : $common->rest;
            $before = $common->content->isInteger() ? $common->factors() : [];
            $this->sheet->stands(Product::of([
                ...$before,
                new Letter($this->sheet->subject),
                $before === [] ? $factor->toExpression() : $rest->toExpression(),
            ]), $this->sheet->other());
            $words = ['letter' => Product::of([...$before, new Letter($this->sheet->subject)])];
            $this->sheet->say('take-out', $words, [Line::equivalent(
                $this->sheet->line(),
                new CollectSubject($this->sheet->subject),
            )]);
        }
    }
}
