<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Number\NoExactValue;

/**
 * The two sides of an equation as functions of machine numbers, and where they meet along one letter. What has no
 * value is NAN.
 *
 * @phpstan-type At array<string, float>
 */
final readonly class Curve
{
    /** Values closer together than this, relative to their size, are taken for equal. */
    public const NEAR = 1e-6;
    /** Values further apart than this are certainly different. */
    public const FAR = 1e-3;
    private const HALVINGS = 60;
    /** Where both sides are larger than this, they are not compared: it is a pole, or too far out. */
    private const POLE = 1e12;
    /** How well a place has to solve before it counts as one. */
    private const SOLVED = 1e-9;

    /** @param int $size how many nodes are worked out for one place */
    private function __construct(private MachineFunction $left, private MachineFunction $right, public int $size) {}

    /** @throws NoExactValue when an exponent is no number */
    public static function of(Equation $equation): self
    {
        return new self(
            MachineFunction::of($equation->left),
            MachineFunction::of($equation->right),
            self::size($equation),
        );
    }

    /** @param At $at */
    public function left(array $at): float
    {
        return $this->left->at($at);
    }

    /** @param At $at */
    public function right(array $at): float
    {
        return $this->right->at($at);
    }

    /**
     * How far the sides are apart there, relative to their size; NAN where one has no value.
     *
     * @param At $at
     */
    public function gap(array $at): float
    {
        return self::apart($this->left->at($at), $this->right->at($at));
    }

    public static function apart(float $left, float $right): float
    {
        $gap = abs($left - $right) / (1 + abs($left) + abs($right));

        return is_finite($gap) ? $gap : \NAN;
    }

    /**
     * The real places along a letter at which the sides meet, as far as a fixed net of places shows them.
     *
     * @param At          $at     values of the other letters
     * @param list<float> $places rising
     *
     * @return list<float>
     */
    public function meetings(string $letter, array $at, array $places): array
    {
        $difference = function (float $place) use ($letter, $at): float {
            $at[$letter] = $place;

            return $this->left->at($at) - $this->right->at($at);
        };
        $found = [];
        $values = array_map($difference, $places);
        foreach ($places as $number => $place) {
            [$value, $next] = [$values[$number], $values[$number + 1] ?? \NAN];
            if ($value === 0.0) {
                $found[] = $place;
            } elseif (!isset($places[$number + 1])) {
                break;
            } elseif (is_nan($value) !== is_nan($next)) {
                $found[] = self::edge($difference, $place, $places[$number + 1]);
            } elseif ($value * $next < 0) {
                $found[] = self::crossing($difference, $place, $places[$number + 1]);
            } elseif ($number > 0 && abs($value) < abs($next) && abs($value) < abs($values[$number - 1])) {
                $found[] = self::touching($difference, $places[$number - 1], $places[$number + 1]);
            }
        }
        $solving = [];
        foreach ($found as $place) {
            $last = $solving[\count($solving) - 1] ?? null;
            $isNew = $last === null || abs($place - $last) > self::NEAR * (1 + abs($place));
            $there = [$letter => $place] + $at;
            // Beside a pole both sides are so large that they are alike, whatever they differ by.
            $isMeasured = abs($this->left->at($there)) < self::POLE;
            if ($isNew && $isMeasured && $this->gap($there) < self::SOLVED) {
                $solving[] = $place;
            }
        }

        return $solving;
    }

    /** @param \Closure(float): float $difference of different sign at both ends */
    private static function crossing(\Closure $difference, float $low, float $high): float
    {
        $isRising = $difference($high) > 0;
        for ($time = 0; $time < self::HALVINGS; ++$time) {
            $middle = ($low + $high) / 2;
            $difference($middle) > 0 === $isRising ? $high = $middle : $low = $middle;
        }

        return ($low + $high) / 2;
    }

    /**
     * Where a side begins to have a value.
     *
     * @param \Closure(float): float $difference with a value at one end only
     */
    private static function edge(\Closure $difference, float $low, float $high): float
    {
        [$without, $with] = is_nan($difference($low)) ? [$low, $high] : [$high, $low];
        for ($time = 0; $time < self::HALVINGS; ++$time) {
            $middle = ($without + $with) / 2;
            is_nan($difference($middle)) ? $without = $middle : $with = $middle;
        }

        return $with;
    }

    /**
     * Where the sides come closest.
     *
     * @param \Closure(float): float $difference smallest somewhere between
     */
    private static function touching(\Closure $difference, float $low, float $high): float
    {
        for ($time = 0; $time < 2 * self::HALVINGS; ++$time) {
            $third = ($high - $low) / 3;
            abs($difference($low + $third)) < abs($difference($high - $third)) ? $high -= $third : $low += $third;
        }

        return ($low + $high) / 2;
    }

    private static function size(Equation|Expression $node): int
    {
        $size = 1;
        foreach ($node->children() as $child) {
            $size += $child instanceof Expression ? self::size($child) : 0;
        }

        return $size;
    }
}
