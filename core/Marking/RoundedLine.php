<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;

/** A line whose numbers are rounded from what there is: x = 2.41 or x = −0.41, and x + 3 = ±3.32. */
final readonly class RoundedLine
{
    /**
     * @param Node $exact  the values it is rounded from
     * @param int  $places behind the point, the most of any of its numbers
     * @param bool $isOff  the last place of one of its numbers is one off
     */
    private function __construct(public Node $exact, public int $places, public bool $isOff) {}

    /**
     * Null where it is no such line, or none of its numbers is rounded.
     *
     * @param list<Expression> $values what the letter is, exactly
     */
    public static function of(Node $line, string $letter, array $values): ?self
    {
        $said = $line instanceof Alternatives ? $line->equations : [$line];
        $places = 0;
        $isOff = false;
        $met = [];
        foreach ($said as $equation) {
            if (!$equation instanceof Equation || Indeterminates::of($equation->right) !== []
                || array_keys(Indeterminates::of($equation->left)) !== [$letter]) {
                return null;
            }
            $left = $equation->left;
            $sides = array_map(static fn(Expression $value): Expression => self::put($left, $letter, $value), $values);
            $from = Rounded::not($equation->right, $sides) ?? Rounded::from($equation->right, $sides);
            if ($from === null) {
                return null;
            }
            $met[(int) array_search($from->exact, $sides, true)] = true;
            [$places, $isOff] = [max($places, $from->places), $isOff || $from->isOff];
        }
        if ($places === 0) {
            return null;
        }
        $exact = array_map(
            static fn(Expression $value): Equation => new Equation(new Letter($letter), $value),
            array_values(array_intersect_key($values, $met)),
        );

        return match (\count($exact)) {
            0 => null,
            1 => new self($exact[0], $places, $isOff),
            default => new self(new Alternatives($exact), $places, $isOff),
        };
    }

    private static function put(Expression $left, string $letter, Expression $value): Expression
    {
        return $left instanceof Letter ? $value : Rewriter::everywhere(
            $left,
            static fn(Node $part): ?Node => $part instanceof Letter && $part->name === $letter ? $value : null,
        );
    }
}
