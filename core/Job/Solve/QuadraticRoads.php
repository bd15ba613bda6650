<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\Structure;
use Runel\Algebra\StructureKind;
use Runel\Demonstration\Task;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Working\Known;

/** The roads to the solutions of a quadratic, the shortest first: the same order everywhere. */
final readonly class QuadraticRoads
{
    /** @param list<Method> $roads */
    public function __construct(public array $roads) {}

    /** The road taken where a quadratic is a part of larger work; null where none leads on. */
    public function of(Task $task): ?Method
    {
        $roads = $this->roads;
        usort($roads, static fn(Method $first, Method $second): int => self::place($first, $task) <=> self::place(
            $second,
            $task,
        ));
        foreach ($roads as $road) {
            try {
                if ($road->refusal($task) === null) {
                    return $road;
                }
            } catch (Refusal) {
                continue;
            }
        }

        return null;
    }

    private static function isHidden(Task $task): bool
    {
        return $task->once(Structure::class, static fn(): bool => array_filter(
            Structure::in($task->problem->node),
            static fn(Structure $seen): bool => \in_array(
                $seen->kind,
                [StructureKind::Something, StructureKind::SameBracket],
                true,
            ),
        ) !== []);
    }

    /** What is seen at once comes first, then what factors, then the way that always works. */
    public static function place(Method $method, Task $task): int
    {
        $quadratic = Known::quadratic($task);
        // With letters for numbers completing the square shows where the formula comes from.
        $halves = Known::lettered($task) !== null || ($quadratic !== null && $quadratic->a->isOne()
            && $quadratic->b->dividedBy(Rational::of(2))->isInteger());

        return match (true) {
            $method instanceof SolvePowers && $method->leavesComplex($task) => 6,
            $method instanceof Factoring && $method->isSeen($task) => 0,
            // A square that shows only once all is multiplied out is not seen first.
            $method instanceof SquareRoots => self::isHidden($task) ? 1 : 0,
            $method instanceof SolvePowers => 0,
            // Of 1/x² and a number the denominator is cleared in less.
            $method instanceof SolveBySubstitution => $method->isOneOverSquare($task) ? 5 : 0,
            $method instanceof SolveByFactoring,
            $method instanceof Factoring => 1,
            $method instanceof CompletingSquare => $halves ? 2 : 4,
            $method instanceof Formula => 3,
            default => 5,
        };
    }
}
