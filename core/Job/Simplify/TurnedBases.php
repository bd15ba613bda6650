<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Number\Rational;

/** Powers of numbers of which one is another one turned over, as 2/3 and 3/2: written with one of the two. */
final readonly class TurnedBases
{
    /** @param array<string, array{Rational, int}> $bases each with the sum of its exponents, by how it is written */
    private function __construct(private array $bases) {}

    /** (2/3)⁻² · (3/2)³ as (3/2)² · (3/2)³; null where no base is another one turned over. */
    public static function of(Expression $node): ?Expression
    {
        if (!OneBase::isMadeOfPowers($node)) {
            return null;
        }
        $bases = [];
        self::collect($node, 1, $bases);
        $self = new self($bases);
        $turned = Rewriter::everywhere($node, $self->turned(...));

        return $turned->equals($node) ? null : $turned;
    }

    /**
     * @param int                                 $times the exponent of what stands around it; negative below a line
     * @param array<string, array{Rational, int}> $bases
     */
    private static function collect(Expression $node, int $times, array &$bases): void
    {
        $exponent = $node->wholeExponent() ?? 1;
        $base = $node instanceof Power ? self::number($node->base) : ($node instanceof Numeral ? $node->value : null);
        if ($base !== null) {
            $bases[(string) $base] = [$base, ($bases[(string) $base][1] ?? 0) + $exponent * $times];
        } elseif ($node instanceof Power) {
            self::collect($node->base, $exponent * $times, $bases);
        } elseif ($node instanceof Quotient) {
            self::collect($node->numerator, $times, $bases);
            self::collect($node->denominator, -$times, $bases);
        } elseif ($node instanceof Product || $node instanceof Negative) {
            foreach ($node instanceof Negative ? [$node->operand] : $node->factors as $factor) {
                self::collect($factor, $times, $bases);
            }
        }
    }

    /** A power of the base that gives way, with the other base and the opposite exponent; null of any other. */
    private function turned(Node $node): ?Node
    {
        $base = $node instanceof Power ? self::number($node->base) : null;
        $exponent = $node instanceof Power ? $node->exponent->number() : null;

        return $base !== null && $exponent !== null && $this->givesWay($base)
            ? new Power(Numeral::of($base->reciprocal()), Numeral::of($exponent->negated()))
            : null;
    }

    /** To a whole number, else to the one whose exponent comes out positive, or to the larger one. */
    private function givesWay(Rational $base): bool
    {
        [$other, $exponent] = $base->isZero() || $base->isOne()
            ? [null, 0]
            : $this->bases[(string) $base->reciprocal()] ?? [null, 0];
        if ($other === null || $other->isInteger() || $base->isInteger()) {
            return $other?->isInteger() === true;
        }
        $own = $this->bases[(string) $base][1] ?? 0;

        return $exponent > $own || ($exponent === $own && $base->compareTo($other) < 0);
    }

    /** What stands under an exponent, where it is a number or a fraction of numbers. */
    private static function number(Expression $base): ?Rational
    {
        return $base instanceof Numeral || ($base instanceof Quotient
            && $base->numerator instanceof Numeral && $base->denominator instanceof Numeral
            && !$base->denominator->value->isZero()) ? Evaluation::rational($base) : null;
    }
}
