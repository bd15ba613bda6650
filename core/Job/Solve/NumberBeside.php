<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Same;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\BothSides;

/** A number beside a power taken to the other side, so that the power stands alone: nothing is multiplied out. */
final class NumberBeside
{
    /**
     * @param Equation   $equation the power and the number on the left, a number on the right
     * @param Expression $beside   the number on the left
     * @param Equation   $wanted   without it
     * @param bool       $isAsked  whether it is asked for: with roots below a line answers cannot be compared
     */
    public static function taken(
        Equation $equation,
        Expression $beside,
        Equation $wanted,
        Message $title,
        Moving $moving,
        ?Message $ask = null,
        bool $isAsked = true,
    ): Step {
        $size = $beside->bare();
        $isAdded = $beside instanceof Negative;
        $move = new ToBothSides($isAdded ? Operation::Add : Operation::Subtract, $size);
        $terms = $equation->left->terms();
        $written = $moving === Moving::Across
            ? BothSides::crossed($terms, $equation->right->isZero() ? [] : [$equation->right], [$beside])
            : new Equation(
                BothSides::struck($terms, [$beside->negated()]),
                BothSides::struck([$equation->right], [$beside->negated()]),
            );
        $isWritten = $written !== null && !Same::nodes($written, $wanted);

        return new Step(
            id: 'beside',
            title: $title,
            why: Message::of(match (true) {
                $moving === Moving::Across => 'quadratic.beside.why-across',
                $isAdded => 'quadratic.beside.why-add',
                default => 'quadratic.beside.why-subtract',
            }, ['number' => $size]),
            lines: $isWritten
                ? [Line::equivalent($written, $move), Line::equivalent($wanted, new Rewrite())]
                : [Line::equivalent($wanted, $move)],
            question: $isAsked
                ? Question::equation($ask ?? Message::of('quadratic.beside.ask'), $equation, $wanted)
                : null,
            watch: $moving === Moving::Across ? Slip::SignNotTurned : null,
        );
    }
}
