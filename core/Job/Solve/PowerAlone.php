<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Numeral;
use Runel\Law\Move\SwapSides;
use Runel\Message\Message;
use Runel\Style\Moving;
use Runel\Working\NumberInFront;

/** How the one power of an equation comes to stand alone on the left. */
final class PowerAlone
{
    /**
     * @param Equation $power what it comes to
     *
     * @return list<Step> none where it stands alone as it is
     */
    public static function steps(PowerEquation $equation, Equation $power, Moving $moving): array
    {
        $isRoot = $equation->index === 1;
        $steps = [];
        if ($equation->turned) {
            $steps[] = new Step(
                id: 'swap-sides',
                title: Message::of('factor.swap.title'),
                why: Message::of($isRoot ? 'powers.raised.swap' : 'powers.swap'),
                lines: [Line::equivalent($equation->equation, new SwapSides())],
            );
        }
        if ($equation->beside !== null) {
            $steps[] = NumberBeside::taken(
                $equation->equation,
                $equation->beside,
                new Equation($equation->term, Numeral::of($equation->value)),
                Message::of($isRoot ? 'powers.raised.beside' : 'quadratic.beside.title-power'),
                $moving,
                $isRoot ? Message::of('powers.raised.beside-ask') : null,
            );
        }
        if (!$equation->front->isOne()) {
            $front = NumberInFront::of($equation->front);
            $steps[] = new Step(
                id: 'divide',
                title: $front->title(),
                why: Message::of($isRoot ? 'powers.raised.divide' : 'powers.divide'),
                lines: [Line::equivalent($power, $front->move())],
            );
        }

        return $steps;
    }
}
