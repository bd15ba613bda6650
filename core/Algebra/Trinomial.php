<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Message\Message;
use Runel\Message\TooLarge;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/**
 * A quadratic ax² + bx + c made ready for hunting: the common term and −1 taken out, so that a, b, c are whole numbers
 * and a is positive; they have no common factor, unless only −1 was to be taken out. With a second letter it is
 * ax² + bxy + cy².
 */
final readonly class Trinomial
{
    /** The largest |a·c| that is hunted through. */
    public const LARGEST_PRODUCT = 1_000_000_000_000;
    /** The largest |b|; its square has to fit a machine integer together with 4ac. */
    private const LARGEST_MIDDLE = 3_000_000_000;

    /** @param CommonTerm $common what has been taken out; a, b and c are the coefficients of what is left */
    private function __construct(
        public CommonTerm $common,
        public int $a,
        public int $b,
        public int $c,
        public string $letter,
        public ?string $second,
    ) {}

    /**
     * The trinomial left when the common term of a polynomial is taken out; null when that is no quadratic in one
     * letter, or in two with every term of degree 2.
     *
     * @param bool $minusAlone whether only −1 is taken out of whole numbers that begin with a minus
     *
     * @throws TooLarge when its numbers are too large to hunt through
     */
    public static function of(Polynomial $whole, bool $minusAlone = false): ?self
    {
        if ($whole->isZero()) {
            return null;
        }
        $common = CommonTerm::of($whole, $minusAlone);
        $rest = $common->rest;
        $letters = $rest->letters();
        if (($letters[1] ?? null) === $rest->main) {
            $letters = array_reverse($letters);
        }
        $second = $letters[1] ?? null;
        if ($rest->degree() !== 2 || \count($letters) > 2 || ($second !== null && !self::isHomogeneous($rest))) {
            return null;
        }
        $letter = $letters[0];
        $coefficient = static function (int $power) use ($rest, $letter, $second): ?int {
            $monomial = Monomial::power($letter, $power)->times(
                $second === null ? Monomial::one() : Monomial::power($second, 2 - $power),
            );
            foreach ($rest->terms as $term) {
                if ($term->monomial->key === $monomial->key) {
                    return $term->coefficient->toInt();
                }
            }

            return 0;
        };
        [$a, $b, $c] = [$coefficient(2), $coefficient(1), $coefficient(0)];
        if ($a === 0 || $c === 0) {
            return null;
        }
        if ($a === null || $c === null || max(abs($a), abs($c), abs((float) $a * $c)) > self::LARGEST_PRODUCT) {
            throw new TooLarge(Message::of('error.trials', ['limit' => '10¹²']));
        }
        if ($b === null || abs($b) > self::LARGEST_MIDDLE) {
            throw new TooLarge(Message::of('error.middle', ['limit' => '3 · 10⁹']));
        }

        return new self($common, $a, $b, $c, $letter, $second);
    }

    /** The product a·c, which the hunts for a pair are about. */
    public function product(): int
    {
        return $this->a * $this->c;
    }

    /** The greatest common factor of a, b and c; more than 1 only where it was to stay. */
    public function content(): int
    {
        return Integers::gcd(Integers::gcd($this->a, $this->b), $this->c);
    }

    public function discriminant(): int
    {
        return $this->b * $this->b - 4 * $this->product();
    }

    /** The whole square root of the discriminant, or null when it is no perfect square. */
    public function root(): ?int
    {
        return Integers::squareRoot($this->discriminant());
    }

    /** Whether it cannot be factored over the integers. */
    public function isPrime(): bool
    {
        return $this->root() === null;
    }

    /**
     * The two numbers with product ac and sum b, the smaller magnitude first.
     *
     * @return array{int, int}|null null when there are none
     */
    public function pair(): ?array
    {
        $root = $this->root();
        if ($root === null) {
            return null;
        }
        $pair = [intdiv($this->b - $root, 2), intdiv($this->b + $root, 2)];

        return abs($pair[0]) <= abs($pair[1]) ? $pair : [$pair[1], $pair[0]];
    }

    /**
     * The two factors (mx + r) and (nx + s), m and n positive: [[m, r], [n, s]]. A common factor that was to stay is in
     * the second.
     *
     * @return array{array{int, int}, array{int, int}}|null null when it is prime
     */
    public function factors(): ?array
    {
        $pair = $this->pair();
        if ($pair === null) {
            return null;
        }
        [$first, $second] = array_map(function (int $number): array {
            $divisor = Integers::gcd($this->a, $number);

            return [intdiv($this->a, $divisor), intdiv($number, $divisor)];
        }, $pair);
        $content = $this->content();

        return [$first, [$second[0] * $content, $second[1] * $content]];
    }

    /**
     * The two linear factors of a trinomial that is not prime, as polynomials.
     *
     * @return array{Polynomial, Polynomial}
     */
    public function brackets(): array
    {
        [[$m, $r], [$n, $s]] = $this->factors() ?? throw new \LogicException('A prime trinomial has no brackets.');

        return [$this->linear($m, $r), $this->linear($n, $s)];
    }

    /** ax² + bx + c. */
    public function primitive(): Polynomial
    {
        return Polynomial::ofTerms(
            [$this->term($this->a, 2), $this->term($this->b, 1), $this->term($this->c, 0)],
            $this->letter,
        );
    }

    /** A number times the power of the letter; the second letter fills up to degree 2. */
    public function term(Rational|int $coefficient, int $power): Term
    {
        $monomial = Monomial::power($this->letter, $power);
        if ($this->second !== null) {
            $monomial = $monomial->times(Monomial::power($this->second, 2 - $power));
        }

        return new Term(\is_int($coefficient) ? Rational::of($coefficient) : $coefficient, $monomial);
    }

    /** mx + r, or mx + ry. */
    public function linear(Rational|int $m, Rational|int $r): Polynomial
    {
        $last = $this->second === null ? Monomial::one() : Monomial::power($this->second, 1);

        return Polynomial::ofTerms([
            new Term(\is_int($m) ? Rational::of($m) : $m, Monomial::power($this->letter, 1)),
            new Term(\is_int($r) ? Rational::of($r) : $r, $last),
        ], $this->letter);
    }

    private static function isHomogeneous(Polynomial $polynomial): bool
    {
        foreach ($polynomial->terms as $term) {
            if ($term->monomial->degree !== 2) {
                return false;
            }
        }

        return true;
    }
}
