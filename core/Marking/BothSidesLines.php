<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Equation;
use Runel\Expression\Expression;

/**
 * Judges the lines of somebody who shows that two sides are the same: each side goes on from itself, and the work is
 * done when both have come to the same writing.
 */
final class BothSidesLines
{
    /** @var array{left: Expression, right: Expression} what each side has come to */
    private array $ends;
    /** @var 'left'|'right' the side that a line without a beginning goes on from */
    private string $current = 'left';

    public function __construct(
        private readonly Page $page,
        private readonly ChainLines $chain,
        private readonly SideLines $side,
        private readonly Equation $given,
    ) {
        $this->ends = ['left' => $given->left, 'right' => $given->right];
    }

    public function judged(string $typed, Statement $statement): MarkedLine
    {
        $node = $statement->node;
        $parts = match (true) {
            $statement->chain !== [] => $statement->chain,
            $node instanceof Equation => [$node->left, $node->right],
            $node instanceof Expression => [$node],
            default => [],
        };
        if ($parts === []) {
            return $this->side->unreadable($typed, 'marking.equation-wanted');
        }
        if (preg_match('/^\W*(?:lhs|left)\b/iu', $typed) === 1) {
            $this->current = 'left';
        } elseif (preg_match('/^\W*(?:rhs|right)\b/iu', $typed) === 1) {
            $this->current = 'right';
        }
        if (\count($parts) === 1) {
            return $this->goneOn($typed, $this->ends[$this->current], $parts);
        }
        $begun = $this->begun($parts[0]);
        if ($begun === null && !$this->isSame($parts[0], $this->given->left)) {
            return $this->side->equality($typed, new Equation($parts[0], $parts[\count($parts) - 1]));
        }
        if (\count($parts) === 2 && ($begun === null || $parts[0]->equals($parts[1]))) {
            return $this->both($typed, $parts[0], $parts[1]);
        }
        $this->current = $begun ?? $this->current;

        return $this->goneOn($typed, $parts[0], \array_slice($parts, 1));
    }

    /** @return 'left'|'right'|null the side a chain begins with; null where it begins with neither */
    private function begun(Expression $first): ?string
    {
        foreach (['left', 'right'] as $side) {
            $given = $side === 'left' ? $this->given->left : $this->given->right;
            if ($first->equals($given) || $first->equals($this->ends[$side])) {
                return $side;
            }
        }

        return null;
    }

    /** A line that writes both sides anew, each from what it had come to. */
    private function both(string $typed, Expression $left, Expression $right): MarkedLine
    {
        $before = $this->ends;
        $this->ends = ['left' => $left, 'right' => $right];
        foreach (['left' => $left, 'right' => $right] as $side => $end) {
            if (!$this->isSame($before[$side], $end)) {
                return $this->written($typed, $before[$side], $end, false);
            }
        }

        return $this->written($typed, $before['left'], $left, true);
    }

    /** @param list<Expression> $parts in their order */
    private function goneOn(string $typed, Expression $before, array $parts): MarkedLine
    {
        foreach ($parts as $part) {
            if (!$this->isSame($before, $part)) {
                $this->ends[$this->current] = $part;

                return $this->written($typed, $before, $part, false);
            }
            $before = $part;
        }
        $this->ends[$this->current] = $before;

        return $this->written($typed, $before, $before, true);
    }

    private function written(string $typed, Expression $before, Expression $end, bool $follows): MarkedLine
    {
        $isTrue = $this->isSame($end, $this->given->left);
        $stood = $this->page->trail->isTrue;
        $meets = $this->ends['left']->equals($this->ends['right']);
        $line = $meets ? new Equation($this->ends['left'], $this->ends['right']) : $end;
        $verdict = ChainLines::verdict($follows, $isTrue, $stood);
        $both = $this->isSame($this->ends['left'], $this->given->left)
            && $this->isSame($this->ends['right'], $this->given->left);
        $this->page->trail = $this->page->trail->goOn($line, $both);

        return $verdict === LineVerdict::Wrong
            ? $this->chain->slipped($typed, $before, $end)
            : MarkedLine::plain($typed, $end, $verdict, $isTrue);
    }

    private function isSame(Expression $one, Expression $other): bool
    {
        return $this->page->proof->same($one, $other);
    }
}
