<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Slip\Slip;
use Runel\Style\CrossSigns;
use Runel\Working\Outer;

/** Factoring by cross products: factors of a in one column, of c in the other, multiplied crosswise. */
final class Cross extends FactorMethod
{
    public function id(): string
    {
        return 'cross';
    }

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return null;
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        $last = $task->style->get(CrossSigns::class) === CrossSigns::Last;
        $arrangements = $last ? Arrangements::signsLast($trinomial) : Arrangements::signsFirst($trinomial);
        $sections = [new Section(
            Phase::Hunting,
            ArrangementSteps::of($trinomial, $arrangements, 'cross'),
            outcome: ArrangementSteps::outcome($trinomial),
        )];
        if ($arrangements->hit !== null) {
            $sections[] = new Section(Phase::Writing, [
                $this->signs($trinomial, $last),
                Brackets::step($trinomial, $outer, 'factor.brackets.why-rows'),
            ]);
        }

        return new Work($sections, $arrangements->looked(), 2 * $arrangements->looked(), Advice::hunt(
            'cross',
            $arrangements->count(),
            $arrangements->hit === null ? null : $arrangements->hit + 1,
        ));
    }

    /** The signs put to the plain numbers that fit; where they come last, all four combinations. */
    private function signs(Trinomial $trinomial, bool $last): Step
    {
        [[$m, $r], [$n, $s]] = $trinomial->factors() ?? throw new \LogicException(
            'A prime trinomial has no signs to place.',
        );
        [$outer, $inner] = [abs($m * $s), abs($n * $r)];
        $lines = [];
        foreach ($last ? [[1, 1], [1, -1], [-1, 1], [-1, -1]] : [
            [$s < 0 ? -1 : 1, $r < 0 ? -1 : 1],
        ] as [$first, $second]) {
            $total = Numeral::of($first * $outer + $second * $inner);
            $fits = $first === ($s < 0 ? -1 : 1) && $second === ($r < 0 ? -1 : 1);
            $lines[] = Line::side(Sum::of(
                [Numeral::of($first * $outer), Numeral::of($second * $inner)],
            ), $fits ? new Marked($total, Mark::written()) : $total);
        }

        return new Step(
            id: 'place-signs',
            title: Message::of('cross.signs.title'),
            why: Message::of(
                $last
                    ? 'cross.signs.why-last'
                    : ($trinomial->c > 0 ? 'cross.signs.why-same' : 'cross.signs.why-opposite'),
                ['middle' => Numeral::of($trinomial->b), 'last' => Numeral::of($trinomial->c)],
            ),
            lines: $lines,
            watch: Slip::SignsInWrongBrackets,
        );
    }
}
