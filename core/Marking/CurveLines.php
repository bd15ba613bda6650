<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Algebra\Parabola;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Law\Claim\Solves;
use Runel\Number\Rational;

/**
 * What is said of single points where the problem is a curve, y = x² − 6x + 5: x = 3 may be its axis, y = −4 its least
 * value, x = 1 or x = 5 where it meets the x-axis. Such a line carries nothing on; of another point nobody can tell why
 * it was written.
 */
final readonly class CurveLines
{
    private function __construct(
        private Page $page,
        private SideLines $side,
        private Parabola $curve,
        private string $value,
    ) {}

    /** Null where the problem is no quadratic curve, or a formula that is to be rearranged. */
    public static function of(Page $page, SideLines $side): ?self
    {
        $node = $page->task->problem->node;
        $curve = Parabola::of($page->task->problem->curve());

        $isFormula = $page->task->problem->subject !== null;

        return $curve === null || $isFormula || !$node instanceof Equation || !$node->left instanceof Letter
            || $curve->letter === $node->left->name || $page->family->seeksSolutions($page->task->problem)
            ? null
            : new self($page, $side, $curve, $node->left->name);
    }

    /** Null where the line says something else. */
    public function judged(string $typed, Node $node): ?MarkedLine
    {
        $said = match (true) {
            $node instanceof Alternatives => $node->equations,
            $node instanceof Equation => [$node],
            default => [],
        };
        $values = [];
        foreach ($said as $one) {
            if (!$one->left instanceof Letter || Indeterminates::of($one->right) !== []) {
                // Where the curve has a value, or none, is asked there: y is not said.
                return Letters::holds($node, $this->value) || ($node instanceof Equation && $this->page->proof->same(
                    $node->left,
                    $node->right,
                )) ? null : $this->side->beside($typed, Beside::said('definition', null));
            }
            $values[$one->left->name][] = $one->right;
        }

        return $values === [] ? null : $this->side->beside($typed, Beside::said('definition', $this->isKnown(
            $values[$this->curve->letter] ?? [],
            $values[$this->value] ?? [],
        ) ? true : null));
    }

    /**
     * Whether it is the axis, the least or greatest value, both of these, or where the curve meets the x-axis.
     *
     * @param list<Expression> $places
     * @param list<Expression> $values
     */
    private function isKnown(array $places, array $values): bool
    {
        $isAt = fn(Expression $value, Rational $number): bool
            => $this->page->proof->same($value, Numeral::of($number));
        $isTop = array_filter($values, fn(Expression $value): bool => !$isAt($value, $this->curve->extreme())) === [];
        $isAxis = \count($places) < 2
            && array_filter($places, fn(Expression $place): bool => !$isAt($place, $this->curve->axis())) === [];
        $zero = new Equation($this->curve->toExpression(), Numeral::of(0));

        return $isTop && ($isAxis || ($values === [] && array_filter($places, fn(Expression $place): bool
            => !$this->page->proof->holds(new Solves($zero, $this->curve->letter, $place))) === []));
    }
}
