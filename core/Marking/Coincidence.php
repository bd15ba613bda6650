<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Proof\Effort;
use Runel\Proof\OutOfEffort;
use Runel\Proof\Proof;
use Runel\Slip\WrongRule;

/**
 * A line that keeps what solves the one before, which no sound step makes and a slip does: with other numbers it would
 * be wrong, as (x + 3)(2 − x) = 4 and then x + 3 = 4 or 2 − x = 4.
 */
final readonly class Coincidence
{
    /** So many outcomes of slips are looked at. */
    private const OUTCOMES = 160;
    /** What one outcome takes, in steps. */
    private const COST = 30;

    public function __construct(private Proof $proof, private Effort $effort) {}

    /**
     * The rules that make exactly this line, one a slip; none where a sound step does, or no slip.
     *
     * @param iterable<array{WrongRule, Node}> $outcomes    what slips make of the line before
     * @param Node                             $after       keeps what solves the line before
     * @param Fingerprint                      $fingerprint of the line after
     *
     * @return list<WrongRule>
     *
     * @throws OutOfEffort
     */
    public function slips(iterable $outcomes, Node $before, Node $after, Fingerprint $fingerprint): array
    {
        if (!$before instanceof Equation || $after instanceof Expression || $this->isSound($before, $after)) {
            return [];
        }
        $found = [];
        $left = self::OUTCOMES;
        foreach ($outcomes as [$rule, $wrong]) {
            if ($left-- === 0) {
                break;
            }
            $this->effort->spend(self::COST);
            $parts = $wrong instanceof Alternatives && $after instanceof Equation ? $wrong->equations : [$wrong];
            foreach ($parts as $part) {
                if ($fingerprint->mayBe($part) && WrittenLine::isSame($this->proof, $part, $after)) {
                    $found[$rule->slip()->value] ??= $rule;
                }
            }
        }

        return array_values($found);
    }

    private function isSound(Equation $before, Node $after): bool
    {
        if ($after instanceof Alternatives) {
            $equations = $after->equations;

            return $this->isZeroed($before) || $this->areRoots($before, $equations)
                || array_filter($equations, WrittenLine::isSolved(...)) === $equations;
        }
        if (!$after instanceof Equation || WrittenLine::isSolved($after)) {
            return true;
        }
        if ($this->isZeroed($before) || WrittenLine::isOneStep($this->proof, $before, $after, false)) {
            return true;
        }
        foreach ([$after, new Equation($after->right, $after->left)] as $way) {
            if ($this->areRoots($before, [$way]) || $this->areRoots($way, [$before])) {
                return true;
            }
        }

        return false;
    }

    /** Where one side is 0, the other may be factored, and each factor may be 0. */
    private function isZeroed(Equation $line): bool
    {
        return $line->left->isZero() || $line->right->isZero();
    }

    /** @param list<Equation> $equations whether each squared is the line before */
    private function areRoots(Equation $before, array $equations): bool
    {
        $squared = static fn(Expression $side): Expression => new Power($side, Numeral::of(2));
        foreach ($equations as $one) {
            $isRoot = $this->proof->same(Product::of([$squared($one->left), $before->right]), Product::of([
                $squared($one->right), $before->left,
            ]));
            if (!$isRoot) {
                return false;
            }
        }

        return true;
    }
}
