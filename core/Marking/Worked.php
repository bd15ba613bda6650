<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Demonstration\Answer\BetweenAnswer;
use Runel\Demonstration\Answer\FormulaAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Reply;
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
use Runel\Slip\KeptOutcomes;
use Runel\Slip\WrongRule;
use Runel\Slip\WrongRules;

/** What a demonstration of ours says of the problem, worked when it is first asked for: its lines, what solves it. */
final class Worked
{
    /** What a demonstration costs, in steps. */
    private const COST = 8_000;

    private bool $isPaid = false;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Task $task,
        private readonly Family $family,
        private readonly Effort $effort,
    ) {}

    /** @return list<Node> the lines that carry its work on, the same ones for all pages of the task */
    public function lines(): array
    {
        $demonstration = $this->demonstration();

        return $demonstration === null ? [] : $this->task->once(
            "carrying.{$this->family->job()}",
            static fn(): array => self::carrying($demonstration),
        );
    }

    /**
     * Those that may have been skipped on the way from a line: where it is one of ours, the ones behind it.
     *
     * @return list<Node>
     */
    public function linesAfter(Node $before): array
    {
        $lines = $this->lines();
        foreach (array_reverse(array_keys($lines)) as $place) {
            if ($lines[$place]->equals($before)) {
                return \array_slice($lines, $place + 1);
            }
        }

        return $lines;
    }

    /**
     * What the job's wrong rules make of a line: kept for the problem's own and for ours, which many are compared with.
     *
     * @return iterable<array{WrongRule, Node}>
     */
    public function slipped(Node $line, bool $isOurs = false): iterable
    {
        $rules = $this->family->rules();
        $kept = $this->task->once(
            "slipped.{$this->family->job()}",
            static fn(): KeptOutcomes => new KeptOutcomes($rules),
        );

        return $isOurs || $line === $this->task->problem->node
            ? $kept->of($line)
            : WrongRules::outcomes($rules, $line);
    }

    /** What a line comes to, at places that all pages of the task share: what is kept is worked out there once. */
    public function fingerprint(Node $line): Fingerprint
    {
        $letters = Fingerprint::letters($line);

        return Fingerprint::of($line, $this->task->once(
            'places.' . implode(' ', $letters),
            static fn(): array => Fingerprint::places($letters),
        ));
    }

    /** @return list<Node> */
    private static function carrying(Demonstration $demonstration): array
    {
        $nodes = [];
        foreach ($demonstration->steps() as $step) {
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

    /** @return array<string, Expression> what the letters of the form that was asked for are */
    public function letters(): array
    {
        $demonstration = $this->task->problem->asked->form === null ? null : $this->demonstration();

        return $demonstration === null ? [] : Reply::letters($demonstration);
    }

    /** In how many sections the work is done, reading left aside. */
    public function sections(): int
    {
        return \count(array_filter(
            $this->demonstration()->sections ?? [],
            static fn(Section $section): bool => $section->phase !== Phase::Reading,
        ));
    }

    /** Worked once for all pages of the task, and paid for by each. */
    private function demonstration(): ?Demonstration
    {
        if (!$this->isPaid) {
            $this->effort->spend(self::COST);
            $this->isPaid = true;
        }
        $job = $this->family->job();

        return $this->task->once("worked.$job", function () use ($job): ?Demonstration {
            try {
                return $this->catalogue->demonstrate($this->task, $job);
            } catch (Refusal) {
                return null;
            }
        });
    }
}
