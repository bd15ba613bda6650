<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Branch;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Message\Message;
use Runel\Number\Field\Floats;

/** A power of the letter that is a number with a root in it: its real roots, where there are any. */
final readonly class SurdPower
{
    /**
     * @param Equation        $equation the power of the letter, and what it equals
     * @param int             $index    the exponent, two or more
     * @param Expression|null $plain    a square's root with no root under its root, where there is such a form
     */
    public function __construct(
        private string $letter,
        public Equation $equation,
        private int $index,
        private ?Expression $plain,
    ) {}

    /** Whether it has roots that are not real and that nothing here writes. */
    public function hasOtherRoots(): bool
    {
        return $this->isEven() && ($this->index > 2 || $this->isNegative());
    }

    /** @return list<Expression> the real ones */
    public function roots(): array
    {
        $size = $this->plain ?? $this->size();

        return match (true) {
            $this->isEven() => $this->isNegative() ? [] : [$size, new Negative($size)],
            default => [$size->signed($this->isNegative())],
        };
    }

    public function step(int $number): Step
    {
        return new Step(
            id: "way-$number-root",
            title: Message::of('solve.linear.title', ['factor' => $this->equation]),
            why: $this->why(),
            lines: $this->lines(Branch::way($number)),
        );
    }

    private function why(): Message
    {
        $isNone = $this->roots() === [];

        return $this->index === 2
            ? Message::of(match (true) {
                $isNone => 'substitution.square.why-none',
                $this->plain !== null => 'substitution.square.why-plain',
                default => 'substitution.square.why',
            })
            : Message::of(match (true) {
                $isNone => 'substitution.square.why-none-power',
                $this->isEven() => 'powers.root.why-both',
                $this->isNegative() => 'powers.root.why-minus',
                default => 'powers.root.why',
            }, $isNone ? [] : ['index' => $this->index]);
    }

    /** @return non-empty-list<Line> */
    private function lines(Branch $branch): array
    {
        if ($this->roots() === []) {
            return [Line::equivalent($this->equation, new Rewrite(), $branch)->reject(
                Message::of('substitution.dead'),
            )];
        }
        $root = new RootBothSides($this->index);

        return $this->plain === null
            ? [Line::equivalent($this->alternatives($this->roots()), $root, $branch)]
            : [
                Line::side($this->size(), $this->plain),
                Line::equivalent($this->alternatives([$this->size(), new Negative($this->size())]), $root, $branch),
                Line::equivalent($this->alternatives($this->roots()), new JoinBranches(), $branch),
            ];
    }

    /** @param list<Expression> $roots one or two */
    private function alternatives(array $roots): Equation|Alternatives
    {
        $equations = array_map(
            fn(Expression $root): Equation => new Equation(new Letter($this->letter), $root),
            $roots,
        );

        return \count($equations) === 1 ? $equations[0] : new Alternatives($equations);
    }

    /** The root of what it equals, without its sign. */
    private function size(): Root
    {
        $right = $this->equation->right;

        return new Root($this->isNegative() ? Sum::of(array_map(
            static fn(Expression $term): Expression => $term->negated(),
            array_reverse($right->terms()),
        )) : $right, $this->index);
    }

    private function isEven(): bool
    {
        return $this->index % 2 === 0;
    }

    private function isNegative(): bool
    {
        return Evaluation::at(new Floats(), [])->of($this->equation->right) < 0;
    }
}
