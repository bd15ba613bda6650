<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Node;

/** Where somebody's work stands: the line that is gone on from, and the forks that are still open above it. */
final readonly class Trail
{
    /**
     * @param bool|null  $isTrue  whether the line is true to the problem; null where that is not known
     * @param list<Node> $earlier the problem and the lines before that one
     * @param list<Fork> $forks   the outermost first
     */
    private function __construct(
        public Node $line,
        public ?bool $isTrue,
        public array $earlier,
        public array $forks,
    ) {}

    public static function from(Node $problem): self
    {
        return new self($problem, true, [], []);
    }

    /** The next line, on the branch there is. */
    public function goOn(Node $line, ?bool $isTrue): self
    {
        $forks = $this->forks;
        if ($forks !== []) {
            $forks[] = array_pop($forks)->goOn($line);
        }

        return new self($line, $isTrue, [...$this->earlier, $this->line], $forks);
    }

    /** In a line of several parts, the part that is gone on from. */
    public function at(Node $part): self
    {
        return new self($part, $this->isTrue, $this->earlier, $this->forks);
    }

    public function withTruth(?bool $isTrue): self
    {
        return new self($this->line, $isTrue, $this->earlier, $this->forks);
    }

    /** A line that is only a part of the line before: the first branch of a fork. */
    public function forked(Node $line, int $place): self
    {
        $fork = Fork::open($this->line, $this->isTrue, $place, $line, $this->branch() ?? '');

        return new self($line, $this->isTrue, [...$this->earlier, $this->line], [...$this->forks, $fork]);
    }

    /** A line that begins another branch of the innermost fork. */
    public function branched(Node $line, int $place): self
    {
        $forks = $this->forks;
        $fork = array_pop($forks);
        $earlier = [...$this->earlier, $this->line];

        return $fork === null
            ? $this
            : new self($line, $fork->isTrue, $earlier, [...$forks, $fork->branch($line, $place)]);
    }

    /** A line that goes on with one of the branches of the innermost fork, counted from 0. */
    public function resumed(int $branch, Node $line): self
    {
        $forks = $this->forks;
        $fork = array_pop($forks);

        return $fork === null ? $this : new self(
            $line,
            $fork->isTrue,
            [...$this->earlier, $this->line],
            [...$forks, $fork->goOn($line, $branch)],
        );
    }

    /** Without the innermost fork: its branches, joined, are how far the one it stands on has come. */
    public function closed(): self
    {
        $forks = $this->forks;
        $fork = array_pop($forks);
        if ($fork === null) {
            return $this;
        }
        $joined = $fork->together();
        if ($forks !== []) {
            $forks[] = array_pop($forks)->goOn($joined);
        }

        return new self($joined, $fork->isTrue, $this->earlier, $forks);
    }

    /** Without any fork. */
    public function joined(): self
    {
        for ($trail = $this; $trail->forks !== [];) {
            $trail = $trail->closed();
        }

        return $trail;
    }

    /** All that the branches of a fork have come to, those of the forks within it joined. */
    public function together(Fork $fork): Node
    {
        for ($trail = $this; $trail->forks !== [];) {
            $last = $trail->forks[\count($trail->forks) - 1];
            if ($last->opened === $fork->opened) {
                return $last->together();
            }
            $trail = $trail->closed();
        }

        return $fork->together();
    }

    /** Null where it stands on none. */
    public function branch(): ?string
    {
        return $this->forks === [] ? null : $this->forks[\count($this->forks) - 1]->present();
    }
}
