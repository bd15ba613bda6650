<?php

declare(strict_types=1);

namespace Runel\Method\Roots;

use Runel\Demonstration\Task;
use Runel\Notation\Ascii;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;

/** A quadratic that larger work has arrived at, as a task of its own in the same style. */
final class QuadraticPart
{
    public static function expression(Polynomial $quadratic, Task $task): Task
    {
        return new Task(Problem::read(self::typed($quadratic)), $task->style, $task->choices);
    }

    public static function equation(Polynomial $quadratic, Task $task): Task
    {
        return new Task(Problem::read(self::typed($quadratic) . '=0'), $task->style, $task->choices);
    }

    /** As people type it: whole coefficients before their letters. */
    private static function typed(Polynomial $quadratic): string
    {
        return str_replace('*', '', Ascii::write($quadratic->toExpression()));
    }
}
