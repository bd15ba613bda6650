<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;

/** What is written while one polynomial is divided by another: the rows of any way, and the whole as D · Q + R. */
final readonly class DivisionRows
{
    /** @param list<Polynomial> $rows everything that can stand on a line of its own */
    private function __construct(
        private Polynomial $dividend,
        private Polynomial $divisor,
        private Polynomial $quotient,
        private array $rows,
    ) {}

    /** Null where nothing is divided in one letter. */
    public static function of(?Quotient $division): ?self
    {
        $above = $division === null ? null : Polynomial::tryFrom($division->numerator);
        $below = $division === null ? null : Polynomial::tryFrom($division->denominator);
        $letters = $division === null ? [] : array_keys(Indeterminates::of($division));
        if ($above === null || $below === null || \count($letters) !== 1 || $below->isZero() || $above->isZero()
            || $below->degree() > $above->degree()) {
            return null;
        }
        [$quotient] = $above->dividedWithRemainder($below, $letters[0]);
        $rows = [];
        $left = $above;
        // Divided by one term nothing is taken away row by row: there a single term is an answer, and may be false.
        foreach (\count($below->terms) > 1 ? $quotient->terms : [] as $term) {
            $single = Polynomial::ofTerms([$term]);
            $product = $single->times($below);
            $left = $left->minus($product);
            array_push($rows, $single, $product, $product->negated(), ...self::beginnings($left));
        }

        return new self($above, $below, $quotient, $rows);
    }

    /** Whether a line is one of the rows; the quotient itself is none where it is the answer. */
    public function holds(Expression $line): bool
    {
        try {
            $polynomial = Polynomial::fromExpression($line);
        } catch (NotPolynomial | DivisionByZero) {
            return false;
        }
        // −9/3x is what somebody cancelled to, though with the line read otherwise it is the row −3x.
        if (!$polynomial->hasFractions() && Inside::holds($line, Quotient::class)) {
            return false;
        }
        $isAnswer = $polynomial->equals($this->quotient) && \count($this->quotient->terms) > 1;
        foreach ($isAnswer ? [] : $this->rows as $row) {
            if ($row->equals($polynomial)) {
                return true;
            }
        }

        return false;
    }

    /** What D · Q + R says of the division: Q + R/D. Null where it is not written so, or not true. */
    public function identity(Expression $left, Expression $right): ?Expression
    {
        $whole = Polynomial::tryFrom($left);
        $letter = $this->divisor->letters()[0] ?? null;
        if ($whole?->equals($this->dividend) !== true || $letter === null) {
            return null;
        }
        foreach ($right->terms() as $place => $term) {
            $product = Polynomial::tryFrom($term);
            $others = $right->terms();
            unset($others[$place]);
            $rest = Polynomial::tryFrom(Sum::of(array_values($others)));
            if ($product === null || $rest === null || \count($term->bare()->factors()) < 2
                || !$product->plus($rest)->equals($this->dividend)
                || (!$rest->isZero() && $rest->degree() >= $this->divisor->degree())) {
                continue;
            }
            [$quotient, $over] = $product->dividedWithRemainder($this->divisor, $letter);
            if ($over->isZero()) {
                return $rest->isZero() ? $quotient->toExpression() : Sum::of([
                    $quotient->toExpression(),
                    new Quotient($rest->toExpression(), $this->divisor->toExpression()),
                ]);
            }
        }

        return null;
    }

    /** @return list<Polynomial> what is left, all of it or only as much as has been brought down */
    private static function beginnings(Polynomial $left): array
    {
        $beginnings = [$left];
        for ($count = 1; $count < \count($left->terms); ++$count) {
            $beginnings[] = Polynomial::ofTerms(\array_slice($left->terms, 0, $count));
        }

        return $beginnings;
    }
}
