<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;

/** Powers of numbers of which some are powers of one number: written with that as their base. */
final readonly class OneBase
{
    /** @param array<string, array{Rational, int}> $powers by the number: what it is a power of, and its exponent */
    private function __construct(private array $powers) {}

    /**
     * 8 · 4² as 2³ · (2²)², (4/9)² · (3/2)³ as ((2/3)²)² · (3/2)³: what is a power of the same number as another one,
     * or of that turned over; null where nothing is.
     */
    public static function of(Expression $node): ?Expression
    {
        if (!self::isMadeOfPowers($node)) {
            return null;
        }
        $powers = [];
        foreach (self::families($node) as $family) {
            // With one exponent for all, as 4/9 and 9/4, they have one base already but for its being turned over.
            $powers += \count(array_unique(array_column($family, 1))) > 1 ? $family : [];
        }
        $written = $powers === [] ? $node : (new self($powers))->rebased($node);

        return $written->equals($node) ? null : $written;
    }

    /** How the step is told: all its numbers are powers of one, some are, or of that turned over. */
    public static function told(Expression $node): string
    {
        $families = self::families($node);
        $isTurned = array_filter($families, static fn(array $family): bool
            => \count(array_unique(array_map(strval(...), array_column($family, 0)))) > 1) !== [];

        return $isTurned ? 'turned-bases' : (\count($families) === 1 ? 'bases' : 'some-bases');
    }

    /** Whether powers stand in it, of numbers alone, and nothing is added. */
    public static function isMadeOfPowers(Expression $whole): bool
    {
        return Letters::of($whole) === [] && Inside::holds($whole, Power::class)
            && !Inside::holds($whole, Sum::class) && !Inside::holds($whole, Root::class);
    }

    /** @return array<string, array<string, array{Rational, int}>> by what they are powers of, turned over or not */
    private static function families(Expression $node): array
    {
        $families = self::together(self::bases($node, static fn(): bool => true));

        // A fraction that is like no other number is no base: the numbers above and below it may be.
        return self::together(self::bases($node, static fn(Rational $fraction): bool
            => \count($families[self::family(self::leastRoot($fraction)[0])] ?? []) > 1));
    }

    /**
     * @param array<string, Rational> $bases
     *
     * @return array<string, array<string, array{Rational, int}>>
     */
    private static function together(array $bases): array
    {
        $families = [];
        foreach ($bases as $name => $value) {
            [$root, $exponent] = self::leastRoot($value);
            $families[self::family($root)][$name] = [$root, $exponent];
        }

        return $families;
    }

    private static function family(Rational $root): string
    {
        [$plain, $turned] = [$root->plain(), $root->plain()->reciprocal()];

        return '#' . ($turned->compareTo($plain) > 0 ? $turned : $plain);
    }

    /**
     * @param \Closure(Rational): bool $isBase whether a fraction is a base as a whole
     *
     * @return array<string, Rational> the numbers but 0 and 1, by how they are written
     */
    private static function bases(Expression $node, \Closure $isBase): array
    {
        $value = self::isNumber($node) ? $node->number() : null;
        if ($value?->isZero() === true || $value?->isOne() === true) {
            return [];
        }
        if ($value !== null && ($node instanceof Numeral || $isBase($value))) {
            return ["#$value" => $value];
        }
        $bases = [];
        foreach ($node instanceof Power ? [$node->base] : $node->children() as $child) {
            $bases += $child instanceof Expression ? self::bases($child, $isBase) : [];
        }

        return $bases;
    }

    /** A whole number, a decimal, or a fraction with more than 1 above. */
    private static function isNumber(Node $node): bool
    {
        return $node instanceof Numeral || ($node instanceof Quotient && $node->numerator instanceof Numeral
            && $node->denominator instanceof Numeral && !$node->numerator->isOne());
    }

    /** @return array{Rational, int} a number as the power with the largest exponent: 4/9 is 2/3 to the 2 */
    private static function leastRoot(Rational $number): array
    {
        // A number of d digits is less than 2 to the 4d.
        for ($exponent = 4 * $number->length(); $exponent > 1; --$exponent) {
            $root = $number->exactRoot($exponent);
            if ($root !== null) {
                return [$root->like($number), $exponent];
            }
        }

        return [$number, 1];
    }

    private function rebased(Expression $node): Expression
    {
        if ($node instanceof Power) {
            return new Power($this->rebased($node->base), $node->exponent);
        }
        $power = self::isNumber($node) ? $this->powers["#{$node->number()}"] ?? null : null;
        if ($power !== null) {
            return $power[1] < 2 ? $node : new Power(Numeral::of($power[0]), Numeral::of($power[1]));
        }
        $written = $node->withChildren(array_map(
            fn(Node $child): Node => $child instanceof Expression ? $this->rebased($child) : $child,
            $node->children(),
        ));

        return $written instanceof Expression ? $written : $node;
    }
}
