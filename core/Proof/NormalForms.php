<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Pi;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\OpenPowers;
use Runel\Number\Integers;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/**
 * Expressions worked out as fractions of polynomials: two of them are equal for all values of the letters when
 * their cross products are the same polynomial. Each root √r is a symbol s with s² = r. Roots of numbers are taken
 * apart into roots of primes, which are independent, so for numbers the comparison decides; for roots with letters
 * under them what it calls equal is equal.
 *
 * @implements OpenPowers<RationalFunction>
 */
final class NormalForms implements OpenPowers
{
    private const BITS = 7;
    private const MOST_SYMBOLS = 9;
    /** A sum with more terms is not looked for as what another one is the power of. */
    private const MOST_ROOT_TERMS = 8;
    private const MOST_DEGREE = 120;
    /** More terms than this are not worked with. */
    private const MOST_TERMS = 4000;
    /** Larger numbers under a root from the third on are not taken apart. */
    private const LARGEST_ROOTED = 1_000_000_000_000;

    /** @var array<string, int> the place of each symbol: a letter, or what stands under a root */
    private array $places = [];
    /** @var array<int, array{int, array<int, Rational>}> of the symbols that are roots: index and radicand, by place */
    private array $roots = [];
    /** @var array<int, list<array<int, Rational>>> what stands in a power with letters for an exponent, by place */
    private array $powers = [];
    /** @var array<int, int> the number under a root of a number, by place; −1 for i */
    private array $numbers = [];
    /** @var array<string, RationalFunction> */
    private array $letters = [];
    /** @var array<int, Rational> the number 1, the denominator of what has none */
    private readonly array $whole;

    /**
     * @param Effort|null $effort what may be spent; null: as much as it takes
     * @param int         $index  where it is not 1, no letter is negative, and each is worked with as the power with
     *                            this exponent of a symbol of its own: its root comes out
     */
    public function __construct(private readonly ?Effort $effort = null, private readonly int $index = 1)
    {
        $this->whole = [0 => Rational::one()];
    }

    /**
     * Counts work that is done with forms elsewhere.
     *
     * @throws OutOfEffort
     */
    public function spend(int $steps): void
    {
        $this->effort?->spend($steps);
    }

    public function areSame(RationalFunction $first, RationalFunction $second): bool
    {
        if ($this->areWhole($first, $second)) {
            return self::match($first->numerator, $second->numerator);
        }

        return self::match($this->times(
            $first->numerator,
            $second->denominator,
        ), $this->times($second->numerator, $first->denominator));
    }

    public function letter(string $name): RationalFunction
    {
        return $this->letters[$name]
            ??= new RationalFunction(
                [$this->index << self::BITS * $this->place($name) => Rational::one()],
                $this->whole,
                $this->index,
            );
    }

    /**
     * The only monomial of a polynomial, null where it has several.
     *
     * @param array<int, Rational> $form
     */
    public function monomial(array $form): ?int
    {
        return \count($form) === 1 ? array_key_first($form) : null;
    }

    /** Whether every exponent of a monomial is at least that of another. */
    public static function contains(int $monomial, int $other): bool
    {
        for (; $other > 0; $monomial >>= self::BITS, $other >>= self::BITS) {
            $mask = (1 << self::BITS) - 1;
            if (($monomial & $mask) < ($other & $mask)) {
                return false;
            }
        }

        return true;
    }

    /** The least monomial that contains two. */
    public static function leastOf(int $first, int $second): int
    {
        $least = 0;
        for ($place = 0; ($first | $second) >> $place > 0; $place += self::BITS) {
            $mask = ((1 << self::BITS) - 1) << $place;
            $least |= max($first & $mask, $second & $mask);
        }

        return $least;
    }

    /** Whether a letter occurs in it, outside of roots or under one. */
    public function holds(RationalFunction $ratio, string $letter): bool
    {
        $place = $this->places[$letter] ?? null;
        if ($place === null) {
            return false;
        }
        $places = [$place];
        foreach ($this->roots as $root => [, $radicand]) {
            if (self::occurs($radicand, $places)) {
                $places[] = $root;
            }
        }
        foreach ($this->powers as $power => $forms) {
            if (array_filter($forms, static fn(array $form): bool => self::occurs($form, $places)) !== []) {
                $places[] = $power;
            }
        }

        return self::occurs($ratio->numerator, $places) || self::occurs($ratio->denominator, $places);
    }

