<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Judging\Form;
use Runel\Law\Claim\Solves;
use Runel\Method\Family;
use Runel\Method\Wanting;
use Runel\Proof\Proof;
use Runel\Working\SolutionForm;

/** Whether the last line does the job in the form it asks, and if not, what is missing. */
final readonly class Finish
{
    public function __construct(
        private Task $task,
        private Family $family,
        private Following $following,
        private Worked $worked,
    ) {}

    /** @param list<MarkedLine> $lines */
    public function wants(Trail $trail, array $lines): ?Wanting
    {
        $chain = array_values(array_filter($lines, static fn(MarkedLine $line): bool => $line->verdict->isChain()));
        $last = $chain[\count($chain) - 1] ?? null;
        $joined = $trail->joined();
        if ($last === null) {
            return Wanting::Lines;
        }
        if ($trail->isTrue !== true || $joined->isTrue !== true) {
            return $trail->isTrue === null ? Wanting::Judged : Wanting::Truth;
        }

        if ($last->node === null) {
            return null;
        }
        $problem = $this->task->problem;
        $wants = $this->family->wants($joined->line, $problem);

        return $wants !== null || !$this->family->seeksSolutions($problem) || Letters::of($joined->line) === []
            ? $wants
            : $this->solved($joined->line, (string) $problem->letter());
    }

    /** Whether every solution is there, and none besides. */
    private function solved(Node $node, string $letter): ?Wanting
    {
        return match ($this->following->relation($this->task->problem->node, $node)) {
            Relation::Adds, Relation::Invents => Wanting::Extraneous,
            Relation::Loses, Relation::Breaks => Wanting::RootLost,
            Relation::Undecided => $this->tested(SolutionForm::values($node, $letter), $letter),
            Relation::Follows, Relation::Positive => null,
        };
    }

    /** @param list<Expression> $values each a candidate */
    private function tested(array $values, string $letter): ?Wanting
    {
        $problem = $this->task->problem->node;
        $proof = new Proof();
        foreach ($values as $value) {
            if (!$problem instanceof Equation || !$proof->holds(new Solves($problem, $letter, $value))) {
                return Wanting::Judged;
            }
        }
        $solutions = $this->worked->solutions();

        return match (true) {
            $solutions === null => Wanting::Judged,
            \count($values) < \count($solutions) => Wanting::RootLost,
            default => null,
        };
    }
}
