<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** The numbers at which a fraction has no value, said before anything is cancelled. */
final readonly class ExcludedValues
{
    /**
     * @param string|null      $letter  the only one, where all values can be named; null else
     * @param list<Expression> $values
     * @param list<Polynomial> $factors the linear factors they come from
     */
    private function __construct(public ?string $letter, public array $values, private array $factors) {}

    /** @param list<Expression> $divisors all that may not be 0 */
    public static function of(Expression $whole, array $divisors): self
    {
        $letters = array_keys(Letters::of($whole));
        $letter = \count($letters) === 1 ? (string) $letters[0] : null;
        if ($letter === null) {
            return new self(null, [], []);
        }
        $values = [];
        $factors = [];
        foreach ($divisors as $divisor) {
            $factored = FactoredPolynomial::of(Polynomial::fromExpression($divisor));
            foreach ($factored->factors as [$factor]) {
                if ($factor->degree() > 1 && !self::isNeverZero($factor, $letter)) {
                    // Roots of these are no numbers that are said here.
                    return new self(null, [], []);
                }
            }
            foreach ($factored->zeros($letter) as $zero) {
                $isKnown = array_filter($values, static fn(Rational $one): bool => $one->equals($zero)) !== [];
                if (!$isKnown) {
                    $values[] = $zero;
                    $factors[] = Polynomial::ofCoefficients($letter, [
                        $zero->denominator(),
                        $zero->numerator()->negated(),
                    ]);
                }
            }
        }

        return new self($letter, array_map(Numeral::of(...), $values), $factors);
    }

    /** @return list<Step> none where nothing is excluded, or where it cannot be named */
    public function steps(): array
    {
        if ($this->letter === null || $this->values === []) {
            return [];
        }
        $letter = new Letter($this->letter);
        $places = array_map(
            static fn(Expression $value): Equation => new Equation($letter, $value),
            $this->values,
        );
        $lines = [];
        foreach ($this->factors as $place => $factor) {
            $put = Substitution::into($factor->toExpression(), $letter->name, $this->values[$place]);
            if (!$put->isNumber()) {
                $lines[] = Line::side($put, Numeral::of(0));
            }
        }

        return [new Step(
            id: 'excluded',
            title: Message::of('clear.excluded.title', [
                'places' => \count($places) === 1 ? $places[0] : new Alternatives($places),
            ]),
            why: Message::of('simplify.excluded-why'),
            lines: $lines,
        )];
    }

    /** Whether a prime quadratic has no real zero. */
    private static function isNeverZero(Polynomial $factor, string $letter): bool
    {
        if ($factor->degree() !== 2) {
            return false;
        }
        [$a, $b, $c] = array_map(static fn(int $power): Rational => $factor->coefficient($letter, $power), [2, 1, 0]);

        return $b->times($b)->minus(Rational::of(4)->times($a)->times($c))->isNegative();
    }
}
