<?php

declare(strict_types=1);

namespace Runel\Audit;

use Runel\Demonstration\Branch;
use Runel\Demonstration\Line;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Node;

/** Where the work stands on the trunk and on every branch: what the next line has to follow from. */
final class AuditTrail
{
    private ?Node $trunk = null;
    /** @var array<string, Node> the last line of each branch, by its name */
    private array $branches = [];
    /** @var array<string, true> the branches that ended in something rejected */
    private array $rejected = [];

    private bool $isTrunkRejected = false;

    /** What a line follows from; null when there is nothing, or no such branch. */
    public function before(Line $line): ?Node
    {
        return $line->branch === null ? $this->joined() : $this->last($line->branch);
    }

    public function add(Line $line): void
    {
        $this->isTrunkRejected = $line->branch === null && $line->rejected !== null;
        if ($line->branch === null) {
            $this->trunk = $line->node;
            $this->branches = [];
            $this->rejected = [];

            return;
        }
        $this->branches[$line->branch->name()] = $line->node;
        if ($line->rejected !== null) {
            $this->rejected[$line->branch->name()] = true;
        }
    }

    /** Whether everything it arrived at was rejected. */
    public function isDead(): bool
    {
        return $this->isTrunkRejected || ($this->rejected !== [] && $this->joined() === null);
    }

    private function last(?Branch $branch): ?Node
    {
        if ($branch === null) {
            return $this->trunk;
        }
        $fork = $this->branches[$branch->name()] ?? $this->last($branch->parent());

        return isset(
            $this->branches[$branch->name()],
        ) ? $fork : ($fork instanceof Alternatives ? ($fork->equations[$branch->number() - 1] ?? null) : null);
    }

    /** What all branches that were not rejected have arrived at; without branches, the trunk. */
    private function joined(): ?Node
    {
        if ($this->branches === [] || !$this->trunk instanceof Alternatives) {
            return $this->trunk;
        }
        $ends = [];
        foreach (array_keys($this->trunk->equations) as $place) {
            array_push($ends, ...$this->ends(Branch::way($place + 1)));
        }

        return match (\count($ends)) {
            0 => null,
            1 => $ends[0],
            default => new Alternatives($ends),
        };
    }

    /** @return list<Equation> */
    private function ends(Branch $branch): array
    {
        $last = $this->last($branch);
        if (isset($this->rejected[$branch->name()])) {
            return [];
        }
        if (!$last instanceof Alternatives) {
            return $last instanceof Equation ? [$last] : [];
        }
        $ends = [];
        foreach (array_keys($last->equations) as $place) {
            array_push($ends, ...$this->ends($branch->then($place + 1)));
        }

        return $ends;
    }
}
