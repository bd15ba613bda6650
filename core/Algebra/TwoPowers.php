<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/**
 * Two terms read as a number times a square minus a square, or as a number times two cubes: (x + 1)² − 9,
 * 3(x − 2)² − 12, 8x³ + 27. Nothing is multiplied out for that.
 */
final readonly class TwoPowers
{
    /**
     * @param Rational   $front what both have in common, positive
     * @param int        $index 2 of squares, 3 of cubes
     * @param Expression $first what is raised
     */
    private function __construct(
        public Sum $whole,
        public Rational $front,
        public int $index,
        public bool $isMinus,
        public Expression $first,
        public Expression $second,
    ) {}

    /** Null of anything else, and where the first term has a minus. */
    public static function of(Expression $whole): ?self
    {
        if (!$whole instanceof Sum || \count($whole->terms) !== 2 || $whole->terms[0] instanceof Negative) {
            return null;
        }
        $isMinus = $whole->terms[1] instanceof Negative;
        [$first, $second] = [self::read($whole->terms[0]), self::read($whole->terms[1]->bare())];
        if ($first === null || $second === null) {
            return null;
        }
        $isWhole = $first[0]->isInteger() && $second[0]->isInteger();
        $common = $isWhole ? $first[0]->commonDivisor($second[0]) : Rational::one();
        foreach ([$common, Rational::one()] as $front) {
            foreach ($isMinus ? [2, 3] : [3] as $index) {
                [$p, $q] = [self::root($first, $front, $index), self::root($second, $front, $index)];
                if ($p !== null && $q !== null) {
                    return new self($whole, $front, $index, $isMinus, $p, $q);
                }
            }
        }

        return null;
    }

    /** Whether one of the two is the power of a sum. */
    public function hasBracket(): bool
    {
        return Inside::some($this->whole, fn(Node $part): bool => $part instanceof Sum && $part !== $this->whole);
    }

    /** What is left of the two terms once the number in front is taken out. */
    public function rest(): Expression
    {
        if ($this->front->isOne()) {
            return $this->whole;
        }
        [$first, $second] = array_map(function (Expression $term): Expression {
            [$number, $raised] = self::read($term->bare()) ?? throw new \LogicException('It was read before.');

            return self::scaled($number->dividedBy($this->front), $raised);
        }, $this->whole->terms);

        return Sum::of([$first, $second->signed($this->isMinus)]);
    }

    /** @return array{Rational, Term|Power}|null a number, and a term without one or a power of a sum */
    private static function read(Expression $term): ?array
    {
        $factors = $term->factors();
        $last = $factors[\count($factors) - 1];
        $exponent = $last instanceof Power && $last->base instanceof Sum ? $last->wholeExponent() : null;
        if ($last instanceof Power && $exponent !== null) {
            $front = \count($factors) === 1 ? Rational::one() : $factors[0]->number();
            $base = Polynomial::tryFrom($last->base);

            return $front === null || \count($factors) > 2 || $front->isNegative() || $exponent < 2
                || $base === null || $base->isConstant() ? null : [$front, $last];
        }
        $terms = Polynomial::tryFrom($term)->terms ?? [];

        return \count($terms) !== 1 || $terms[0]->coefficient->isNegative()
            ? null
            : [$terms[0]->coefficient, new Term(Rational::one(), $terms[0]->monomial)];
    }

    /** @param array{Rational, Term|Power} $read */
    private static function root(array $read, Rational $front, int $index): ?Expression
    {
        [$number, $raised] = $read;
        $root = self::numberRoot($number->dividedBy($front), $index);
        if ($raised instanceof Term) {
            $own = $raised->root($index);

            return $root === null || $own === null ? null : self::scaled($root, $own);
        }
        $times = intdiv($raised->wholeExponent() ?? 0, $index);
        if ($root === null || !Numeral::of($times * $index)->equals($raised->exponent)) {
            return null;
        }

        return self::scaled($root, $times > 1 ? new Power($raised->base, Numeral::of($times)) : $raised->base);
    }

    private static function numberRoot(Rational $number, int $index): ?Rational
    {
        $above = Term::constant($number->numerator())->root($index)?->coefficient;
        $below = Term::constant($number->denominator())->root($index)?->coefficient;

        return $above === null || $below === null ? null : $above->dividedBy($below);
    }

    private static function scaled(Rational $number, Term|Expression $raised): Expression
    {
        if ($raised instanceof Term) {
            return (new Term($number, $raised->monomial))->toExpression();
        }

        return Product::withFront(Numeral::of($number), $raised);
    }
}
