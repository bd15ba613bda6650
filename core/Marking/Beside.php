<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Algebra\Parabola;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Proof\Proof;

/** What stands on a page beside the work and is no line of it, but says something: true, false, or neither. */
final readonly class Beside
{
    /** A value, and numbers that are said to be equal: x = 2: 4 − 4 = 0. */
    private const PUT_IN = '/^\s*(?:(?:when|if|at|for|put|with)\s+)?\p{L}\s*=\s*([-−–]?\d[\d.\/]*)\s*:\s+'
        . '([^:=]*=[^:]*?)[\s.✓✔]*$/iu';
    private const DEFINITION = '/^\s*(?:let\s+)?(ac|\p{L}|Δ|discriminant|disc)\s*=\s*([^=].*)$/iu';
    private const DISCRIMINANT = '/^\s*(?:(?:D|Δ|disc(?:riminant)?)\s*=\s*)?'
        . 'b\s*(?:\^\s*2|²)\s*[-−–]\s*4\s*[*·×]?\s*a\s*[*·×]?\s*c\s*=(.*)$/u';
    private const WORDS = '/(?<![\p{L}\d\\\\])(?!sqrt|sin|cos|tan|log|pi\b)\p{L}{3,}(?![\p{L}\d(=])/u';
    /** −11 < 0, D > 0, b² − 4ac = −11 < 0. */
    private const UNEVEN = '/^(.*?)\s*([<>≤≥])\s*(0|[-−–]?\d+)\s*[.]?\s*$/u';
    private const NAMED = '/^\s*(?:d|Δ|disc(?:riminant)?|b\s*(?:\^2|²)\s*[-−–]\s*4\s*a\s*c)\s*(?:=|$)/iu';
    /** f(−2) = −8 + 12 − 4 = 0. */
    private const VALUE = '/^\s*([fpgyFPG])\s*\(\s*([^()=]+)\s*\)\s*=\s*([^≠]+?)[\s.✓✔✗✘]*$/u';
    private const PAIR = '/^\s*([-−–]?\d+)\s*(?:and|&|,|;)\s*([-−–+]?\d+)\s*$/u';

    /**
     * @param string          $kind     word, check, definition, product, division or margin
     * @param bool|null       $holds    null where it says nothing that could be true or false, or nobody can tell
     * @param Expression|null $rejected the value that it lets go
     */
    private function __construct(public string $kind, public ?bool $holds, public ?Expression $rejected = null) {}

    /** Null where it may be a line of the work. */
    public static function of(string $typed, Problem $problem, Proof $proof): ?self
    {
        $parts = preg_split('/\s*;\s*/u', $typed, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        if (\count($parts) < 2 || preg_match(PageWords::VERTEX, $typed) === 1) {
            $one = self::one($typed, $problem, $proof);
            // Side by side with a comma between them: 6 · (−2) = −12, 4 and −3.
            $parts = $one === null ? preg_split('/\s*,\s+/u', $typed, -1, \PREG_SPLIT_NO_EMPTY) ?: [] : [];
            if (\count($parts) < 2) {
                return $one;
            }
        }
        $kinds = [];
        $holds = [];
        foreach ($parts as $part) {
            $one = self::one($part, $problem, $proof) ?? NumbersSaid::sum($part, $proof);
            if ($one === null) {
                return null;
            }
            [$kinds[], $holds[]] = [$one->kind, $one->holds];
        }
        $isJudged = !\in_array(null, $holds, true);

        return new self($kinds[0], \in_array(false, $holds, true) ? false : ($isJudged ? true : null));
    }

    private static function one(string $typed, Problem $problem, Proof $proof): ?self
    {
        $isEquation = $problem->node instanceof Equation;

        return match (true) {
            $isEquation && preg_match(PageWords::MARGIN, $typed) === 1 => new self('margin', null),
            preg_match(PageWords::REMARK, $typed) === 1 => new self('word', null),
            preg_match(PageWords::FOUR, $typed) === 1, preg_match(PageWords::ROW, $typed) === 1
                => new self('product', null),
            preg_match(PageWords::PAIRS, $typed) === 1 => new self('product', null),
            preg_match(PageWords::VERTEX, $typed, $match) === 1 => self::vertex(
                $problem,
                $match[2],
                $match[3],
                $match[1] !== '',
            ),
            preg_match(PageWords::FACTOR, $typed, $match) === 1 => self::factor(
                $problem,
                $match[1],
                mb_strtolower($match[2]) !== 'is',
            ),
            preg_match(self::VALUE, $typed, $match) === 1 && self::isFunction($match[1], $problem)
                => self::valueAt($problem, $match[2], $match[3], $proof),
            preg_match(self::UNEVEN, $typed, $match) === 1 => self::uneven($problem, $match, $proof),
            preg_match(PageWords::REJECTED, $typed, $match) === 1 => self::rejected(
                $problem,
                implode('', \array_slice($match, 1)),
                $proof,
            ),
            preg_match(self::DISCRIMINANT, $typed, $match) === 1 => self::discriminant($problem, $match[1], $proof),
            preg_match(self::PAIR, $typed, $match) === 1 && (!$isEquation || $problem->polynomial?->degree() === 2)
                => self::pair($problem, $match[1], $match[2]),
            preg_match(NumbersSaid::CHECK, $typed) === 1 => NumbersSaid::check($typed, $proof),
            preg_match(self::PUT_IN, $typed, $match) === 1
                => NumbersSaid::putIn($match[1], $match[2], $isEquation, $proof),
            str_contains($typed, '≠') => NumbersSaid::unequal($typed, $proof),
            default => self::definitions($typed, $problem, $proof) ?? NumbersSaid::sums($typed, $proof),
        };
    }

    /** Words that are none of mathematics: nobody judges them. */
    public static function isRemark(string $typed): bool
    {
        return preg_match(self::WORDS, $typed) === 1;
    }

    /** @param bool|null $holds null where it says nothing that could be true or false */
    public static function said(string $kind, ?bool $holds): self
    {
        return new self($kind, $holds);
    }

    public static function isPrime(string $typed): bool
    {
        return preg_match(PageWords::PRIME, $typed) === 1;
    }

    /** @param bool $isNamed whether it is said to be the vertex; a point alone that is another one may be right, too */
    private static function vertex(Problem $problem, string $place, string $value, bool $isNamed): ?self
    {
        $curve = Parabola::of($problem->node instanceof Equation ? $problem->curve() : $problem->node);
        [$at, $height] = [NumbersSaid::number($place), NumbersSaid::number($value)];
        if ($curve === null || $at === null || $height === null) {
            return null;
        }
        $isVertex = $at->equals($curve->axis()) && $height->equals($curve->extreme());

        return new self('word', $isVertex || $isNamed ? $isVertex : null);
    }

    private static function rejected(Problem $problem, string $value, Proof $proof): ?self
    {
        $number = NumbersSaid::parsed($value);
        $letter = $problem->letter();
        if (!$number instanceof Expression || $letter === null || !$problem->node instanceof Equation
            || Indeterminates::of($number) !== []) {
            return null;
        }

        return new self('word', $proof->holds(new DoesNotSolve($problem->node, $letter, $number)), $number);
    }

    /** D = 64 − 12 = 52: every = is true, and what is said is the discriminant. */
    private static function discriminant(Problem $problem, string $chain, Proof $proof): ?self
    {
        $values = NumbersSaid::chain($chain, $proof);
        $own = self::ownDiscriminant($problem);
        if ($values === null || $own === null) {
            return null;
        }

        return new self('definition', $values !== [] && $values[0]->equals($own));
    }

    /** "x − 2 is a factor": of the polynomial, or of what is divided. */
    private static function factor(Problem $problem, string $said, bool $isDenied): ?self
    {
        $whole = self::whole($problem);
        $parsed = NumbersSaid::parsed($said);
        $factor = $parsed instanceof Expression ? Polynomial::tryFrom($parsed) : null;
        $letter = $problem->letter();
        if ($whole === null || $factor === null || $letter === null || $factor->letters() !== [$letter]
            || $whole->letters() !== [$letter]) {
            return null;
        }

        return new self('word', $whole->dividedWithRemainder($factor, $letter)[1]->isZero() !== $isDenied);
    }

    /** What the polynomial is at a number. */
    /** Whether a letter before parentheses names the function: y(3) where the problem is y = …, f(3) anywhere else. */
    private static function isFunction(string $letter, Problem $problem): bool
    {
        return $letter !== 'y' || ($problem->node instanceof Equation && $problem->node->left->equals(new Letter('y')));
    }

    private static function valueAt(Problem $problem, string $place, string $chain, Proof $proof): ?self
    {
        $curve = $problem->curve();
        $whole = $curve === null ? self::whole($problem) : Polynomial::tryFrom($curve);
        $letter = $whole?->letters()[0] ?? null;
        $at = NumbersSaid::number($place);
        $values = NumbersSaid::chain($chain, $proof);
        if ($letter === null || $whole?->letters() !== [$letter] || $at === null || $values === null) {
            return null;
        }
        $own = Evaluation::rational($whole->toExpression(), [$letter => $at]);

        return new self('check', $values !== [] && $values[0]->equals($own));
    }

    /** What is factored or solved, or what is divided. */
    private static function whole(Problem $problem): ?Polynomial
    {
        $division = $problem->quotient();

        return $problem->polynomial ?? ($division === null ? null : Polynomial::tryFrom($division->numerator));
    }

    /** @param array<int, string> $match all, a number or the discriminant's name, the sign, the number behind it */
    private static function uneven(Problem $problem, array $match, Proof $proof): ?self
    {
        $isNamed = preg_match(self::NAMED, $match[1]);
        $chain = (string) preg_replace('/^[^=]*=/u', '', $match[1]);
        if ($isNamed === 1) {
            $own = str_contains($match[1], '=') ? self::discriminant($problem, $chain, $proof)?->holds : true;
            $left = $own === true ? self::ownDiscriminant($problem) : null;
        } else {
            $left = NumbersSaid::number($match[1]);
        }
        $right = NumbersSaid::number($match[3]);
        if ($left === null || $right === null) {
            return $isNamed === 1 && ($own ?? null) === false ? new self('definition', false) : null;
        }
        $order = $left->compareTo($right);

        return new self('word', match ($match[2]) {
            '<' => $order < 0,
            '>' => $order > 0,
            '≤' => $order <= 0,
            default => $order >= 0,
        });
    }

    private static function ownDiscriminant(Problem $problem): ?Rational
    {
        $own = self::coefficients($problem);
        if ($own === null) {
            return null;
        }
        [$a, $b, $c] = $own;

        return $b->times($b)->minus(Rational::of(4)->times($a)->times($c));
    }

    /** a = 2, b = −5, c = −3; D = 52. */
    private static function definitions(string $typed, Problem $problem, Proof $proof): ?self
    {
        $own = self::coefficients($problem);
        if ($own === null) {
            return null;
        }
        [$a, $b, $c] = $own;
        $known = ['a' => $a, 'b' => $b, 'c' => $c, 'ac' => $a->times($c)];
        $said = [];
        foreach (preg_split(PageWords::SIDE_BY_SIDE, trim($typed)) ?: [] as $part) {
            if (preg_match(self::DEFINITION, $part, $match) !== 1 || isset(array_flip($problem->letters)[$match[1]])) {
                return null;
            }
            $name = mb_strtolower($match[1]);
            if (\in_array($name, ['d', 'δ', 'discriminant', 'disc'], true)) {
                return self::discriminant($problem, $match[2], $proof);
            }
            $values = isset($known[$name]) ? NumbersSaid::chain($match[2], $proof) : null;
            if ($values === null) {
                return null;
            }
            $said[$name] = $values[0] ?? null;
        }
        // Both sides may have been turned round: all signs turn together.
        foreach ([false, true] as $isTurned) {
            $fits = array_filter($said, static fn(?Rational $value, string $name): bool => $value !== null
                && $value->equals($isTurned ? $known[$name]->negated() : $known[$name]), \ARRAY_FILTER_USE_BOTH);
            if (\count($fits) === \count($said)) {
                return new self('definition', true);
            }
        }

        return new self('definition', false);
    }

    private static function pair(Problem $problem, string $first, string $second): ?self
    {
        $own = self::coefficients($problem);
        if ($own === null) {
            return null;
        }
        [$a, $b, $c] = $own;
        [$one, $two] = [NumbersSaid::number($first), NumbersSaid::number($second)];
        if ($one === null || $two === null) {
            return null;
        }

        $isSought = $one->times($two)->equals($a->times($c)) || $one->plus($two)->equals($b);

        return $isSought ? new self('product', true) : null;
    }

    /** @return array{Rational, Rational, Rational}|null a, b and c; null where it is no quadratic in one letter */
    private static function coefficients(Problem $problem): ?array
    {
        $polynomial = $problem->polynomial;
        $letter = $problem->letter();

        return $polynomial === null || $letter === null || $polynomial->degree() !== 2 ? null : [
            $polynomial->coefficient($letter, 2),
            $polynomial->coefficient($letter, 1),
            $polynomial->coefficient($letter, 0),
        ];
    }

}
