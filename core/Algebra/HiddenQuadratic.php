<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\FractionalPower;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** A quadratic in something: in a bracket, in a power or product of letters, in the root of a letter, in 1 over it. */
final readonly class HiddenQuadratic
{
    /** Higher powers of a letter under a root are not looked for. */
    private const MOST_UNDER_ROOT = 6;

    /**
     * @param Expression $something what it is a quadratic in
     * @param string     $unknown   a letter that does not stand in it
     * @param Polynomial $quadratic of degree 2 in the unknown, with a last coefficient
     */
    private function __construct(
        public Expression $something,
        public string $unknown,
        public Polynomial $quadratic,
    ) {}

    /** What an equation is a quadratic in once one of its sides is 0. */
    public static function ofEquation(Equation $equation): ?self
    {
        return self::of($equation->right->isZero() ? $equation->left : Sum::of([
            ...$equation->left->terms(),
            ...array_map(static fn(Expression $term): Expression => $term->negated(), $equation->right->terms()),
        ]));
    }

    /** Null where there is none, or where it is a quadratic as it stands. */
    public static function of(Expression $whole): ?self
    {
        $letters = Letters::of($whole);
        $unknown = isset($letters['u']) ? (isset($letters['v']) ? 'w' : 'v') : 'u';
        if ($letters === [] || isset($letters[$unknown])) {
            return null;
        }
        foreach (self::brackets($whole) as $bracket) {
            $found = self::in($whole, $bracket, $unknown, [[$bracket, self::power($unknown, 1)]]);
            if ($found !== null) {
                return $found;
            }
        }

        $letter = \count($letters) === 1 ? (string) array_key_first($letters) : null;

        return self::inPowers($whole, $unknown) ?? self::besideNumbers($whole, $unknown) ?? ($letter === null
            ? null
            : self::inRoot($whole, $letter, $unknown) ?? self::inReciprocal($whole, $letter, $unknown));
    }

    /** The same powers in several brackets, with other numbers beside them: (x² + 3x)(x² + 3x + 2) − 24. */
    private static function besideNumbers(Expression $whole, string $unknown): ?self
    {
        foreach (self::brackets($whole) as $bracket) {
            $something = self::withoutNumber($bracket);
            if ($something === null || $something->degree() < 2) {
                continue;
            }
            $replaced = Rewriter::everywhere($whole, static function (Node $node) use ($something, $unknown): ?Node {
                $own = $node instanceof Sum ? Polynomial::tryFrom($node) : null;
                $number = $own?->minus($something);

                return $number === null || !$number->isConstant() ? null : Sum::of([
                    self::power($unknown, 1),
                    ...($number->isZero() ? [] : [$number->toExpression()]),
                ]);
            });
            $found = $replaced instanceof Expression
                ? self::read($something->toExpression(), $unknown, $replaced)
                : null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    private static function withoutNumber(Sum $bracket): ?Polynomial
    {
        $polynomial = Polynomial::tryFrom($bracket);
        $terms = array_values(array_filter(
            $polynomial->terms ?? [],
            static fn(Term $term): bool => $term->monomial->exponents !== [],
        ));

        return $polynomial === null ? null : Polynomial::ofTerms($terms, $polynomial->main);
    }

    public function coefficient(int $power): Rational
    {
        return $this->quadratic->coefficient($this->unknown, $power);
    }

    /** The quadratic with what the unknown stands for written in its place. */
    public function written(): Expression
    {
        $terms = [];
        foreach ([2, 1, 0] as $power) {
            $coefficient = $this->coefficient($power);
            if ($coefficient->isZero()) {
                continue;
            }
            $size = Numeral::of($coefficient->absolute());
            $body = match ($power) {
                2 => [new Power($this->something, Numeral::of(2))],
                1 => [$this->something],
                default => [],
            };
            $written = Product::withFront($size, ...$body);
            $terms[] = $written->signed($coefficient->isNegative());
        }

        return Sum::of($terms);
    }

    /** A linear factor in the unknown as a bracket in which the something stands as it is. */
    public function bracket(Polynomial $factor): Expression
    {
        $terms = [];
        foreach ([1, 0] as $power) {
            $coefficient = $factor->coefficient($this->unknown, $power);
            if ($coefficient->isZero()) {
                continue;
            }
            $size = Numeral::of($coefficient->absolute());
            $written = match (true) {
                $power === 0 => $size,
                $size->isOne() => $this->something,
                default => Product::of([$size, $this->something]),
            };
            $terms[] = $written->signed($coefficient->isNegative());
        }

        return Sum::of($terms);
    }

    /** A linear factor in the unknown with what it stands for put back, tidied up. */
    public function back(Polynomial $factor): Expression
    {
        [$m, $r] = [$factor->coefficient($this->unknown, 1), $factor->coefficient($this->unknown, 0)];
        $size = Product::withFront(Numeral::of($m->absolute()), $this->something);
        $first = $size->signed($m->isNegative());
        $polynomial = Polynomial::tryFrom($r->isZero() ? $first : Sum::of([$first, Numeral::of($r)]));

        return match (true) {
            // What stands in a bracket is tidied up; a root or a fraction stays as it is.
            $polynomial !== null && !$polynomial->isZero() => $polynomial->toExpression(),
            $r->isZero() => $first,
            default => Sum::of([...$first->terms(), Numeral::of($r)]),
        };
    }

    /** @return list<Sum> the brackets with a letter that stand in it, each once */
    public static function brackets(Expression $whole): array
    {
        $brackets = [];
        $walk = static function (Node $node) use (&$walk, &$brackets, $whole): void {
            if ($node instanceof Sum && $node !== $whole && Letters::of($node) !== []) {
                $isKnown = array_filter($brackets, static fn(Sum $one): bool => $one->equals($node)) !== [];
                $brackets = $isKnown ? $brackets : [...$brackets, $node];
            }
            foreach ($node->children() as $child) {
                $walk($child);
            }
        };
        $walk($whole);

        return $brackets;
    }

    private static function inPowers(Expression $whole, string $unknown): ?self
    {
        $polynomial = Polynomial::tryFrom($whole);
        if ($polynomial === null || \count($polynomial->terms) < 2 || \count($polynomial->terms) > 3) {
            return null;
        }
        $exponents = $polynomial->terms[0]->monomial->exponents;
        $halves = array_map(static fn(int $exponent): int => intdiv($exponent, 2), $exponents);
        $half = Monomial::one();
        foreach ($halves as $letter => $exponent) {
            $half = $half->times(Monomial::power((string) $letter, $exponent));
        }
        $isSquare = array_filter($exponents, static fn(int $exponent): bool => $exponent % 2 === 1) === [];
        if (!$isSquare || $half->degree < 2) {
            return null;
        }
        $coefficients = [Rational::zero(), Rational::zero(), Rational::zero()];
        foreach ($polynomial->terms as $term) {
            $power = match (true) {
                $term->monomial->exponents === $exponents => 2,
                $term->monomial->key === $half->key => 1,
                $term->monomial->exponents === [] => 0,
                default => null,
            };
            if ($power === null) {
                return null;
            }
            $coefficients[2 - $power] = $term->coefficient;
        }

        return self::checked($half->toExpression(), $unknown, Polynomial::ofCoefficients($unknown, $coefficients));
    }

    private static function inRoot(Expression $whole, string $letter, string $unknown): ?self
    {
        $whole = FractionalPower::everywhere($whole) ?? $whole;
        $index = self::index($whole, $letter);
        $root = $index === null ? null : new Root(new Letter($letter), $index);

        if ($root === null || $index === null) {
            return null;
        }
        $powers = [];
        foreach (range(2, self::MOST_UNDER_ROOT) as $exponent) {
            // √(x³) is the third power of √x, but √(x²) is not the second.
            if (Integers::gcd($exponent, $index) === 1) {
                $under = new Power(new Letter($letter), Numeral::of($exponent));
                $powers[] = [new Root($under, $index), self::power($unknown, $exponent)];
            }
        }

        return self::in($whole, $root, $unknown, [
            [$root, self::power($unknown, 1)],
            ...$powers,
            [new Letter($letter), self::power($unknown, $index)],
        ]);
    }

    /** The index of the first root that stands over the letter alone; null where there is none. */
    private static function index(Node $node, string $letter): ?int
    {
        if ($node instanceof Root && $node->radicand->equals(new Letter($letter))) {
            return $node->index;
        }
        foreach ($node->children() as $child) {
            $index = self::index($child, $letter);
            if ($index !== null) {
                return $index;
            }
        }

        return null;
    }

    private static function inReciprocal(Expression $whole, string $letter, string $unknown): ?self
    {
        $below = static function (Node $node) use ($letter, $unknown): ?Node {
            if ($node instanceof Power && $node->base->equals(new Letter($letter))) {
                $exponent = $node->wholeExponent() ?? 0;

                return $exponent === -1 || $exponent === -2 ? self::power($unknown, -$exponent) : null;
            }
            if (!$node instanceof Quotient || !$node->numerator->isNumber()) {
                return null;
            }
            $denominator = $node->denominator;
            $power = match (true) {
                $denominator->equals(new Letter($letter)) => 1,
                $denominator->equals(new Power(new Letter($letter), Numeral::of(2))) => 2,
                default => null,
            };

            return $power === null ? null : Product::of([$node->numerator, self::power($unknown, $power)]);
        };
        $replaced = Rewriter::everywhere($whole, $below);

        return $replaced instanceof Expression ? self::read(
            new Quotient(Numeral::of(1), new Letter($letter)),
            $unknown,
            $replaced,
        ) : null;
    }

    /** @param non-empty-list<array{Expression, Expression}> $pairs what is replaced, in this order */
    private static function in(Expression $whole, Expression $something, string $unknown, array $pairs): ?self
    {
        $replaced = $whole;
        foreach ($pairs as [$old, $new]) {
            $next = Rewriter::everywhere(
                $replaced,
                static fn(Node $node): ?Node => $node instanceof Expression && $node->equals($old) ? $new : null,
            );
            if (!$next instanceof Expression) {
                return null;
            }
            $replaced = $next;
        }

        return self::read($something, $unknown, $replaced);
    }

    private static function read(Expression $something, string $unknown, Expression $replaced): ?self
    {
        if (array_keys(Letters::of($replaced)) !== [$unknown]) {
            return null;
        }
        $polynomial = Polynomial::tryFrom($replaced);

        // A root of a number stands there as a letter of its own.
        return $polynomial === null || $polynomial->letters() !== [$unknown]
            ? null
            : self::checked($something, $unknown, $polynomial) ?? self::inPowersOf($something, $unknown, $polynomial);
    }

    /** A quadratic in a power of what the unknown stands for: (x − 1)⁴ − 5(x − 1)² + 4. */
    private static function inPowersOf(Expression $base, string $unknown, Polynomial $polynomial): ?self
    {
        $half = $polynomial->isZero() ? 0 : intdiv($polynomial->degree(), 2);
        $powers = array_map(
            static fn(Term $term): int => $term->monomial->degreeIn($unknown),
            $polynomial->terms,
        );
        if ($half < 2 || array_diff($powers, [2 * $half, $half, 0]) !== []) {
            return null;
        }

        return self::checked(new Power($base, Numeral::of($half)), $unknown, Polynomial::ofCoefficients(
            $unknown,
            array_map(
                static fn(int $power): Rational => $polynomial->coefficient($unknown, $power),
                [2 * $half, $half, 0],
            ),
        ));
    }

    private static function checked(Expression $something, string $unknown, Polynomial $quadratic): ?self
    {
        $isFit = !$quadratic->isZero() && $quadratic->degree() === 2 && $quadratic->letters() === [$unknown]
            && !$quadratic->coefficient($unknown, 0)->isZero();

        return $isFit ? new self($something, $unknown, $quadratic) : null;
    }

    private static function power(string $unknown, int $power): Expression
    {
        return Monomial::power($unknown, $power)->toExpression();
    }
}
