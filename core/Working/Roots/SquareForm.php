<?php

declare(strict_types=1);

namespace Runel\Working\Roots;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Method\Embedded;
use Runel\Method\Factored;
use Runel\Method\WaysToFactor;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Working\Outer;

/** A polynomial of degree 4 with even powers alone that factors as a quadratic in the square of its letter. */
final readonly class SquareForm
{
    /**
     * @param Expression       $quadratic in the unknown that stands for the square
     * @param list<Polynomial> $factors   in the same
     */
    private function __construct(
        private Polynomial $polynomial,
        private string $letter,
        private string $unknown,
        private Expression $quadratic,
        private Factored $factored,
        private array $factors,
    ) {}

    /** Null where it is no such polynomial. */
    public static function of(Polynomial $polynomial, string $letter, Task $task, WaysToFactor $ways): ?self
    {
        $odd = $polynomial->coefficient($letter, 3)->isZero() && $polynomial->coefficient($letter, 1)->isZero();
        if ($polynomial->degree() !== 4 || !$odd || $polynomial->coefficient($letter, 0)->isZero()) {
            return null;
        }
        $unknown = $letter === 'u' ? 'v' : 'u';
        $quadratic = Polynomial::ofCoefficients($unknown, [
            $polynomial->coefficient($letter, 4),
            $polynomial->coefficient($letter, 2),
            $polynomial->coefficient($letter, 0),
        ]);
        if (Trinomial::of($quadratic)?->isPrime() !== false) {
            return null;
        }
        $part = QuadraticPart::expression($quadratic, $task);
        $way = $ways->fitting($part)[0] ?? null;
        $factored = $way?->factoring($part);

        return $factored === null ? null : new self(
            $polynomial,
            $letter,
            $unknown,
            $quadratic->toExpression(),
            $factored,
            $factored->factors,
        );
    }

    /** @return list<Polynomial> the factors in the letter itself: linear ones where a difference of squares splits */
    public function factors(): array
    {
        return array_merge(...array_map($this->split(...), $this->squared()));
    }

    public function trials(): int
    {
        return $this->factored->forecast->trials;
    }

    /** @return list<Section> */
    public function sections(Outer $outer): array
    {
        $square = Monomial::power($this->letter, 2)->toExpression();
        $words = ['square' => $square, 'unknown' => $this->unknown];
        $terms = [];
        foreach ([4, 2, 0] as $power) {
            $coefficient = $this->polynomial->coefficient($this->letter, $power);
            if (!$coefficient->isZero()) {
                $terms[] = self::term($coefficient, $power, $square);
            }
        }
        $written = static fn(Polynomial $factor): Expression => $factor->toExpression();
        $back = [new Step(
            id: 'square-back',
            title: Message::of('roots.square.title-back', $words),
            why: Message::of('roots.square.why-back', $words),
            lines: [$outer->line(...array_map($written, $this->squared()))],
        )];
        if (\count($this->factors()) > \count($this->squared())) {
            $back[] = new Step(
                id: 'square-split',
                title: Message::of('roots.square.title-split'),
                why: Message::of('roots.square.why-split'),
                lines: [$outer->line(...array_map($written, $this->factors()))],
            );
        }

        return [
            new Section(Phase::SettingUp, [new Step(
                id: 'square',
                title: Message::of('roots.square.title', $words),
                why: Message::of('roots.square.why', $words),
                lines: [$outer->line(Sum::of($terms))],
            )]),
            ...Embedded::beside($this->factored->sections, 'square-', $this->quadratic),
            new Section(Phase::Writing, $back),
        ];
    }

    private static function term(Rational $coefficient, int $power, Expression $square): Expression
    {
        $body = match ($power) {
            4 => new Power($square, Numeral::of(2)),
            2 => $square,
            default => null,
        };
        $size = $coefficient->absolute();
        $written = match (true) {
            $body === null => Numeral::of($size),
            $size->isOne() => $body,
            default => Product::of([Numeral::of($size), $body]),
        };

        return $written->signed($coefficient->isNegative());
    }

    /** @return list<Polynomial> the factors with the square put back */
    private function squared(): array
    {
        return array_map(fn(Polynomial $factor): Polynomial => Polynomial::ofTerms(array_map(
            fn(Term $term): Term => new Term(
                $term->coefficient,
                Monomial::power($this->letter, 2 * $term->monomial->degreeIn($this->unknown)),
            ),
            $factor->terms,
        )), $this->factors);
    }

    /** @return list<Polynomial> sum times difference, where it is a difference of squares */
    private function split(Polynomial $factor): array
    {
        $first = $factor->coefficient($this->letter, 2)->squareRoot();
        $last = $factor->coefficient($this->letter, 0);
        $second = $last->isNegative() ? $last->negated()->squareRoot() : null;

        return $first === null || $second === null ? [$factor] : [
            Polynomial::ofCoefficients($this->letter, [$first, $second->negated()]),
            Polynomial::ofCoefficients($this->letter, [$first, $second]),
        ];
    }
}
