<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/** A number for each letter at which two lines tell themselves apart, and what both come to there. */
final readonly class Difference
{
    /** The smallest first; beyond them nobody works a line out in the head. */
    private const PLACES = [2, 3, 1, 0, -1, 4, 5, -2, 6, -3, 7, 8, 9, 10, -4, -5, -6, -7, -8, -9, -10, 12, 15, 20];
    /** Values longer than this together tell nobody anything. */
    private const DIGITS = 24;

    /**
     * @param array<string, Rational> $at     by letter
     * @param Node                    $before a number; of an equation, its two sides worked out
     */
    private function __construct(public array $at, public Node $before, public Node $after) {}

    /**
     * Null where none of a few numbers tells them apart: by their value, or by one holding and the other not; and where
     * π stands in them, for which no number can be put.
     */
    public static function between(Node $before, Node $after): ?self
    {
        // Two functions are told apart by what they give.
        if ($before instanceof Equation && $after instanceof Equation && $before->left instanceof Letter
            && $after->left instanceof Letter && $before->left->name === $after->left->name
            && Letters::of($before->right) !== []) {
            return self::between($before->right, $after->right);
        }
        $letters = array_keys(Letters::of($before) + Letters::of($after));
        foreach (self::PLACES as $place) {
            $at = array_fill_keys($letters, Rational::of($place));
            try {
                [$one, $other] = [self::sides($before, $at), self::sides($after, $at)];
            } catch (DivisionByZero | NoExactValue) {
                continue;
            }
            if ($one === null || $other === null || \strlen(implode('', [...$one, ...$other])) > self::DIGITS) {
                continue;
            }
            $differ = \count($one) === 1 || \count($other) === 1
                ? !$one[0]->equals($other[0])
                : $one[0]->equals($one[1]) !== $other[0]->equals($other[1]);
            if ($differ) {
                return new self($at, self::node($one), self::node($other));
            }
        }

        return null;
    }

    /**
     * @param array<string, Rational> $at
     *
     * @return array{Rational}|array{Rational, Rational}|null
     *
     * @throws DivisionByZero
     * @throws NoExactValue
     */
    private static function sides(Node $node, array $at): ?array
    {
        return match (true) {
            $node instanceof Equation => [
                Evaluation::rational($node->left, $at),
                Evaluation::rational($node->right, $at),
            ],
            $node instanceof Expression => [Evaluation::rational($node, $at)],
            default => null,
        };
    }

    /** @param array{Rational}|array{Rational, Rational} $values */
    private static function node(array $values): Node
    {
        return \count($values) === 1
            ? Numeral::of($values[0])
            : new Equation(Numeral::of($values[0]), Numeral::of($values[1]));
    }
}
