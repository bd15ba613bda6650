<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Branch;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Style\Moving;
use Runel\Working\BothSides;
use Runel\Working\LinearSteps;

/** Something linear that equals a number: the letter alone. */
final class LetterAlone
{
    /**
     * @param Expression $written mx + n as it stands
     * @param Expression $value   a number it equals, with roots or without
     *
     * @return array{Step|null, Expression} how the letter gets alone, and what it is
     */
    public static function of(
        string $name,
        Expression $written,
        Expression $value,
        Moving $moving,
        string $id,
        ?Branch $branch,
    ): array {
        $number = $value->number();
        $letter = new Letter($name);
        if ($number !== null) {
            $linear = new LinearSteps($name, $written, $moving, Rational::one(), $number);

            return [$linear->isSolved() ? null : $linear->step($id, $branch), Numeral::of($linear->root())];
        }
        $base = Polynomial::fromExpression($written);
        [$m, $n] = [$base->coefficient($letter->name, 1), $base->coefficient($letter->name, 0)];
        if ($n->isZero() && $m->isOne()) {
            return [null, $value];
        }
        $after = $n->isZero() ? $value : Sum::of([Numeral::of($n->negated()), $value]);
        $solution = $m->isOne() ? $after : new Quotient($after, Numeral::of($m));
        $mx = Polynomial::ofCoefficients($letter->name, [$m, Rational::zero()])->toExpression();
        $lines = [];
        if (!$n->isZero()) {
            $size = Numeral::of($n->absolute());
            $taken = $n->isNegative() ? $size : new Negative($size);
            $move = new ToBothSides($n->isNegative() ? Operation::Add : Operation::Subtract, $size);
            if ($moving === Moving::BothSides) {
                $lines[] = Line::equivalent(new Equation(
                    BothSides::struck($written->terms(), [$taken]),
                    BothSides::struck([$value], [$taken]),
                ), $move, $branch);
                $move = new Rewrite();
            }
            $lines[] = Line::equivalent(new Equation($mx, $after), $move, $branch);
        }
        if (!$m->isOne()) {
            $lines[] = Line::equivalent(
                new Equation($letter, $solution),
                new ToBothSides(Operation::Divide, Numeral::of($m)),
                $branch,
            );
        }
        $asked = new Equation($written, $value);

        return [new Step(
            id: $id,
            title: Message::of('solve.linear.title', ['factor' => $asked]),
            why: Message::of('powers.alone.why', ['letter' => $letter]),
            lines: $lines,
        ), $solution];
    }
}
