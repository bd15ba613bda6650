<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Figure\TrialVerdict;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Style\TrialSigns;
use Runel\Style\TurnedColumn;
use Runel\Working\Outer;

/** Factoring by inspection: whole brackets tried in a sensible order, outer plus inner compared with the middle. */
final class Trial extends ArrangementHunt
{
    public function id(): string
    {
        return 'trial';
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        $last = $this->isLast($task);
        $arrangements = $this->arrangements($trinomial, $task);
        $hunt = ArrangementSteps::of(
            $trinomial,
            $arrangements,
            'brackets',
            self::listsPairs($task),
            $last ? [] : SignsPlaced::options($trinomial, $task),
        );
        $figure = $hunt === [] ? null : $hunt[\count($hunt) - 1]->figure;
        $sections = [new Section(
            Phase::Hunting,
            $hunt,
            outcome: $last ? $arrangements->outcome() : ArrangementSteps::outcome(
                $arrangements->hit === null ? null : $this->brackets($trinomial, $task),
            ),
        )];
        if ($arrangements->hit !== null) {
            $repaired = $arrangements->rows[$arrangements->hit]->verdict === TrialVerdict::Repaired;
            $signs = $last
                ? SignsPlaced::steps($trinomial, $arrangements->rows($trinomial), true, $figure, $task)
                : [];
            $sections[] = new Section(Phase::Writing, [...$signs, Brackets::step(
                $trinomial,
                $outer,
                $repaired ? 'factor.brackets.why-repaired' : 'factor.brackets.why-trial',
                $last ? $figure : null,
                $this->brackets($trinomial, $task),
            )]);
        }

        return $this->worked($sections, $arrangements);
    }

    protected function isLast(Task $task): bool
    {
        return $task->style->get(TrialSigns::class) === TrialSigns::Last;
    }

    protected function arrangements(Trinomial $trinomial, Task $task): Arrangements
    {
        return $task->once(
            self::class,
            fn(): Arrangements => $this->isLast($task)
                ? Arrangements::unsigned($trinomial, $task->style->get(TurnedColumn::class))
                : Arrangements::brackets(
                    $trinomial,
                    $task->style->get(TurnedColumn::class),
                    SignsPlaced::areTurned($trinomial, $task),
                ),
        );
    }
}
