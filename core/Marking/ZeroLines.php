<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\Solves;
use Runel\Message\Message;

/**
 * Where the problem is an expression, a line that makes it an equation is no line of the work: nothing says that it is
 * 0. But its zeros may be sought, to find factors by them, and what is said of those can be true or false.
 */
final class ZeroLines
{
    /** The expression set to 0, once a line has done so. */
    private ?Equation $set = null;

    public function __construct(private readonly Page $page, private readonly SideLines $side) {}

    /** Null where the line neither sets the expression to 0 nor goes on from that, nor says what a letter is. */
    public function judged(string $typed, Node $node): ?MarkedLine
    {
        $values = self::values($node);
        if ($node instanceof Equation && $this->isSet($node)) {
            $this->set = $node;

            return $this->noted($typed, 'marking.set-to-zero');
        }
        if ($this->set === null) {
            return match (true) {
                $values === [] => null,
                $node instanceof Alternatives => $this->noted($typed, 'marking.zeros-not-asked'),
                default => $this->noted($typed, 'marking.beside'),
            };
        }
        if (!$node instanceof Equation && !$node instanceof Alternatives) {
            return null;
        }
        if ($values === [] && $node instanceof Equation && $this->page->proof->same($node->left, $node->right)) {
            return null;
        }

        return $this->side->beside($typed, Beside::said('definition', $values === []
            ? ($this->page->proof->follows($this->set, $node)->keepsSolutions() ? true : null)
            : $this->areZeros($this->set, $values)));
    }

    private function isSet(Equation $node): bool
    {
        $line = $this->page->trail->line;
        $side = match (true) {
            $node->right->isZero() => $node->left,
            $node->left->isZero() => $node->right,
            default => null,
        };

        return $side !== null && !$this->page->proof->same($node->left, $node->right)
            && ($this->page->proof->same($side, $this->side->problem())
                || ($line instanceof Expression && $this->page->proof->same($side, $line)));
    }

    /**
     * @param non-empty-list<Equation> $values
     *
     * @return bool|null null where nobody can tell of one of them
     */
    private function areZeros(Equation $set, array $values): ?bool
    {
        $known = true;
        foreach ($values as $value) {
            $letter = $value->left instanceof Letter ? $value->left->name : '';
            if ($this->page->proof->holds(new DoesNotSolve($set, $letter, $value->right))) {
                return false;
            }
            $known = $known && $this->page->proof->holds(new Solves($set, $letter, $value->right));
        }

        return $known ? true : null;
    }

    /** @return list<Equation> x = 2, each of x = 2 or x = 3; none where it says anything else */
    private static function values(Node $node): array
    {
        $equations = match (true) {
            $node instanceof Alternatives => $node->equations,
            $node instanceof Equation => [$node],
            default => [],
        };

        return array_filter($equations, static fn(Equation $one): bool => !$one->left instanceof Letter
            || Indeterminates::of($one->right) !== []) === [] ? $equations : [];
    }

    private function noted(string $typed, string $key): MarkedLine
    {
        $say = Message::of($key);

        return new MarkedLine(
            $typed,
            null,
            LineVerdict::Side,
            $this->page->trail->isTrue === true,
            $say,
            $say,
            kind: 'word',
        );
    }
}
