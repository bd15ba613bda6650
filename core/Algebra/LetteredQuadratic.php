<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Equation;
use Runel\Expression\Letters;
use Runel\Message\TooLarge;
use Runel\Number\DivisionByZero;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Problem\Problem;

/**
 * ax² + bx + c where other letters stand for numbers, a and b not 0: of an equation, its left side minus its right one.
 */
final readonly class LetteredQuadratic
{
    /** The letters that stand for the unknown where nobody says which does. */
    private const UNKNOWN = ['x', 'y', 'z'];

    /**
     * @param bool       $turned whether the sides were exchanged, the square standing on the right alone
     * @param Polynomial $left   the left side multiplied out; of an expression, all of it
     * @param Polynomial $right  the right side multiplied out; of an expression, 0
     * @param Polynomial $a      these do not hold the letter; one of them holds another
     */
    private function __construct(
        public string $letter,
        public bool $turned,
        public Polynomial $left,
        public Polynomial $right,
        public Polynomial $a,
        public Polynomial $b,
        public Polynomial $c,
    ) {}

    /** What a problem is about; null where it is none, or where the letter can be got alone without more. */
    public static function ofProblem(Problem $problem): ?self
    {
        $node = $problem->node;
        $letter = $problem->subject ?? self::unknown($problem->letters);
        if ($letter === null || $problem->polynomial === null || Letters::count($node, $letter) < 2) {
            return null;
        }
        try {
            return $node instanceof Equation
                ? self::of(Polynomial::fromExpression($node->left), Polynomial::fromExpression($node->right), $letter)
                : self::of($problem->polynomial, Polynomial::constant(0), $letter);
        } catch (NotPolynomial | DivisionByZero | TooLarge) {
            return null;
        }
    }

    /** b² − 4ac. */
    public function discriminant(): Polynomial
    {
        return $this->b->times($this->b)->minus($this->a->times($this->c)->scaledBy(Rational::of(4)));
    }

    /** What stands with a power of the letter in a polynomial. */
    public function coefficient(Polynomial $polynomial, int $power): Polynomial
    {
        return self::coefficientOf($polynomial, $this->letter, $power);
    }

    /** @param list<string> $letters */
    private static function unknown(array $letters): ?string
    {
        $unknown = array_values(array_intersect($letters, self::UNKNOWN));

        return \count($unknown) === 1 && \count($letters) > 1 ? $unknown[0] : null;
    }

    /** @throws TooLarge where the discriminant would be */
    private static function of(Polynomial $left, Polynomial $right, string $letter): ?self
    {
        $turned = self::coefficientOf($left, $letter, 2)->isZero();
        [$left, $right] = $turned ? [$right, $left] : [$left, $right];
        $whole = $left->minus($right);
        $degrees = array_map(static fn(Term $term): int => $term->monomial->degreeIn($letter), $whole->terms);
        [$c, $b, $a] = array_map(
            static fn(int $power): Polynomial => self::coefficientOf($whole, $letter, $power),
            [0, 1, 2],
        );
        $others = [...$a->letters(), ...$b->letters(), ...$c->letters()];
        $isFit = $degrees !== [] && max($degrees) === 2 && !$b->isZero() && $others !== []
            && array_filter($whole->letters(), Monomial::isRoot(...)) === [];
        $quadratic = $isFit ? new self($letter, $turned, $left, $right, $a, $b, $c) : null;
        $quadratic?->discriminant();

        return $quadratic;
    }

    private static function coefficientOf(Polynomial $polynomial, string $letter, int $power): Polynomial
    {
        return Polynomial::ofTerms(array_map(
            static fn(Term $term): Term => new Term($term->coefficient, $term->monomial->without($letter)),
            array_filter(
                $polynomial->terms,
                static fn(Term $term): bool => $term->monomial->degreeIn($letter) === $power,
            ),
        ));
    }
}
