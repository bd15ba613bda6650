<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** What goes wrong between the two sides of an equation. */
final readonly class EquationRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if ($line instanceof Alternatives) {
            foreach ($line->equations as $place => $equation) {
                foreach ($this->wrong(new LineParts($equation)) as $wrong) {
                    if ($wrong instanceof Equation) {
                        $equations = $line->equations;
                        $equations[$place] = $wrong;
                        yield new Alternatives(array_values($equations));
                    }
                }
            }
        }
        if ($line instanceof Equation) {
            yield from match ($this->slip) {
                Slip::SignNotTurned => self::crossed($line, false),
                Slip::OneSideOnly => self::oneSided($line),
                Slip::WrongInverse, Slip::DividedByNegative => $this->divided($line),
                Slip::RootLost => self::lost($line),
                Slip::PlusMinusForgotten => self::rooted($line),
                Slip::ProductNotZero => self::eachEqual($line),
                Slip::FractionClearedOneTerm => self::cleared($line),
                Slip::SquaredTermByTerm => self::squared($line),
                default => [],
            };
        }
    }

    /** @return iterable<Node> a term gone from one side, come to the other with its sign as it was, or not at all */
    private static function crossed(Equation $line, bool $vanishes): iterable
    {
        foreach ([[$line->left, $line->right, false], [$line->right, $line->left, true]] as [$side, $other, $turned]) {
            $terms = $side->terms();
            foreach ($terms as $place => $term) {
                $rest = $terms;
                unset($rest[$place]);
                $own = Sum::of(array_values($rest));
                // Nobody makes a whole side vanish, or the last letter.
                if ($vanishes && ($rest === [] || Indeterminates::of($own) + Indeterminates::of($other) === [])) {
                    continue;
                }
                $there = $vanishes ? $other : Sum::of([$other, $term]);
                yield $turned ? new Equation($there, $own) : new Equation($own, $there);
            }
        }
    }

    /** @return iterable<Node> a term taken off one side only, or the number before the letter, or what is below */
    private static function oneSided(Equation $line): iterable
    {
        yield from self::crossed($line, true);
        foreach ([[$line->left, $line->right], [$line->right, $line->left]] as [$side, $other]) {
            $done = match (true) {
                $side instanceof Quotient => $side->numerator,
                $side instanceof Root && $side->index === 2 => $side->radicand,
                $side instanceof Power && $side->base instanceof Letter => $side->base,
                default => null,
            };
            if ($done !== null) {
                yield new Equation($done, $other);
            }
            // Multiplied by both denominators, while the other side only loses its own, or none.
            if ($side instanceof Quotient && $other instanceof Quotient) {
                yield new Equation(Product::of([$side->numerator, $other->denominator]), $other->numerator);
                yield new Equation(Product::of([$side->numerator, $other->denominator]), $other);
            }
        }
        $term = self::linear($line->left);
        if ($term !== null && Polynomial::number($line->right) !== null) {
            yield new Equation(new Letter($term[0]), $line->right);
        }
    }

    /** @return iterable<Node> the number before the letter multiplied with instead of divided by, or its sign lost */
    private function divided(Equation $line): iterable
    {
        [$term, $number] = [self::linear($line->left), Polynomial::number($line->right)];
        if ($term === null || $number === null) {
            return;
        }
        [$letter, $front] = $term;
        if ($this->slip === Slip::WrongInverse) {
            yield new Equation(new Letter($letter), Numeral::of($number->times($front)));
        } elseif ($front->isNegative()) {
            yield new Equation(new Letter($letter), Numeral::of($number->dividedBy($front)->negated()));
        }
    }

    /** @return iterable<Node> both sides divided by the letter */
    private static function lost(Equation $line): iterable
    {
        try {
            $whole = Polynomial::fromExpression($line->left)->minus(Polynomial::fromExpression($line->right));
        } catch (NotPolynomial | DivisionByZero) {
            return;
        }
        foreach ($whole->letters() as $letter) {
            $degrees = array_map(static fn(Term $term): int => $term->monomial->degreeIn($letter), $whole->terms);
            // A letter that stands for a number may be divided by; the unknown stands there with its square.
            if (!\in_array(0, $degrees, true) && max([0, ...$degrees]) > 1) {
                $by = Monomial::power($letter, 1);
                yield new Equation(Polynomial::ofTerms(array_map(
                    static fn(Term $term): Term => new Term($term->coefficient, $term->monomial->over($by)),
                    $whole->terms,
                ))->toExpression(), Numeral::of(0));
            }
        }
    }

    /** @return iterable<Node> only the positive root taken */
    private static function rooted(Equation $line): iterable
    {
        $exponent = $line->left instanceof Power && $line->left->exponent instanceof Numeral
            ? $line->left->exponent->value->toInt()
            : null;
        if ($line->left instanceof Power && $exponent === 2) {
            yield new Equation($line->left->base, new Root($line->right));
        }
        // 9x² = 16, too: the root of the number before the square is taken with it, or the number divided away first.
        $polynomial = Polynomial::tryFrom($line->left);
        $letters = $polynomial?->letters() ?? [];
        if ($polynomial === null || \count($letters) !== 1 || \count($polynomial->terms) !== 1
            || $polynomial->degree() !== 2 || $polynomial->terms[0]->coefficient->isOne()) {
            return;
        }
        $front = Numeral::of($polynomial->terms[0]->coefficient);
        $letter = new Letter($letters[0]);
        yield new Equation(Product::of([new Root($front), $letter]), new Root($line->right));
        yield new Equation($letter, new Root(new Quotient($line->right, $front)));
    }

    /** @return iterable<Node> each factor set equal to what the product equals */
    private static function eachEqual(Equation $line): iterable
    {
        if (!$line->left instanceof Product || Polynomial::number($line->right)?->isZero() !== false) {
            return;
        }
        $factors = array_values(array_filter(
            $line->left->factors,
            static fn(Expression $factor): bool => Indeterminates::of($factor) !== [],
        ));
        if (\count($factors) > 1) {
            yield new Alternatives(array_map(
                static fn(Expression $factor): Equation => new Equation($factor, $line->right),
                $factors,
            ));
        }
    }

    /** @return iterable<Node> only the terms with a fraction multiplied */
    private static function cleared(Equation $line): iterable
    {
        $sides = [];
        $by = Rational::one();
        $plain = false;
        foreach ([$line->left, $line->right] as $side) {
            $terms = [];
            foreach ($side->terms() as $term) {
                try {
                    $polynomial = Polynomial::fromExpression($term);
                } catch (NotPolynomial | DivisionByZero) {
                    return;
                }
                foreach ($polynomial->terms as $own) {
                    $by = $by->times($own->coefficient->times($by)->denominator());
                }
                $plain = $plain || !$polynomial->hasFractions();
                $terms[] = $polynomial;
            }
            $sides[] = $terms;
        }
        if (!$plain || $by->isOne()) {
            return;
        }
        $written = static fn(\Closure $isMultiplied): Equation => new Equation(...array_map(
            static fn(int $side): Expression => Sum::of(array_map(
                static fn(Polynomial $term, int $place): Expression => (
                    $isMultiplied($term, $side, $place) ? $term->scaledBy($by) : $term
                )->toExpression(),
                $sides[$side],
                array_keys($sides[$side]),
            )),
            [0, 1],
        ));
        yield $written(static fn(Polynomial $term): bool => $term->hasFractions());
        foreach ($sides as $side => $terms) {
            foreach ($terms as $place => $term) {
                if (!$term->hasFractions()) {
                    yield $written(
                        static fn(Polynomial $own, int $on, int $at): bool => [$on, $at] !== [$side, $place],
                    );
                }
            }
        }
    }

    /** @return iterable<Node> each term of both sides squared by itself */
    private static function squared(Equation $line): iterable
    {
        $square = static fn(Expression $side): Expression => Sum::of(array_map(
            static fn(Expression $term): Expression => new Power($term, Numeral::of(2)),
            $side->terms(),
        ));
        $signed = static fn(Expression $side): Expression => Sum::of(array_map(
            static fn(Expression $term): Expression => $term instanceof Negative
                ? new Negative(new Power($term->operand, Numeral::of(2)))
                : new Power($term, Numeral::of(2)),
            $side->terms(),
        ));
        if ($line->left instanceof Sum || $line->right instanceof Sum) {
            yield new Equation($square($line->left), $square($line->right));
            yield new Equation($signed($line->left), $signed($line->right));
        }
    }

    /** @return array{string, Rational}|null the letter of a single linear term, and the number before it */
    private static function linear(Expression $side): ?array
    {
        try {
            $polynomial = Polynomial::fromExpression($side);
        } catch (NotPolynomial | DivisionByZero) {
            return null;
        }
        $letters = $polynomial->letters();

        return \count($polynomial->terms) === 1 && $polynomial->degree() === 1 && \count($letters) === 1
            ? [$letters[0], $polynomial->terms[0]->coefficient]
            : null;
    }
}