    /**
     * The different degrees of the terms of a polynomial, roots not counted; none for 0.
     *
     * @return list<int>
     *
     * @throws NoExactValue when it is no polynomial
     */
    public function degrees(RationalFunction $ratio): array
    {
        if (!$ratio->isWhole()) {
            throw new NoExactValue('not a polynomial');
        }
        $degrees = [];
        foreach ($ratio->numerator as $monomial => $_) {
            $degree = 0;
            for ($place = 0; $monomial > 0; ++$place, $monomial >>= self::BITS) {
                $exponent = $monomial & (1 << self::BITS) - 1;
                if ($exponent > 0 && isset($this->powers[$place])) {
                    throw new NoExactValue('an exponent that is no number');
                }
                $degree += isset($this->roots[$place]) ? 0 : $exponent;
            }
            $degrees[$degree] = true;
        }

        return array_keys($degrees);
    }

    /**
     * A polynomial seen as one in a single letter: its coefficients, numbers with roots, by power.
     *
     * @param array<int, Rational> $form
     *
     * @return array<int, Surd>|null null when another letter, or a root with a letter under it, occurs
     */
    public function inOneLetter(array $form, string $letter): ?array
    {
        $own = $this->places[$letter] ?? null;
        $coefficients = [];
        foreach ($form as $monomial => $coefficient) {
            $power = 0;
            $value = Surd::rational($coefficient);
            for ($place = 0, $left = $monomial; $left > 0; ++$place, $left >>= self::BITS) {
                $exponent = $left & (1 << self::BITS) - 1;
                if ($exponent === 0) {
                    continue;
                }
                if ($place === $own) {
                    $power = $exponent;
                } elseif (isset($this->numbers[$place])) {
                    $value = $value->times(Surd::rootOf(Rational::of($this->numbers[$place])));
                } else {
                    return null;
                }
            }
            $coefficients[$power] = isset($coefficients[$power]) ? $coefficients[$power]->plus($value) : $value;
        }

        return array_filter($coefficients, static fn(Surd $coefficient): bool => !$coefficient->isZero());
    }

    public function number(Rational $value): RationalFunction
    {
        return new RationalFunction($value->isZero() ? [] : [0 => $value], $this->whole, 0);
    }

    public function sum(mixed $first, mixed $second): RationalFunction
    {
        $degree = max($first->degree, $second->degree);
        if ($first->denominator === $second->denominator) {
            $sum = self::added($first->numerator, $second->numerator);

            return new RationalFunction($sum, $first->denominator, $degree);
        }

        return new RationalFunction(
            self::added($this->times(
                $first->numerator,
                $second->denominator,
            ), $this->times($second->numerator, $first->denominator)),
            $this->times($first->denominator, $second->denominator),
            self::bounded($first->degree + $second->degree),
        );
    }

    public function product(mixed $first, mixed $second): RationalFunction
    {
        $degree = $first->degree + $second->degree;
        if ($degree > self::MOST_DEGREE) {
            self::bounded($degree);
        }
        // Most are polynomials: they take no further call.
        if ($first->denominator === $this->whole && $second->denominator === $this->whole) {
            return new RationalFunction($this->times($first->numerator, $second->numerator), $this->whole, $degree);
        }

        return new RationalFunction(
            $this->times($first->numerator, $second->numerator),
            $first->isWhole() ? $second->denominator : ($second->isWhole() ? $first->denominator : $this->times(
                $first->denominator,
                $second->denominator,
            )),
            $degree,
        );
    }

    public function opposite(mixed $value): RationalFunction
    {
        return new RationalFunction(array_map(
            static fn(Rational $coefficient): Rational => $coefficient->negated(),
            $value->numerator,
        ), $value->denominator, $value->degree);
    }

    public function quotient(mixed $numerator, mixed $denominator): RationalFunction
    {
        if ($denominator->numerator === []) {
            throw new DivisionByZero();
        }
        $number = $denominator->toRational();
        if ($number !== null) {
            return $this->product($numerator, $this->number($number->reciprocal()));
        }

        return $this->product(
            $numerator,
            new RationalFunction($denominator->denominator, $denominator->numerator, $denominator->degree),
        );
    }

    /** A symbol of its own: what is known of it is that it is the same wherever base and exponent are. */
    public function openPower(mixed $base, mixed $exponent): RationalFunction
    {
        $forms = [$base->numerator, $base->denominator, $exponent->numerator, $exponent->denominator];
        $key = '^';
        foreach ($forms as $form) {
            ksort($form);
            $key .= self::spelled($form) . '|';
        }
        $place = $this->place($key);
        $this->powers[$place] = $forms;

        return new RationalFunction([1 << self::BITS * $place => Rational::one()], $this->whole, 1);
    }

