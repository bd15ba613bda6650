<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Figure\Figure;
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
use Runel\Style\TurnedColumn;
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
        $last = self::isLast($task);
        $arrangements = self::arrangements($trinomial, $task);
        $hunt = ArrangementSteps::of($trinomial, $arrangements, 'cross', self::listsPairs($task));
        $crossing = $hunt === [] ? null : $hunt[\count($hunt) - 1]->figure;
        $sections = [new Section(Phase::Hunting, $hunt, outcome: $arrangements->outcome())];
        if ($arrangements->hit !== null) {
            $sections[] = new Section(Phase::Writing, [
                // The crossing stays while signs and rows are read off it.
                $this->signs($trinomial, $arrangements->rows($trinomial), $last, $crossing),
                Brackets::step(
                    $trinomial,
                    $outer,
                    'factor.brackets.why-rows',
                    $crossing,
                    $this->brackets($trinomial, $task),
                ),
            ]);
        }

        return new Work($sections, $arrangements->looked(), 2 * $arrangements->looked(), Advice::hunt(
            'cross',
            $arrangements->count(),
            $arrangements->hit === null ? null : $arrangements->hit + 1,
        ));
    }

    protected function brackets(Trinomial $trinomial, Task $task): array
    {
        [[$m, $r], [$n, $s]] = self::arrangements($trinomial, $task)->rows($trinomial);

        return [$trinomial->linear($m, $r), $trinomial->linear($n, $s)];
    }

    protected function writesSigns(Task $task): bool
    {
        return !self::isLast($task);
    }

    private static function isLast(Task $task): bool
    {
        return $task->style->get(CrossSigns::class) === CrossSigns::Last;
    }

    private static function arrangements(Trinomial $trinomial, Task $task): Arrangements
    {
        return $task->once(self::class, static fn(): Arrangements => self::isLast($task)
            ? Arrangements::signsLast($trinomial, $task->style->get(TurnedColumn::class))
            : Arrangements::signsFirst($trinomial, $task->style->get(TurnedColumn::class)));
    }

    /**
     * The signs put to the plain numbers that fit; where they come last, all four combinations.
     *
     * @param array{array{int, int}, array{int, int}} $rows m and r, n and s, from top to bottom
     */
    private function signs(Trinomial $trinomial, array $rows, bool $last, ?Figure $crossing): Step
    {
        [[$m, $r], [$n, $s]] = $rows;
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
            figure: $crossing,
            watch: Slip::SignsInWrongBrackets,
        );
    }
}
