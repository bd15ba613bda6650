<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\RootSum;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;

/** An equation in one letter with one or two square roots that hold it. */
final readonly class RootEquation
{
    private function __construct(
        public Equation $equation,
        public string $letter,
        public RootSum $left,
        public RootSum $right,
    ) {}

    /** Null where the task is no such equation. */
    public static function ofTask(Task $task): ?self
    {
        return $task->once(self::class, static function () use ($task): ?self {
            $node = $task->problem->node;
            $letter = $task->problem->letter();
            if (!$node instanceof Equation || $letter === null || $task->problem->polynomial !== null) {
                return null;
            }
            try {
                $self = new self(
                    $node,
                    $letter,
                    RootSum::read($node->left, $letter),
                    RootSum::read($node->right, $letter),
                );
            } catch (NotPolynomial | DivisionByZero) {
                return null;
            }
            $count = \count($self->whole()->roots);

            return $count === 1 || $count === 2 ? $self : null;
        });
    }

    /** Everything on one side. */
    public function whole(): RootSum
    {
        return $this->left->minus($this->right);
    }
}
