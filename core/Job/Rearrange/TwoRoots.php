<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Algebra\BookShape;
use Runel\Algebra\Sides;
use Runel\Demonstration\Line;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;

/** The letter under two roots: one of them alone, squared, and what is left has one root or none. */
final readonly class TwoRoots
{
    private function __construct(private FormulaSheet $sheet, private LastOperation $last) {}

    /** Does nothing where the letter is not under two roots. */
    public static function undo(FormulaSheet $sheet, LastOperation $last): void
    {
        (new self($sheet, $last))->run();
    }

    private function run(): void
    {
        $terms = [...$this->sheet->own()->terms(), ...array_map(
            static fn(Expression $term): Expression => $term->negated(),
            $this->sheet->other()->terms(),
        )];
        $held = array_values(array_filter(
            $terms,
            fn(Expression $term): bool => Letters::holds($term, $this->sheet->subject),
        ));
        $isPair = \count($held) === 2 && array_filter(
            $held,
            static fn(Expression $term): bool => !$term->bare() instanceof Root || $term->bare()->index !== 2,
        ) === [];
        if (!$isPair) {
            return;
        }
        // One with a plus stands alone; where both have a minus, their opposites are gone on from. What is left of a
        // longer radicand is simpler.
        $isShorter = !$held[1] instanceof Negative && $held[1]->bare()->children()[0] instanceof Sum
            && !$held[0]->bare()->children()[0] instanceof Sum;
        [$first, $second] = $held[0] instanceof Negative || $isShorter ? array_reverse($held) : $held;
        $rest = array_values(array_filter(
            $terms,
            static fn(Expression $term): bool => $term !== $first && $term !== $second && !$term->isZero(),
        ));
        $root = $first->bare();
        $under = $second->bare();
        if ($first instanceof Negative || !$root instanceof Root || !$under instanceof Root) {
            $this->sheet->refuse('form');

            return;
        }
        $others = array_map(static fn(Expression $term): Expression => $term->negated(), [...$rest, $second]);
        $alone = new Equation($root, Sum::of($others));
        if (!$alone->equals($this->sheet->line())) {
            $moved = Sum::of([$this->sheet->own(), $root->negated()]);
            $this->sheet->say('root-alone', [], [Line::equivalent(
                $alone,
                new ToBothSides(Operation::Subtract, $moved),
            )]);
        }
        $this->sheet->stands($alone->left, $alone->right);
        $this->last->undoRoot($root);
        if ($rest !== []) {
            $this->secondRoot($root, $under, Sum::of(array_slice($others, 0, -1)), $second instanceof Negative);
        }
    }

    /**
     * A = (R ± √B)² multiplied out, and its root alone.
     *
     * @param Expression $beside  R
     * @param bool       $isAdded whether √B is added to it
     */
    private function secondRoot(Root $root, Root $under, Expression $beside, bool $isAdded): void
    {
        $left = Polynomial::tryFrom($root->radicand);
        $inside = Polynomial::tryFrom($under->radicand);
        $squared = Polynomial::tryFrom(new Power($beside, Numeral::of(2)));
        $difference = $left === null || $inside === null || $squared === null
            ? null
            : $left->minus($inside)->minus($squared);
        if ($difference === null || $squared === null || $inside === null || $left === null
            || Letters::holds($difference->toExpression(), $this->sheet->subject)) {
            $this->sheet->refuse('form');

            return;
        }
        $double = Product::of([Numeral::of(2), ...$beside->factors()]);
        $mixed = Product::of([...$double->factors(), $under]);
        $signed = $isAdded ? $mixed : new Negative($mixed);
        $opened = new Equation($this->sheet->own(), Sum::of([
            ...$squared->expressions(),
            $signed,
            ...$inside->expressions(),
        ]));
        $this->sheet->say('roots-opened', [], [Line::equivalent($opened, new Rewrite())], Slip::DoubleProductForgotten);
        $near = BookShape::ordered(($isAdded ? $difference : $difference->negated())->toExpression());
        $this->sheet->stands($mixed, $near);
        $this->sheet->say('second-root', [], [Line::equivalent(
            $isAdded ? new Equation($near, $mixed) : new Equation($mixed, $near),
            $isAdded
                ? new ToBothSides(Operation::Subtract, Sum::of([
                    ...$squared->expressions(),
                    ...$inside->expressions(),
                ]))
                : new ToBothSides(Operation::Add, Sum::of([$mixed, ...$left->negated()->expressions()])),
        )]);
        if ($isAdded) {
            $this->sheet->say('swap', [], [Line::equivalent(new Equation($mixed, $near), new SwapSides())]);
        }
        $this->sheet->done(Operation::Divide, $double, $under, Sides::over($near, $double), 'divide');
    }
}
