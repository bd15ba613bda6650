<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Rule\UnivariateTerms;

/**
 * A line as wrong rules look at it. They are many, so the places in it, and what its parts are as polynomials, are
 * found once for all of them.
 */
final class LineParts
{
    /** @var list<array{Node, list<int>}>|null every place, with the children by which one comes to it */
    private ?array $places = null;
    /** @var \WeakMap<Expression, Polynomial|false> */
    private \WeakMap $polynomials;
    /** @var \WeakMap<Equation, UnivariateTerms|false> */
    private \WeakMap $differences;

    public function __construct(public readonly Node $line)
    {
        $this->polynomials = new \WeakMap();
        $this->differences = new \WeakMap();
    }

    /**
     * Every tree in which something was put at exactly one place, outer places first. A letter or a number within is
     * no place: it has no parts that could be put otherwise.
     *
     * @param callable(Node): iterable<Node> $put   what may stand in place of a node
     * @param class-string<Node>             ...$of only such places; left out, all
     *
     * @return iterable<Node>
     */
    public function atEachPlace(callable $put, string ...$of): iterable
    {
        foreach ($this->places ??= $this->places() as [$part, $above]) {
            if ($of === [] || \in_array($part::class, $of, true)) {
                foreach ($put($part) as $other) {
                    yield self::replaced($this->line, $other, $above);
                }
            }
        }
    }

    /** What a part of the line is; null where it is no polynomial. */
    public function polynomial(Expression $part): ?Polynomial
    {
        return ($this->polynomials[$part] ??= Polynomial::tryFrom($part) ?? false) ?: null;
    }

    public function univariate(Expression $part): ?UnivariateTerms
    {
        return UnivariateTerms::of($this->polynomial($part));
    }

    /** Of left side minus right side. */
    public function difference(Equation $equation): ?UnivariateTerms
    {
        return ($this->differences[$equation] ??= $this->ofDifference($equation) ?? false) ?: null;
    }

    private function ofDifference(Equation $equation): ?UnivariateTerms
    {
        [$left, $right] = [$this->polynomial($equation->left), $this->polynomial($equation->right)];

        return $left === null || $right === null ? null : UnivariateTerms::of($left->minus($right));
    }

    /** @return list<array{Node, list<int>}> */
    private function places(): array
    {
        $places = [];
        // A stack in place of recursion.
        $left = [[$this->line, []]];
        while (($next = array_pop($left)) !== null) {
            $places[] = $next;
            [$part, $above] = $next;
            $children = $part->children();
            for ($place = \count($children) - 1; $place >= 0; --$place) {
                $child = $children[$place];
                if (!$child instanceof Numeral && !$child instanceof Letter) {
                    $left[] = [$child, [...$above, $place]];
                }
            }
        }

        return $places;
    }

    /**
     * The whole tree with another part at one place.
     *
     * @param list<int> $above by which children one comes to it
     */
    private static function replaced(Node $node, Node $part, array $above): Node
    {
        if ($above === []) {
            return $part;
        }
        $place = array_shift($above);
        $children = $node->children();
        $children[$place] = self::replaced($children[$place], $part, $above);

        return $node->withChildren(array_values($children));
    }
}
