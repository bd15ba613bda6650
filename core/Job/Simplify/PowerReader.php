<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Notation\Ascii;
use Runel\Number\Rational;

/** Numbers and powers of letters, multiplied, divided and raised, read factor by factor. */
final class PowerReader
{
    private const HIGHEST = PowerProduct::HIGHEST;

    /** @var list<array{Rational, int}> each with its exponent once brackets are open */
    public array $numbers = [];
    /** @var array<string, non-empty-list<int>> those of each base, in the order in which they stand */
    public array $exponents = [];
    /** @var array<string, Letter|Numeral|Quotient> by how they are written */
    public array $bases = [];
    public bool $opens = false;
    public bool $divides = false;
    public bool $isNegative = false;

    /** @param bool $isOfNumbers whether there are no letters: then numbers are the bases */
    private function __construct(private readonly bool $isOfNumbers) {}

    /** Null where anything else stands in it, or no law is for what stands there. */
    public static function read(Expression $whole): ?self
    {
        $self = new self(Letters::of($whole) === []);

        return $self->take($whole, 1) && (!$self->isOfNumbers || $self->isOfPowers($whole)) ? $self : null;
    }

    /** @param int $times the exponent of all that stands around it; negative below a line */
    private function take(Expression $node, int $times): bool
    {
        return match (true) {
            $node instanceof Negative => $this->turned($node, $times),
            $node instanceof Numeral => $this->number($node, $times),
            $node instanceof Letter => $this->base($node->name, $node, $times),
            $node instanceof Power => $this->power($node, $times),
            $node instanceof Quotient => $this->quotient($node, $times),
            $node instanceof Product => array_filter(
                $node->factors,
                fn(Expression $factor): bool => !$this->take($factor, $times),
            ) === [],
            default => false,
        };
    }

    private function turned(Negative $node, int $times): bool
    {
        $this->isNegative = $times % 2 === 0 ? $this->isNegative : !$this->isNegative;

        return $this->take($node->operand, $times);
    }

    private function number(Numeral $node, int $times): bool
    {
        if ($node->value->isZero() || $node->value->isOne()) {
            return $node->value->isOne();
        }
        if ($this->isOfNumbers) {
            return $this->base("#$node->value", $node, $times);
        }
        $this->numbers[] = [$node->value, $times];

        return true;
    }

    private function base(string $name, Letter|Numeral|Quotient $base, int $exponent): bool
    {
        $this->bases[$name] = $base;
        $this->exponents[$name][] = $exponent;

        return abs($exponent) <= self::HIGHEST;
    }

    private function power(Power $node, int $times): bool
    {
        $exponent = $node->wholeExponent();
        if ($exponent === null || abs($exponent * $times) > self::HIGHEST) {
            return false;
        }
        if ($this->isOfNumbers && $node->base instanceof Quotient
            && $node->base->numerator instanceof Numeral && $node->base->denominator instanceof Numeral) {
            return $this->base('#' . Ascii::write($node->base), $node->base, $exponent * $times);
        }
        $this->opens = $this->opens || (!$node->base instanceof Letter && !$node->base instanceof Numeral);

        return $this->take($node->base, $exponent * $times);
    }

    private function quotient(Quotient $node, int $times): bool
    {
        $this->divides = $this->divides || $this->isOfNumbers || Letters::of($node->denominator) !== [];

        return $this->take($node->numerator, $times) && $this->take($node->denominator, -$times);
    }

    /** Numbers are worked out; only with exponents are they bases, and one of the laws is for them. */
    private function isOfPowers(Expression $node): bool
    {
        $isRaised = static fn(Node $part): bool => $part instanceof Power;
        $isGathered = array_filter($this->exponents, static fn(array $all): bool => \count($all) > 1) !== [];

        return Inside::some($node, $isRaised) && ($isGathered || Inside::some(
            $node,
            static fn(Node $part): bool => $part instanceof Power
                && ($part->base instanceof Power || $part->exponent instanceof Negative || $part->exponent->isZero()),
        ));
    }
}
