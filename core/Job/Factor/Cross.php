<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Message\Message;
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
}