    public function root(mixed $radicand, int $index): RationalFunction
    {
        // √(n/d) is √(nd)/d, and so for higher roots.
        $under = $radicand->numerator;
        for ($time = 1; $time < $index; ++$time) {
            $under = $radicand->isWhole() ? $under : $this->times($under, $radicand->denominator);
        }
        $degree = $radicand->isWhole() ? $radicand->degree : self::bounded($index * $radicand->degree);
        $root = $this->wholeRoot($under, $index, $degree);

        return $radicand->isWhole() ? $root : $this->quotient(
            $root,
            new RationalFunction($radicand->denominator, $this->whole, $radicand->degree),
        );
    }

    /** @param array<int, Rational> $under */
    private function wholeRoot(array $under, int $index, int $degree): RationalFunction
    {
        if ($under === []) {
            return $this->number(Rational::zero());
        }
        [$outside, $size] = $this->powerOutside($under, $index);
        if ($outside > 0) {
            $rest = [];
            foreach ($under as $monomial => $coefficient) {
                $rest[$monomial - $index * $outside] = $coefficient;
            }

            return $this->product(
                new RationalFunction([$outside => Rational::one()], $this->whole, $size),
                $this->wholeRoot($rest, $index, $degree),
            );
        }
        $content = Rational::zero();
        foreach ($under as $coefficient) {
            $content = $content->commonDivisor($coefficient);
        }
        $number = isset($under[0]) && \count($under) === 1 ? $under[0] : null;
        if ($index === 2 && $number !== null) {
            return $this->fromSurd(Surd::rootOf($number));
        }
        if ($index > 2 && $number !== null) {
            $root = $this->rootOfNumber($number, $index);
            if ($root !== null) {
                return $root;
            }
        }
        if (
            $index === 2
            && ($surd = $this->inOneLetter($under, '')[0] ?? null) !== null
            && ($root = $surd->squareRoot()) !== null
        ) {
            return $this->fromSurd($root);
        }
        $outside = $index === 2 && $number === null ? Surd::rootOf($content) : null;
        if ($outside !== null) {
            $under = array_map(static fn(Rational $coefficient): Rational => $coefficient->dividedBy($content), $under);
        }
        $exact = $index % 2 === 1 ? $this->exactRoot($under, $index) : null;
        if ($exact !== null) {
            return new RationalFunction($exact, $this->whole, max(1, intdiv($degree + $index - 1, $index)));
        }
        $raised = $this->powerOfLetter($under);
        if ($raised !== null && Integers::gcd($raised[1], $index) === 1) {
            // √(x³) is (√x)³: either is there where x is not negative, or the index is odd.
            $root = $this->wholeRoot([$raised[0] => Rational::one()], $index, 1);

            return array_reduce(
                array_fill(0, $raised[1], $root),
                $this->product(...),
                $this->number(Rational::one()),
            );
        }
        ksort($under);
        $symbol = new RationalFunction([
            1 << self::BITS * $this->rootPlace($under, $index) => Rational::one(),
        ], $this->whole, max(1, intdiv($degree + $index - 1, $index)));

        return $outside === null ? $symbol : $this->product($this->fromSurd($outside), $symbol);
    }

    /**
     * What a sum is the power of, where letters alone stand in it; null where it is the power of nothing short. Term
     * after term, as a root is worked out digit by digit: each next one is what the highest term still lacks.
     *
     * @param array<int, Rational> $form
     *
     * @return array<int, Rational>|null
     */
    private function exactRoot(array $form, int $index): ?array
    {
        $highest = max([0, ...array_keys($form)]);
        $front = \count($form) < 2 ? null : $form[$highest]->exactRoot($index);
        $first = $this->overPlaces($highest, $index);
        if ($front === null || $first === null || $this->holdsOther($form)) {
            return null;
        }
        $root = [$first => $front];
        $factor = $front->power($index - 1)->times(Rational::of($index));
        for ($terms = 1; $terms < self::MOST_ROOT_TERMS; ++$terms) {
            $power = array_reduce(
                array_fill(0, $index, $root),
                $this->times(...),
                [0 => Rational::one()],
            );
            $left = self::added($form, array_map(static fn(Rational $one): Rational => $one->negated(), $power));
            if ($left === []) {
                return $root;
            }
            $next = max(array_keys($left));
            $monomial = $next - ($index - 1) * $first;
            if ($monomial < 0 || $monomial >= min(array_keys($root))) {
                return null;
            }
            $root[$monomial] = $left[$next]->dividedBy($factor);
        }

        return null;
    }

