<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Product;

/** A line that several lines together carry on, each on a branch of its own: x = 8 and x = −1 under a product. */
final readonly class Fork
{
    /**
     * @param Node       $line   what forked
     * @param bool|null  $isTrue whether it is true to the problem; null where that is not known
     * @param int        $opened which of the learner's lines opened the first branch
     * @param list<Node> $ends   how far each branch has come
     * @param list<int>  $places which of the learner's lines began each branch
     * @param string     $path   the branch it stands on itself, '' for none
     * @param int        $at     which of its branches is gone on with, counted from 0
     */
    private function __construct(
        public Node $line,
        public ?bool $isTrue,
        public int $opened,
        public array $ends,
        public array $places,
        public string $path,
        private int $at,
    ) {}

    public static function open(Node $line, ?bool $isTrue, int $place, Node $first, string $path): self
    {
        return new self($line, $isTrue, $place, [$first], [$place], $path, 0);
    }

    public function branch(Node $first, int $place): self
    {
        return new self(
            $this->line,
            $this->isTrue,
            $this->opened,
            [...$this->ends, $first],
            [...$this->places, $place],
            $this->path,
            \count($this->ends),
        );
    }

    /** The next line on the branch there is, or on one that is gone back to. */
    public function goOn(Node $line, ?int $branch = null): self
    {
        $ends = $this->ends;
        $at = $branch ?? $this->at;
        $ends[$at] = $line;

        return new self(
            $this->line,
            $this->isTrue,
            $this->opened,
            array_values($ends),
            $this->places,
            $this->path,
            $at,
        );
    }

    /** The present branch, counted from 1, behind those it stands on: 2.1. */
    public function present(): string
    {
        return ltrim("$this->path." . ($this->at + 1), '.');
    }

    /** All branches as far as they have come, in one line. */
    public function together(): Node
    {
        $equations = [];
        foreach ($this->ends as $end) {
            array_push($equations, ...($end instanceof Alternatives
                ? $end->equations
                : ($end instanceof Equation ? [$end] : [])));
        }

        array_push($equations, ...$this->resting());

        return \count($equations) === 1 ? $equations[0] : new Alternatives($equations);
    }

    /**
     * Of 3x = 4 or x = −2 what has nothing to be done to it, and no branch of its own; nothing where all of it has come
     * to values.
     *
     * @return list<Equation>
     */
    private function resting(): array
    {
        $all = $this->line instanceof Alternatives ? $this->line->equations : [];
        $values = array_filter(
            $all,
            static fn(Equation $one): bool => $one->left instanceof Letter && Indeterminates::of($one->right) === [],
        );

        return \count($values) === \count($all) ? [] : array_values(array_filter(
            $values,
            fn(Equation $value): bool => array_filter(
                $this->ends,
                static fn(Node $end): bool => $end->equals($value),
            ) === [],
        ));
    }

    /** Whether the line itself shows that there are several: this or that, or a product that is 0. */
    public function isVisible(): bool
    {
        if ($this->line instanceof Alternatives) {
            return true;
        }
        $isZero = static fn(Node $side): bool => $side instanceof Numeral && $side->value->isZero();
        $product = $this->line instanceof Equation
            ? ($isZero($this->line->left) ? $this->line->right : $this->line->left)
            : null;
        $isEqualToZero = $this->line instanceof Equation
            && ($isZero($this->line->right) || $isZero($this->line->left));

        return $isEqualToZero && $product instanceof Product && \count(array_filter(
            $product->factors,
            static fn(Node $factor): bool => Indeterminates::of($factor) !== [],
        )) > 1;
    }
}
