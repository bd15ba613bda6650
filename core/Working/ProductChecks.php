<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Line;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Method\SideWork;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;

/** The checks of a product, each with its own arithmetic. */
final class ProductChecks
{
    /** The numbers put for the letters, one after another, where there are several letters. */
    private const VALUES = [2, 3, 5, 7, 11, 13];

    /**
     * Both sides worked out with numbers for the letters: 1, then 10, or several where there are several letters.
     *
     * @param list<Polynomial> $factors
     *
     * @return list<Check>
     */
    public static function byValues(array $factors, Polynomial $product): array
    {
        $all = array_merge(
            ...array_map(static fn(Polynomial $part): array => $part->letters(), [...$factors, $product]),
        );
        if (array_filter($all, Monomial::isConstant(...)) !== []) {
            // With roots or π both sides would be numbers that nobody compares by eye.
            return [];
        }
        $letters = $product->letters();
        $ten = \count($letters) === 1 && !self::vanishes($factors, [$letters[0] => Rational::of(10)]);
        $values = $ten ? [$letters[0] => Rational::of(10)] : self::values($letters, $factors);
        $list = implode(', ', array_map(static fn(string $letter): string => "$letter = {$values[$letter]}", $letters));
        $whole = array_filter(
            [...$factors, $product],
            static fn(Polynomial $part): bool => $part->hasFractions(),
        ) === [];

        return [
            self::compared($factors, $product, array_fill_keys(
                $letters,
                Rational::one(),
            ), CheckKind::CoefficientSum, null, []),
            self::compared(
                $factors,
                $product,
                $values,
                $ten ? CheckKind::Ten : CheckKind::Substitution,
                $ten && !$whole ? 'fractions' : null,
                ['values' => $list],
            ),
        ];
    }

    /**
     * Small numbers for the letters; where one of the factors would be 0, the next ones: 0 = 0 shows little.
     *
     * @param list<string>     $letters
     * @param list<Polynomial> $factors
     *
     * @return array<string, Rational>
     */
    private static function values(array $letters, array $factors): array
    {
        $values = [];
        for ($turn = 0; $turn < \count(self::VALUES); ++$turn) {
            $values = [];
            foreach ($letters as $place => $letter) {
                $values[$letter] = Rational::of(self::VALUES[($place + $turn) % \count(self::VALUES)]);
            }
            if (!self::vanishes($factors, $values)) {
                return $values;
            }
        }

        return $values;
    }

    /**
     * @param list<Polynomial>        $factors
     * @param array<string, Rational> $values
     */
    private static function vanishes(array $factors, array $values): bool
    {
        foreach ($factors as $factor) {
            if (Evaluation::rational($factor->toExpression(), $values)->isZero()) {
                return true;
            }
        }

        return false;
    }

    /** A product multiplied in full by some way. */
    public static function worked(
        SideWork $work,
        Expression $factored,
        Polynomial $product,
        Message $title,
        Message $why,
    ): Check {
        return new Check(
            kind: CheckKind::MultiplyBack,
            title: $title,
            why: $why,
            lines: [...$work->lines, Line::side($factored, $product->toExpression())],
            holds: Polynomial::fromExpression($factored)->equals($product),
            figure: $work->figure,
        );
    }

    /**
     * Every term of the last factor times all that stands before it, then collected: the other way round than
     * the work was done.
     *
     * @param list<Polynomial> $factors
     */
    public static function multiplyBack(array $factors, Polynomial $product): Check
    {
        $lines = [];
        $reached = $factors[0];
        foreach (\array_slice($factors, 1) as $factor) {
            $rows = [];
            foreach ($factor->terms as $term) {
                $row = $reached->times(Polynomial::ofTerms([$term]));
                $rows[] = $row;
                $pair = [$term->toExpression(), $reached->toExpression()];
                $lines[] = Line::side(
                    \count($reached->terms) === 1 ? Product::apart($pair) : Product::of($pair),
                    $row->toExpression(),
                );
            }
            $before = $reached;
            $reached = $before->times($factor);
            if (\count($rows) > 1) {
                $added = self::added($rows);
                $whole = $reached->toExpression();
                // Where nothing meets, what was written is the answer: then it is the product that it is held to.
                $lines[] = Line::side(
                    $added->equals($whole) ? Product::of([$before->toExpression(), $factor->toExpression()]) : $added,
                    $whole,
                );
            }
        }

        return new Check(CheckKind::MultiplyBack, Message::of(
            'check.multiply-back.title',
        ), Message::of('check.multiply-back.why'), $lines, $reached->equals($product));
    }

    /**
     * @param list<Polynomial>          $factors
     * @param array<string, Rational>   $values
     * @param array<string, string|int> $parameters
     */
    private static function compared(
        array $factors,
        Polynomial $product,
        array $values,
        CheckKind $kind,
        ?string $variant,
        array $parameters,
    ): Check {
        $lines = [];
        $worked = [];
        $reached = Rational::one();
        foreach ($factors as $factor) {
            $value = Evaluation::rational($factor->toExpression(), $values);
            if (\count($factor->terms) > 1) {
                array_push($lines, ...Arithmetic::lines(self::substituted($factor, $values)));
            }
            $worked[] = \count($factor->terms) > 1 ? Numeral::of($value) : self::substituted($factor, $values);
            $reached = $reached->times($value);
        }
        if (\count($worked) > 1) {
            $lines[] = Line::side(Product::of($worked), Numeral::of($reached));
        }
        $answer = Evaluation::rational($product->toExpression(), $values);
        array_push($lines, ...Arithmetic::lines(self::substituted($product, $values)));

        return new Check(
            $kind,
            Message::of(
                $variant === null ? "check.{$kind->value}.title" : "check.{$kind->value}.title-$variant",
                $parameters,
            ),
            Message::of(
                $variant === null ? "check.{$kind->value}.why" : "check.{$kind->value}.why-$variant",
                $parameters,
            ),
            $lines,
            $reached->equals($answer),
        );
    }

    /**
     * The polynomial with numbers in place of its letters, not yet worked out; powers of 1 are left away.
     *
     * @param array<string, Rational> $values
     */
    private static function substituted(Polynomial $polynomial, array $values): Expression
    {
        $terms = [];
        foreach ($polynomial->terms as $term) {
            $factors = [];
            foreach ($term->monomial->exponents as $letter => $exponent) {
                if (!$values[$letter]->isOne()) {
                    $value = Numeral::of($values[$letter]);
                    $factors[] = $exponent === 1 ? $value : new Power($value, Numeral::of($exponent));
                }
            }
            $size = $term->coefficient->absolute();
            $written = Product::withFront(Numeral::of($size), ...$factors);
            $terms[] = $written->signed($term->coefficient->isNegative());
        }

        return Sum::of($terms);
    }

    /** @param list<Polynomial> $rows */
    private static function added(array $rows): Expression
    {
        return Sum::of(array_map(static fn(Polynomial $row): Expression => $row->toExpression(), $rows));
    }
}