    /** A monomial with every exponent divided; null where one of them cannot be. */
    private function overPlaces(int $monomial, int $index): ?int
    {
        $mask = (1 << self::BITS) - 1;
        $over = 0;
        foreach ($this->places as $place) {
            $exponent = $monomial >> self::BITS * $place & $mask;
            if ($exponent % $index !== 0) {
                return null;
            }
            $over += intdiv($exponent, $index) << self::BITS * $place;
        }

        return $over;
    }

    /**
     * Whether a root, or a power with a letter for its exponent, stands in it.
     *
     * @param array<int, Rational> $form
     */
    private function holdsOther(array $form): bool
    {
        $mask = (1 << self::BITS) - 1;
        foreach (array_keys($this->roots + $this->powers) as $place) {
            foreach (array_keys($form) as $monomial) {
                if (($monomial >> self::BITS * $place & $mask) > 0) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * The letter by its monomial, and its exponent from 2 on, of what is a single power of one; null of anything else.
     *
     * @param array<int, Rational> $form
     *
     * @return array{int, int}|null
     */
    private function powerOfLetter(array $form): ?array
    {
        $monomial = array_key_first($form) ?? 0;
        if (\count($form) !== 1 || !$form[$monomial]->isOne()) {
            return null;
        }
        foreach ($this->places as $place) {
            $letter = 1 << self::BITS * $place;
            if ($monomial % $letter === 0 && $monomial > $letter && $monomial < $letter << self::BITS) {
                return isset($this->roots[$place]) || isset($this->powers[$place])
                    ? null
                    : [$letter, intdiv($monomial, $letter)];
            }
        }

        return null;
    }

    /**
     * The root of a number with an index from 3 on, taken apart into the roots of primes; null where it is too large,
     * or negative with an even index.
     */
    private function rootOfNumber(Rational $number, int $index): ?RationalFunction
    {
        $top = $number->absolute()->numerator()->toInt();
        $bottom = $number->denominator()->toInt();
        $isTooLarge = $top === null || $bottom === null || max($top, $bottom) > self::LARGEST_ROOTED;
        if ($isTooLarge || ($number->isNegative() && $index % 2 === 0)) {
            return null;
        }
        // The root of n/d is the root of n·d^(index − 1), over d.
        $times = Integers::primePowers($top);
        foreach (Integers::primePowers($bottom) as $prime => $count) {
            $times[$prime] = ($times[$prime] ?? 0) + $count * ($index - 1);
        }
        $root = $this->number(Rational::fraction($number->isNegative() ? -1 : 1, $bottom));
        foreach ($times as $prime => $count) {
            $root = $this->product($root, $this->number(Rational::of($prime)->power(intdiv($count, $index))));
            $symbol = 1 << self::BITS * $this->rootPlace([0 => Rational::of($prime)], $index);
            $left = $count % $index;
            if ($left > 0) {
                $root = $this->product($root, new RationalFunction(
                    [$left * $symbol => Rational::one()],
                    $this->whole,
                    $left,
                ));
            }
        }

        return $root;
    }

    /**
     * What is positive and stands in all terms with at least the index for an exponent comes out of a root: π, and the
     * letters where none is negative.
     *
     * @param non-empty-array<int, Rational> $under
     *
     * @return array{int, int} the monomial that stands outside, and its degree
     */
    private function powerOutside(array $under, int $index): array
    {
        $mask = (1 << self::BITS) - 1;
        $outside = $size = 0;
        foreach ($this->places as $symbol => $place) {
            $isOpen = isset($this->roots[$place]) || isset($this->powers[$place]);
            // Of an odd index the root of a power is there for every real number.
            if ($symbol !== Pi::NAME && ($isOpen || ($this->index === 1 && $index % 2 === 0))) {
                continue;
            }
            $exponent = intdiv(min(array_map(
                static fn(int $monomial): int => $monomial >> self::BITS * $place & $mask,
                array_keys($under),
            )), $index);
            $outside += $exponent << self::BITS * $place;
            $size += $exponent;
        }

        return [$outside, $size];
    }

    /** A number with roots, its radicands taken apart into primes. */
    private function fromSurd(Surd $surd): RationalFunction
    {
        $sum = $this->number(Rational::zero());
        foreach ($surd->parts as $radicand => $coefficient) {
            $term = $this->number($coefficient);
            foreach ($radicand === 1 ? [] : ($radicand < 0 ? [
                -1,
                ...Integers::primes(-$radicand),
            ] : Integers::primes($radicand)) as $prime) {
                $place = $this->rootPlace([0 => Rational::of($prime)], 2);
                $this->numbers[$place] = $prime;
                $term = $this->product($term, new RationalFunction([
                    1 << self::BITS * $place => Rational::one(),
                ], $this->whole, 1));
            }
            $sum = $this->sum($sum, $term);
        }

        return $sum;
    }

    /** @param array<int, Rational> $radicand in the order of monomials */
    private function rootPlace(array $radicand, int $index): int
    {
        $place = $this->place($index . '√' . self::spelled($radicand));
        $this->roots[$place] = [$index, $radicand];

        return $place;
    }

    /** @param array<int, Rational> $form in the order of monomials */
    private static function spelled(array $form): string
    {
        $spelled = '';
        foreach ($form as $monomial => $coefficient) {
            $spelled .= "$monomial:$coefficient ";
        }

        return $spelled;
    }

    private function place(string $symbol): int
    {
        if (!isset($this->places[$symbol])) {
            if (\count($this->places) === self::MOST_SYMBOLS) {
                throw new NoExactValue('more letters and roots than can be followed');
            }
            $this->places[$symbol] = \count($this->places);
        }

        return $this->places[$symbol];
    }

    /**
     * @param array<int, Rational> $left
     * @param array<int, Rational> $right
     *
     * @return array<int, Rational>
     */
    private function times(array $left, array $right): array
    {
        if (\count($left) === 1 && \count($right) === 1 && $this->roots === []) {
            $first = array_key_first($left);
            $second = array_key_first($right);

            return [$first + $second => $left[$first]->times($right[$second])];
        }
        if (\count($left) * \count($right) > self::MOST_TERMS) {
            throw new NoExactValue('more terms than can be followed');
        }
        $this->effort?->spend(\count($left) * \count($right));
        $product = [];
        foreach ($left as $first => $coefficient) {
            foreach ($right as $second => $other) {
                $term = $coefficient->times($other);
                $product[$first + $second] = isset(
                    $product[$first + $second],
                ) ? $product[$first + $second]->plus($term) : $term;
            }
        }

        foreach ($product as $monomial => $coefficient) {
            if ($coefficient->isZero()) {
                unset($product[$monomial]);
            }
        }

        return $this->roots === [] ? $product : $this->reduced($product);
    }

    /**
     * Every power of a root that its index goes into replaced by what stands under it.
     *
     * @param array<int, Rational> $form
     *
     * @return array<int, Rational>
     */
    private function reduced(array $form): array
    {
        foreach ($this->roots as $place => [$index, $radicand]) {
            foreach ($form as $monomial => $coefficient) {
                $exponent = $monomial >> self::BITS * $place & (1 << self::BITS) - 1;
                if ($exponent >= $index) {
                    unset($form[$monomial]);
                    $left = [$monomial - ($index << self::BITS * $place) => $coefficient];

                    return $this->reduced(self::added($form, $this->times($left, $radicand)));
                }
            }
        }

        return $form;
    }

    /**
     * @param array<int, Rational> $left
     * @param array<int, Rational> $right
     *
     * @return array<int, Rational>
     */
    private static function added(array $left, array $right): array
    {
        foreach ($right as $monomial => $coefficient) {
            if (!isset($left[$monomial])) {
                $left[$monomial] = $coefficient;
                continue;
            }
            $sum = $left[$monomial]->plus($coefficient);
            if ($sum->isZero()) {
                unset($left[$monomial]);
            } else {
                $left[$monomial] = $sum;
            }
        }

        return $left;
    }

    /**
     * @param array<int, Rational> $left
     * @param array<int, Rational> $right
     */
    private static function match(array $left, array $right): bool
    {
        if (\count($left) !== \count($right)) {
            return false;
        }
        foreach ($left as $monomial => $coefficient) {
            if (!isset($right[$monomial]) || !$coefficient->equals($right[$monomial])) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array<int, Rational> $form
     * @param list<int>            $places
     */
    private static function occurs(array $form, array $places): bool
    {
        foreach ($form as $monomial => $_) {
            foreach ($places as $place) {
                if (($monomial >> self::BITS * $place & (1 << self::BITS) - 1) > 0) {
                    return true;
                }
            }
        }

        return false;
    }

    private function areWhole(RationalFunction $first, RationalFunction $second): bool
    {
        return $first->denominator === $this->whole && $second->denominator === $this->whole;
    }

    private static function bounded(int $degree): int
    {
        return $degree <= self::MOST_DEGREE ? $degree : throw new NoExactValue('a higher degree than can be followed');
    }
}
