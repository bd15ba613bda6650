<?php

declare(strict_types=1);

namespace Runel\Audit;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\Rational;

/**
 * Where two expressions are compared. With one letter the comparison is a proof, by one of two facts.
 *
 * A polynomial with whole coefficients whose magnitudes add to less than N is not 0 at N unless it is
 * 0 everywhere (its leading term outweighs all others there), so whole coefficients need one place.
 * Two polynomials of degree at most n that agree at n + 1 places are the same, so fractions need n + 1.
 * With several letters the places are scattered, and there are a few more of them than the degree.
 */
final class Points
{
    private const FEW = 3;
    /** Beyond this a single far place would mean long numbers; near places are quicker then. */
    private const FAR = 100_000;

    /** @var array<int, array<string, Rational>> */
    private array $points = [];

    /** @param list<string> $letters every letter that may turn up */
    public function __construct(private readonly array $letters) {}

    /** @return array<string, Rational> values by letter, at one place where few things agree by chance */
    public function one(): array
    {
        return $this->forDegree(4)[\count($this->letters) === 0 ? 0 : 4];
    }

    /** @return list<array<string, Rational>> values by letter, enough to tell the two apart */
    public function toCompare(Expression $first, Expression $second): array
    {
        if (\count($this->letters) === 1) {
            $size = self::size($first) + self::size($second);
            if ($size < self::FAR) {
                return [[$this->letters[0] => Rational::of((int) $size + 1)]];
            }
        }

        return $this->forDegree(max(self::degree($first), self::degree($second)));
    }

    /**
     * An upper bound for the sum of the magnitudes of all coefficients after multiplying out; infinite
     * where a coefficient may be a fraction, or where no polynomial can be seen.
     */
    private static function size(Node $node): float
    {
        if ($node instanceof Numeral) {
            $value = $node->value->toInt();

            return $value === null ? \INF : abs((float) $value);
        }
        if ($node instanceof Letter) {
            return 1.0;
        }
        if ($node instanceof Power) {
            return self::size($node->base) ** self::exponent($node->exponent);
        }
        $size = $node instanceof Product ? 1.0 : 0.0;
        foreach ($node->children() as $child) {
            $size = $node instanceof Product ? $size * self::size($child) : $size + self::size($child);
        }

        return $node instanceof Product || $node instanceof Sum || $node instanceof Negative || $node instanceof Marked ? $size : \INF;
    }

    /**
     * @return list<array<string, Rational>> values by letter, enough for expressions of the degree
     */
    public function forDegree(int $degree): array
    {
        $count = match (\count($this->letters)) {
            0 => 1,
            1 => $degree + 1,
            default => $degree + self::FEW,
        };
        for ($number = \count($this->points); $number < $count; ++$number) {
            $values = [];
            foreach ($this->letters as $place => $letter) {
                $values[$letter] = Rational::of(self::scattered($number, $place));
            }
            $this->points[$number] = $values;
        }

        return \array_slice($this->points, 0, $count);
    }

    /** An upper bound for the degree of a node, read off its shape. */
    public static function degree(Node $node): int
    {
        if ($node instanceof Numeral) {
            return 0;
        }
        if ($node instanceof Letter) {
            return 1;
        }
        $degrees = array_map(self::degree(...), $node->children());

        return match (true) {
            $node instanceof Product, $node instanceof Quotient => array_sum($degrees),
            $node instanceof Power => $degrees[0] * self::exponent($node->exponent),
            $node instanceof Sum, $node instanceof Equation, $node instanceof Expression => $degrees === [] ? 0 : max($degrees),
            // Alternatives are compared as the product of their equations.
            default => array_sum($degrees),
        };
    }

    private static function exponent(Expression $exponent): int
    {
        return $exponent instanceof Numeral ? abs($exponent->value->toInt() ?? 1) : 1;
    }

    /** Small whole numbers, different for different places: 2, −1, 3, −2, … and further apart for more letters. */
    private static function scattered(int $number, int $place): int
    {
        $near = intdiv($number, 2);

        return $place === 0
            ? ($number % 2 === 0 ? $near + 2 : -$near - 1)
            : ($number * (1 + 7 * $place % 96) + 5 * $place * $place) % 97 - 48;
    }
}
