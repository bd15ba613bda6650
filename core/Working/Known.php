<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Algebra\LetteredQuadratic;
use Runel\Algebra\LinearEquation;
use Runel\Algebra\Quadratic;
use Runel\Algebra\StandardForm;
use Runel\Demonstration\Task;
use Runel\Style\Gathered;

/** What several methods want to know of a task, worked out once. */
final class Known
{
    /** The quadratic equation a task is about; null when it is none. */
    public static function quadratic(Task $task): ?Quadratic
    {
        return $task->once(Quadratic::class, static fn(): ?Quadratic => Quadratic::ofProblem($task->problem));
    }

    /** The quadratic with letters for numbers that a task is about; null when it is none. */
    public static function lettered(Task $task): ?LetteredQuadratic
    {
        return $task->once(LetteredQuadratic::class, static fn(): ?LetteredQuadratic
            => LetteredQuadratic::ofProblem($task->problem));
    }

    /** The linear equation a task is about; null when it is none. */
    public static function linear(Task $task): ?LinearEquation
    {
        return $task->once(LinearEquation::class, static fn(): ?LinearEquation
            => LinearEquation::ofProblem($task->problem));
    }

    /** What a task is about, all on one side; null where that is no polynomial, or nothing at all. */
    public static function standardForm(Task $task): ?StandardForm
    {
        return $task->once(StandardForm::class, static fn(): ?StandardForm
            => StandardForm::ofProblem(
                $task->problem,
                $task->style->get(Gathered::class) === Gathered::Positive,
            ));
    }
}
