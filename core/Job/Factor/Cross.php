<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Style\CrossSigns;
use Runel\Style\TurnedColumn;
use Runel\Working\Outer;

/** Factoring by cross products: factors of a in one column, of c in the other, multiplied crosswise. */
final class Cross extends ArrangementHunt
{
    public function id(): string
    {
        return 'cross';
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        $last = $this->isLast($task);
        $arrangements = $this->arrangements($trinomial, $task);
        $hunt = ArrangementSteps::of($trinomial, $arrangements, 'cross', self::listsPairs($task));
        $crossing = $hunt === [] ? null : $hunt[\count($hunt) - 1]->figure;
        $sections = [new Section(Phase::Hunting, $hunt, outcome: $arrangements->outcome())];
        if ($arrangements->hit !== null) {
            $sections[] = new Section(Phase::Writing, [
                // The crossing stays while signs and rows are read off it.
                ...SignsPlaced::steps($trinomial, $arrangements->rows($trinomial), $last, $crossing, $task),
                Brackets::step(
                    $trinomial,
                    $outer,
                    'factor.brackets.why-rows',
                    $crossing,
                    $this->brackets($trinomial, $task),
                ),
            ]);
        }

        return $this->worked($sections, $arrangements);
    }

    protected function isLast(Task $task): bool
    {
        return $task->style->get(CrossSigns::class) === CrossSigns::Last;
    }

    protected function arrangements(Trinomial $trinomial, Task $task): Arrangements
    {
        return $task->once(self::class, fn(): Arrangements => $this->isLast($task)
            ? Arrangements::signsLast($trinomial, $task->style->get(TurnedColumn::class))
            : Arrangements::signsFirst($trinomial, $task->style->get(TurnedColumn::class)));
    }
}
