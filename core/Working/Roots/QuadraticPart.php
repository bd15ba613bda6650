<?php

declare(strict_types=1);

namespace Runel\Working\Roots;

use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Numeral;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;

/** A quadratic that larger work has arrived at, as a task of its own in the same style. */
final class QuadraticPart
{
    public static function expression(Polynomial $quadratic, Task $task): Task
    {
        return new Task(Problem::of($quadratic->toExpression()), $task->style, $task->choices);
    }

    public static function equation(Polynomial $quadratic, Task $task): Task
    {
        $equation = new Equation($quadratic->toExpression(), Numeral::of(0));

        return new Task(Problem::of($equation), $task->style, $task->choices);
    }
}
