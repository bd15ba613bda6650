<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/**
 * Rounded values of solutions that nobody writes down exactly: each is right where the two sides change places within
 * half a unit of its last place, and within a gap in which one solution is known to lie.
 */
final readonly class RoundedRoots
{
    /**
     * @param int       $places behind the point, the most of any of them
     * @param list<int> $met    which of the gaps they lie in, each once
     */
    private function __construct(public int $places, public array $met) {}

    /** @param list<array{Expression, Expression}> $gaps a solution of the equation in each */
    public static function of(Node $line, string $letter, Equation $equation, array $gaps): ?self
    {
        [$places, $met] = [0, []];
        foreach ($line instanceof Alternatives ? $line->equations : [$line] as $said) {
            $value = $said instanceof Equation && $said->left instanceof Letter && $said->left->name === $letter
                ? $said->right->number()
                : null;
            $gap = $value === null ? null : self::gap($value, $letter, $equation, $gaps);
            if ($value === null || $gap === null || $value->isInteger()) {
                return null;
            }
            [$places, $met[$gap]] = [max($places, Rounded::places($value)), true];
        }

        return new self($places, array_keys($met));
    }

    /** @param list<array{Expression, Expression}> $gaps */
    private static function gap(Rational $value, string $letter, Equation $equation, array $gaps): ?int
    {
        $half = Rational::of(2)->times(Rational::of(10)->power(Rounded::places($value)))->reciprocal();
        [$from, $to] = [$value->minus($half), $value->plus($half)];
        foreach ($gaps as $place => [$low, $high]) {
            [$first, $last] = [Evaluation::rational($low), Evaluation::rational($high)];
            $begin = $from->compareTo($first) < 0 ? $first : $from;
            $end = $to->compareTo($last) > 0 ? $last : $to;
            if ($begin->compareTo($end) < 0 && self::isChanged($begin, $end, $letter, $equation)) {
                return $place;
            }
        }

        return null;
    }

    private static function isChanged(Rational $from, Rational $to, string $letter, Equation $equation): bool
    {
        $difference = static fn(Rational $at): Rational => Evaluation::rational(
            $equation->left,
            [$letter => $at],
        )->minus(Evaluation::rational($equation->right, [$letter => $at]));
        try {
            return $difference($from)->times($difference($to))->isNegative();
        } catch (NoExactValue | DivisionByZero) {
            return false;
        }
    }
}
