<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Algebra\CommonBracket;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Message\Message;
use Runel\Slip\Slip;

/** The step in which 2 − x becomes −(x − 2), so that the same sum stands in every term. */
final class TurnedBracket
{
    /** What is said of what is seen in it. */
    public static function read(CommonBracket $common): Message
    {
        return $common->opposite === null
            ? Message::of('structure.bracket.read', ['bracket' => $common->bracket])
            : Message::of('structure.bracket.read-turned', [
                'bracket' => $common->bracket,
                'opposite' => $common->opposite,
            ]);
    }

    /** @param Line $line all terms with the same sum in them */
    public static function step(CommonBracket $common, Line $line): Step
    {
        $words = ['bracket' => $common->bracket, 'opposite' => $common->opposite ?? $common->bracket];

        return new Step(
            id: 'turn',
            title: Message::of('structure.bracket.turn.title', $words),
            why: Message::of(
                $common->isEven ? 'structure.bracket.turn.why-even' : 'structure.bracket.turn.why',
                $words,
            ),
            lines: [$line],
            watch: $common->isEven ? null : Slip::MinusNotCarried,
        );
    }
}
