<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Algebra\Candidates;
use Runel\Algebra\SyntheticDivision;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;

/** Rows of bare numbers, as synthetic divisions are written: coefficients, what is carried under them, and the sums. */
final readonly class NumberRows
{
    private const ROW = '/^\s*(?:[-−–+]?\s?\d+(?:[.\/]\d+)?\s+){1,}[-−–+]?\s?\d+(?:[.\/]\d+)?\s*$/u';
    private const NUMBER = '/[-−–+]?\s?\d+(?:[.\/]\d+)?/u';
    private const FEWEST = 3;

    /** @param list<SyntheticDivision> $divisions by every number it can be: one only where the divisor is given */
    private function __construct(private array $divisions) {}

    public static function of(Problem $problem): self
    {
        $division = $problem->quotient();
        $letter = $problem->letter();
        $whole = $division === null ? $problem->polynomial : Polynomial::tryFrom($division->numerator);
        if ($whole === null || $letter === null || $whole->letters() !== [$letter] || $whole->degree() < 2) {
            return new self([]);
        }
        $below = $division === null ? null : Polynomial::tryFrom($division->denominator);
        $roots = match (true) {
            $division === null => $whole->hasFractions() ? [] : Candidates::of($whole, $letter)->values ?? [],
            $below?->degree() === 1 && $below->letters() === [$letter] => [
                $below->coefficient($letter, 0)->negated()->dividedBy($below->coefficient($letter, 1)),
            ],
            default => [],
        };
        $coefficients = $whole->coefficients($letter);
        \assert($coefficients !== []);

        return new self(array_map(
            static fn(Rational $root): SyntheticDivision => SyntheticDivision::ofNumbers($coefficients, $root),
            $roots,
        ));
    }

    public static function isOne(string $typed): bool
    {
        $row = self::bare($typed);

        return preg_match(self::ROW, $row) === 1 && preg_match('/\d\s+[-−–+]?\d/u', $row) === 1;
    }

    /** Whether it stands in the division; null where nobody can tell which row it is. */
    public function holds(string $typed): ?bool
    {
        $row = [];
        preg_match_all(self::NUMBER, self::bare($typed), $found);
        foreach ($found[0] as $number) {
            $value = NumbersSaid::number(ltrim($number, '+ '));
            if ($value === null) {
                return null;
            }
            $row[] = $value;
        }
        foreach ($this->divisions as $division) {
            foreach (self::rows($division) as $right) {
                if (self::same($row, $right)) {
                    return true;
                }
            }
        }
        $only = \count($this->divisions) === 1 ? $this->divisions[0] : null;
        $isWhole = $only !== null && \count($row) === \count($only->sums) && \count($row) >= self::FEWEST;

        return $isWhole && $row[0]->equals(self::numbers($only->sums)[0]) ? false : null;
    }

    /** @return list<list<Rational>> */
    private static function rows(SyntheticDivision $division): array
    {
        [$top, $products, $sums] = array_map(
            self::numbers(...),
            [$division->top, $division->products, $division->sums],
        );
        // Who writes the number of the divisor as it stands takes away what is carried.
        $turned = array_map(static fn(Rational $product): Rational => $product->negated(), $products);
        $nothing = Rational::zero();

        return [
            $top, [$division->root, ...$top], [$division->root->negated(), ...$top],
            $products, [$nothing, ...$products], $turned, [$nothing, ...$turned],
            [$division->root, ...$products], [$division->root->negated(), ...$turned],
            $sums, \array_slice($sums, 0, -1),
        ];
    }

    /**
     * @param list<Polynomial> $row
     *
     * @return list<Rational>
     */
    private static function numbers(array $row): array
    {
        return array_map(static fn(Polynomial $entry): Rational => $entry->value() ?? Rational::zero(), $row);
    }

    /**
     * @param list<Rational> $row
     * @param list<Rational> $other
     */
    private static function same(array $row, array $other): bool
    {
        return \count($row) === \count($other) && array_filter(
            $row,
            static fn(Rational $number, int $place): bool => !$number->equals($other[$place]),
            \ARRAY_FILTER_USE_BOTH,
        ) === [];
    }

    private static function bare(string $typed): string
    {
        return trim((string) preg_replace('/[|│_]/u', ' ', $typed));
    }
}
