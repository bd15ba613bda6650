<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Demonstration\Answer\BetweenAnswer;
use Runel\Demonstration\Answer\FormulaAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Family;
use Runel\Proof\Effort;

/** What a demonstration of ours says of the problem, worked when it is first asked for: its lines, what solves it. */
final class Worked
{
    /** What a demonstration costs, in steps. */
    private const COST = 8_000;

    private bool $isTried = false;
    private ?Demonstration $demonstration = null;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Task $task,
        private readonly Family $family,
        private readonly Effort $effort,
    ) {}

    /** @return list<Node> the lines that carry its work on */
    public function lines(): array
    {
        $nodes = [];
        foreach ($this->demonstration()?->steps() ?? [] as $step) {
            foreach ($step->lines as $line) {
                if ($line->link !== Link::Side && $line->link !== Link::Given && $line->branch === null) {
                    $nodes[] = Rewriter::unmarked($line->node);
                }
            }
        }

        return $nodes;
    }

    /** @return list<Expression>|null what solves the problem; null where that is not known */
    public function solutions(): ?array
    {
        return $this->family->seeksSolutions($this->task->problem)
            ? $this->demonstration()?->answer->solutions()
            : null;
    }

    /**
     * Between which numbers the solutions lie, where none is written down.
     *
     * @return list<array{Expression, Expression}> none where they are
     */
    public function gaps(): array
    {
        $answer = $this->demonstration()?->answer;

        return $answer instanceof BetweenAnswer ? $answer->pairs() : [];
    }

    /**
     * What the letter comes to, as numbers: the solutions, or what a formula gives that holds no other letter.
     *
     * @return list<Expression>|null
     */
    public function values(): ?array
    {
        $answer = $this->demonstration()?->answer;
        $values = $answer instanceof FormulaAnswer ? $answer->results() : $this->solutions();
        $isOpen = array_filter($values ?? [], static fn(Expression $value): bool => Letters::of($value) !== []) !== [];

        return $isOpen ? null : $values;
    }

    /** In how many sections the work is done, reading left aside. */
    public function sections(): int
    {
        return \count(array_filter(
            $this->demonstration()->sections ?? [],
            static fn(Section $section): bool => $section->phase !== Phase::Reading,
        ));
    }

    private function demonstration(): ?Demonstration
    {
        if (!$this->isTried) {
            $this->effort->spend(self::COST);
            $this->isTried = true;
            try {
                $this->demonstration = $this->catalogue->demonstrate($this->task, $this->family->job());
            } catch (Refusal) {
                $this->demonstration = null;
            }
        }

        return $this->demonstration;
    }
}
