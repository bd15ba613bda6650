<?php

declare(strict_types=1);

namespace Runel\Problem;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Limits;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\TooLarge;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;

/**
 * An expression seen as brackets multiplied together: powers of brackets counted out,
 * everything of a single term gathered into one factor in front.
 */
final readonly class ProductForm
{
    /** @param list<Factor> $factors at least two */
    private function __construct(public array $factors) {}

    /**
     * The product form of an expression that has brackets to multiply, or null for any other.
     *
     * @throws OutOfReach when a bracket holds something that is not a sum of plain terms
     * @throws TooLarge   when there are more factors than the limit
     */
    public static function of(Expression $expression): ?self
    {
        $written = self::flatten($expression);
        if (\count($written) > Limits::FACTORS * 2) {
            throw new TooLarge(Message::of('error.factors', ['limit' => Limits::FACTORS]));
        }
        if (\count($written) === 1 && $written[0] instanceof Sum) {
            return null;
        }
        $single = [];
        $factors = [];
        try {
            foreach ($written as $part) {
                if ($part instanceof Sum) {
                    $factors[] = new Factor($part, self::plain($part));
                } else {
                    $single[] = $part;
                }
            }
            $front = Polynomial::fromExpression(Product::of($single));
        } catch (NotPolynomial | DivisionByZero) {
            return null;
        }
        if ($front->isZero()) {
            throw new OutOfReach(Message::of('error.bracket-is-zero'));
        }
        if ($factors === []) {
            return \count($single) > 1 && $front->letters() !== [] && !self::isPlainTerm($expression)
                ? self::ofSingleTerms($single)
                : null;
        }
        if ($single !== [] && !$front->equals(Polynomial::constant(1))) {
            array_unshift($factors, new Factor(Product::of($single), $front));
        }
        if (\count($factors) > Limits::FACTORS) {
            throw new TooLarge(Message::of('error.factors', ['limit' => Limits::FACTORS]));
        }

        return \count($factors) > 1 ? new self($factors) : null;
    }

    /** Whether it is one bracket with nothing but a number in front, as 3(x² + 5x + 6), and more than linear. */
    public function isScaled(): bool
    {
        $holding = array_filter($this->factors, static fn(Factor $factor): bool => $factor->polynomial->degree() > 0);
        $only = \count($holding) === 1 ? reset($holding) : false;

        return $only !== false && $only->polynomial->degree() > 1;
    }

    /** Whether it is one bracket with a single term in front. */
    public function isOneBracket(): bool
    {
        $sums = array_filter($this->factors, static fn(Factor $factor): bool => \count($factor->polynomial->terms) > 1);

        return \count($sums) === 1;
    }

    /** How many single products multiplying two factors takes. */
    public static function work(Polynomial $left, Polynomial $right): int
    {
        return \count($left->terms) * \count($right->terms);
    }

    /**
     * Two or more single terms multiplied, as in 3x · 5x².
     *
     * @param list<Expression> $single
     */
    private static function ofSingleTerms(array $single): self
    {
        return new self(array_map(static fn(Expression $part): Factor => new Factor(
            $part,
            Polynomial::fromExpression($part),
        ), $single));
    }

    /** Whether it is nothing but a number and powers of different letters side by side. */
    private static function isPlainTerm(Expression $expression): bool
    {
        $bare = $expression->bare();
        if (!$bare instanceof Product) {
            return true;
        }
        $letters = [];
        foreach ($bare->factors as $place => $factor) {
            if ($factor instanceof Product || $factor instanceof Negative) {
                return false;
            }
            $own = Polynomial::fromExpression($factor)->letters();
            if ($own === [] && $place > 0 || array_intersect($own, $letters) !== []) {
                return false;
            }
            $letters = [...$letters, ...$own];
        }

        return true;
    }

    /** @return list<Expression> */
    private static function flatten(Expression $expression): array
    {
        if ($expression instanceof Product) {
            $parts = [];
            foreach ($expression->factors as $factor) {
                // A single term like 3x stays one factor of the product it stands in.
                if ($factor instanceof Product && !Inside::holds($factor, Sum::class)) {
                    $parts[] = $factor;
                } else {
                    array_push($parts, ...self::flatten($factor));
                }
                if (\count($parts) > Limits::FACTORS * 8) {
                    throw new TooLarge(Message::of('error.factors', ['limit' => Limits::FACTORS]));
                }
            }

            return $parts;
        }
        if ($expression instanceof Negative) {
            return Inside::holds($expression, Sum::class) ? [
                Numeral::of(-1),
                ...self::flatten($expression->operand),
            ] : [$expression];
        }
        if (
            $expression instanceof Quotient
            && !$expression->denominator instanceof Sum
            && Inside::holds($expression->numerator, Sum::class)
        ) {
            $divisor = Polynomial::fromExpression($expression->denominator);
            if ($divisor->isConstant() && !$divisor->isZero()) {
                return [Numeral::of(
                    $divisor->terms[0]->coefficient->reciprocal(),
                ), ...self::flatten($expression->numerator)];
            }
        }
        if ($expression instanceof Power && Inside::holds($expression->base, Sum::class)) {
            $exponent = $expression->exponent instanceof Numeral ? $expression->exponent->value->toInt() : null;
            if ($exponent !== null && $exponent > Limits::FACTORS) {
                throw new TooLarge(Message::of('error.factors', ['limit' => Limits::FACTORS]));
            }
            if ($exponent !== null && $exponent >= 1) {
                $base = self::flatten($expression->base);
                if (\count($base) * $exponent > Limits::FACTORS * 2) {
                    throw new TooLarge(Message::of('error.factors', ['limit' => Limits::FACTORS]));
                }

                return array_merge(...array_fill(0, $exponent, $base));
            }
        }

        return [$expression];
    }

    /** A bracket's polynomial, provided that the bracket holds plain terms only. */
    private static function plain(Sum $sum): Polynomial
    {
        foreach ($sum->terms as $term) {
            if (Inside::holds($term, Sum::class)) {
                throw new OutOfReach(Message::of('error.bracket-in-bracket'));
            }
        }

        $polynomial = Polynomial::fromExpression($sum);
        if ($polynomial->isZero()) {
            throw new OutOfReach(Message::of('error.bracket-is-zero'));
        }

        return $polynomial;
    }
}
