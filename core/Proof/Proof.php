<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\FractionalPower;
use Runel\Expression\Indeterminates;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Law\Claim\AllSolve;
use Runel\Law\Claim\Claim;
use Runel\Law\Claim\Comparison;
use Runel\Law\Claim\Count;
use Runel\Law\Claim\Denominator;
use Runel\Law\Claim\Divides;
use Runel\Law\Claim\DivisionHolds;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\Excluded;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\LikeTerms;
use Runel\Law\Claim\NamedValues;
use Runel\Law\Claim\NegativeCount;
use Runel\Law\Claim\NoSolution;
use Runel\Law\Claim\RootsBetween;
use Runel\Law\Claim\SameDegree;
use Runel\Law\Claim\SameSolutions;
use Runel\Law\Claim\SameWhereDefined;
use Runel\Law\Claim\SolutionCount;
use Runel\Law\Claim\Solves;
use Runel\Law\Claim\SubjectOf;
use Runel\Law\Move\Move;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Floats;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/**
 * Whether a claim holds, and how one line follows from another. Knows nothing of methods; what it cannot decide it
 * does not hold for proved.
 */
final readonly class Proof
{
    /** Numbers that differ by more than this part of themselves are different, however they were worked out. */
    private const CLEAR = 1e-9;

    private NormalForms $forms;
    /** @var Evaluation<RationalFunction> */
    private Evaluation $evaluation;
    private Equations $equations;
    private Laws $laws;

    /**
     * @param Effort|null $effort what may be spent; null: as much as it takes
     * @param int         $index  that of the roots under which letters stand; where it is not 1, no letter is negative
     */
    public function __construct(?Effort $effort = null, int $index = 1)
    {
        $this->forms = new NormalForms($effort, $index);
        $this->evaluation = new Evaluation($this->forms, $this->forms->letter(...));
        $this->equations = new Equations($this->forms, $this->evaluation);
        $this->laws = new Laws($this->forms, $this->evaluation, $this->equations);
    }

    /** Whether the claim is proved. A kind that is not known here never is. */
    public function holds(Claim $claim): bool
    {
        try {
            return match (true) {
                $claim instanceof Identity => $this->laws->same($claim->left, $claim->right),
                $claim instanceof Comparison => self::compares($claim),
                $claim instanceof Count => $claim->said === $claim->counted,
                $claim instanceof SameDegree => $this->haveDegree($claim->terms, $claim->degree),
                $claim instanceof LikeTerms => $this->areLike($claim->terms),
                $claim instanceof SameSolutions => $this->equations->compare(
                    $claim->before,
                    $claim->after,
                )->keepsSolutions(),
                $claim instanceof Solves => $this->solves($claim),
                $claim instanceof DoesNotSolve => self::fails($claim),
                $claim instanceof NoSolution => self::isRootBelowZero($claim->equation)
                    || $this->equations->solutionsOf($claim->equation)->isEmpty(),
                $claim instanceof SolutionCount => $this->equations->solutionsOf($claim->equation)->count()
                    === $claim->count->number()?->toInt(),
                $claim instanceof RootsBetween => $this->liesBetween($claim),
                $claim instanceof NegativeCount => self::negatives($claim) === $claim->count->number()?->toInt(),
                $claim instanceof AllSolve => $this->equations->solutionsOf($claim->equation)->isAll(),
                $claim instanceof Divides => $this->goesInto($claim),
                $claim instanceof DivisionHolds => $this->divides($claim),
                $claim instanceof SubjectOf => $this->isSubject($claim),
                $claim instanceof NamedValues => $this->isNamed($claim),
                $claim instanceof Excluded => $this->areAllPoles($claim),
                $claim instanceof SameWhereDefined => $this->isSameWhereDefined($claim),
                $claim instanceof Denominator => $this->isLeast($claim),
                default => false,
            };
        } catch (NoExactValue | DivisionByZero) {
            return false;
        }
    }

    /** How many of two numbers are negative: what their product and sum tell; null where they do not. */
    private static function negatives(NegativeCount $claim): ?int
    {
        [$product, $sum] = [$claim->product->number(), $claim->sum->number()];

        return match (true) {
            $product === null || $sum === null || $product->isZero() => null,
            $product->isNegative() => 1,
            $sum->isZero() => null,
            default => $sum->isNegative() ? 2 : 0,
        };
    }

    /**
     * How a line follows from the line before it; by a move where one is named, else by what solves it or by its value.
     */
    public function follows(Node $before, Node $after, ?Move $move = null): Entailment
    {
        try {
            return match (true) {
                $move !== null => $this->laws->follows($before, $after, $move),
                $before instanceof Expression && $after instanceof Expression => $this->laws->same($before, $after)
                    ? Entailment::Same
                    : Entailment::Unrelated,
                $before instanceof Expression || $after instanceof Expression => Entailment::Unrelated,
                default => $this->equations->compare($before, $after),
            };
        } catch (NoExactValue | DivisionByZero) {
            return Entailment::Undecided;
        }
    }

    /**
     * Whether what solves a line without solving the line before was brought in by a move that may do so; null where
     * nothing exact can tell.
     */
    public function bringsIn(Node $before, Node $after): ?bool
    {
        try {
            return $before instanceof Equation ? $this->equations->bringsIn($before, $after) : false;
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }
    }

    /** Whether two expressions have the same value, whatever the letters are; false where that cannot be decided. */
    public function same(Expression $first, Expression $second): bool
    {
        return $this->holds(new Identity($first, $second));
    }

    /** @param list<Expression> $terms */
    private function haveDegree(array $terms, int $degree): bool
    {
        foreach ($terms as $term) {
            $degrees = $this->forms->degrees($this->evaluation->of($term));
            if ($degrees !== [] && $degrees !== [$degree]) {
                return false;
            }
        }

        return true;
    }

    /** @param list<Expression> $terms */
    private function areLike(array $terms): bool
    {
        $monomials = [];
        foreach ($terms as $term) {
            $ratio = $this->evaluation->of($term);
            if (!$ratio->isWhole()) {
                return false;
            }
            $monomials += $ratio->numerator;
        }

        return \count($monomials) <= 1;
    }

    private function solves(Solves $claim): bool
    {
        $put = fn(Expression $side): Expression => Substitution::into($side, $claim->letter, $claim->value);
        if (!self::hasRoots($claim->equation, $claim->letter, $claim->value)) {
            return false;
        }
        try {
            [$left, $right] = self::sides($claim->equation, $claim->letter, $claim->value);

            return $left->equals($right);
        } catch (NoExactValue) {
            try {
                return NestedSum::isZero(Sum::of([
                    $put($claim->equation->left),
                    new Negative($put($claim->equation->right)),
                ]));
            } catch (NoExactValue) {
                return $this->laws->same($put($claim->equation->left), $put($claim->equation->right));
            }
        }
    }

    private static function fails(DoesNotSolve $claim): bool
    {
        try {
            if (!self::hasRoots($claim->equation, $claim->letter, $claim->value)) {
                return true;
            }
            [$left, $right] = self::sides($claim->equation, $claim->letter, $claim->value);

            return !$left->equals($right);
        } catch (DivisionByZero) {
            return true;
        } catch (NoExactValue) {
            return !NestedSum::isZero(Sum::of([
                Substitution::into($claim->equation->left, $claim->letter, $claim->value),
                new Negative(Substitution::into($claim->equation->right, $claim->letter, $claim->value)),
            ]));
        }
    }

    /**
     * Whether each root of something with the letter has a value: what stands under it is no negative number.
     *
     * @throws NoExactValue   when what stands under it cannot be worked out
     * @throws DivisionByZero
     */
    private static function hasRoots(Node $node, string $letter, Expression $value): bool
    {
        $node = $node instanceof Power ? FractionalPower::rooted($node) ?? $node : $node;
        // A root of an odd index is there for every real number.
        if ($node instanceof Root && $node->index % 2 === 0 && isset(Indeterminates::of($node->radicand)[$letter])) {
            $under = self::value(Substitution::into($node->radicand, $letter, $value));
            if (!$under->isReal() || $under->sign() < 0) {
                return false;
            }
        }
        foreach ($node->children() as $child) {
            if (!self::hasRoots($child, $letter, $value)) {
                return false;
            }
        }

        return true;
    }

    /** @return array{Surd, Surd} what both sides are with a value for the letter */
    private static function sides(Equation $equation, string $letter, Expression $value): array
    {
        $there = Evaluation::at(new Surds(), [$letter => self::value($value)]);

        return [$there->of($equation->left), $there->of($equation->right)];
    }

    /** Exactly; where that cannot be, numbers that lie clearly apart are different. */
    private static function compares(Comparison $claim): bool
    {
        try {
            return self::value($claim->left)->equals(self::value($claim->right)) === $claim->equal;
        } catch (NoExactValue) {
            $there = Evaluation::at(new Floats(), []);
            [$left, $right] = [$there->of($claim->left), $there->of($claim->right)];

            return !$claim->equal && abs($left - $right) > self::CLEAR * max(1.0, abs($left), abs($right));
        }
    }

    private static function value(Expression $number): Surd
    {
        return Evaluation::at(new Surds(), [])->of($number);
    }

    /** Whether a square root, or a positive number of times one, is said to be a negative number: it never is. */
    private static function isRootBelowZero(Equation $equation): bool
    {
        foreach ([[$equation->left, $equation->right], [$equation->right, $equation->left]] as [$root, $number]) {
            $factors = $root->factors();
            $last = $factors[\count($factors) - 1];
            if (!self::isNeverNegative($last) || \count($factors) > 2 || Indeterminates::of($number) !== []) {
                continue;
            }
            try {
                $front = \count($factors) === 2 ? Evaluation::rational($factors[0]) : null;
                $value = self::value($number);
                $isBelow = $value->isReal() && $value->sign() < 0;
            } catch (NoExactValue | DivisionByZero) {
                continue;
            }
            if ($isBelow && ($front === null || (!$front->isNegative() && !$front->isZero()))) {
                return true;
            }
        }

        return false;
    }

    /** A root of an even index, or an even power of a root of any: for real numbers neither is below 0. */
    private static function isNeverNegative(Expression $factor): bool
    {
        $exponent = $factor instanceof Power ? $factor->exponent->number()?->toInt() ?? 0 : 0;

        return $factor instanceof Root
            ? $factor->index % 2 === 0
            : $factor instanceof Power && $factor->base instanceof Root && $exponent > 0
                && ($factor->base->index % 2 === 0 || $exponent % 2 === 0);
    }

    /** Both sides change places between the two of each pair, the pairs rise, and there are no more real solutions. */
    private function liesBetween(RootsBetween $claim): bool
    {
        $difference = fn(Expression $value): Rational => Evaluation::rational(
            Substitution::into($claim->equation->left, $claim->letter, $value),
        )->minus(Evaluation::rational(Substitution::into($claim->equation->right, $claim->letter, $value)));
        $before = null;
        foreach ($claim->pairs as [$low, $high]) {
            [$from, $to] = [Evaluation::rational($low), Evaluation::rational($high)];
            if ($from->compareTo($to) >= 0 || ($before !== null && $from->compareTo($before) < 0)
                || !$difference($low)->times($difference($high))->isNegative()) {
                return false;
            }
            $before = $to;
        }

        return $this->equations->isWhole($claim->equation)
            && $this->equations->solutionsOf($claim->equation)->count() === \count($claim->pairs);
    }

    /** Each is a pole, no two are the same, and there are no more real ones. */
    private function areAllPoles(Excluded $claim): bool
    {
        $poles = $this->equations->poles($claim->given, $claim->letter);
        $found = [];
        foreach ($claim->values as $value) {
            $at = Evaluation::rational($value);
            $zero = Univariate::of([Surd::rational($at->negated()), Surd::rational(1)]);
            if ($zero->without($poles)->degree() > 0 || isset($found[(string) $at])) {
                return false;
            }
            $found[(string) $at] = true;
        }

        return $poles->realZeros() === \count($found);
    }

    private function isSameWhereDefined(SameWhereDefined $claim): bool
    {
        if (!$this->laws->same($claim->first, $claim->second)) {
            return false;
        }

        return $claim->letter === null || $this->equations->poles($claim->second, $claim->letter)
            ->without($this->equations->poles($claim->first, $claim->letter))
            ->degree() === 0;
    }

    /** Every denominator goes into it; and it has no factor and no number that none of them wants. */
    private function isLeast(Denominator $claim): bool
    {
        if ($claim->letter === null) {
            return $this->isLeastTerm($claim->common, $claim->denominators);
        }
        $common = $this->univariate($claim->common, $claim->letter);
        $least = Univariate::one();
        $number = Rational::one();
        foreach ($claim->denominators as $denominator) {
            $one = $this->univariate($denominator, $claim->letter);
            if ($one->isZero() || !$common->dividedBy($one)[1]->isZero()) {
                return false;
            }
            $least = $least->times($one->dividedBy($least->commonWith($one))[0]);
            $content = $one->content();
            $number = $number->times($content)->dividedBy($number->commonDivisor($content));
        }

        return $claim->denominators !== [] && $common->degree() === $least->degree()
            && $common->content()->equals($number);
    }

    /**
     * Of single terms: every letter as often as where it stands most often, and the least number.
     *
     * @param list<Expression> $denominators
     *
     * @throws NoExactValue where one is no single term
     */
    private function isLeastTerm(Expression $common, array $denominators): bool
    {
        [$least, $number] = [0, Rational::one()];
        foreach ($denominators as $denominator) {
            [$monomial, $own] = $this->term($denominator);
            $least = NormalForms::leastOf($least, $monomial);
            $number = $number->times($own)->dividedBy($number->commonDivisor($own));
        }
        [$monomial, $own] = $this->term($common);

        return $denominators !== [] && $monomial === $least && $own->equals($number);
    }

    /**
     * @return array{int, Rational} the monomial of a single term, and the size of its number
     *
     * @throws NoExactValue where it is none
     */
    private function term(Expression $expression): array
    {
        $value = $this->evaluation->of($expression);
        $monomial = $value->isWhole() ? $this->forms->monomial($value->numerator) : null;

        return $monomial === null
            ? throw new NoExactValue('no single term')
            : [$monomial, $value->numerator[$monomial]->absolute()];
    }

    /** @throws NoExactValue where it is no polynomial in the letter */
    private function univariate(Expression $expression, string $letter): Univariate
    {
        $value = $this->evaluation->of($expression);

        return Univariate::of(($value->isWhole() ? $this->forms->inOneLetter($value->numerator, $letter) : null)
            ?? throw new NoExactValue('no polynomial'));
    }

    private function goesInto(Divides $claim): bool
    {
        $quotient = $this->evaluation->of(new Quotient($claim->whole, $claim->divisor));
        $divisor = $this->forms->monomial($quotient->denominator);
        if ($divisor === null) {
            return false;
        }
        foreach (array_keys($quotient->numerator) as $monomial) {
            if (!NormalForms::contains($monomial, $divisor)) {
                return false;
            }
        }

        return true;
    }

    private function divides(DivisionHolds $claim): bool
    {
        $letters = Indeterminates::of($claim->dividend) + Indeterminates::of($claim->divisor);
        $degree = fn(Expression $part): int => max([-1, ...array_keys(
            $this->forms->inOneLetter($this->evaluation->of($part)->numerator, array_key_first($letters) ?? '') ?? [],
        )]);

        return $this->laws->same($claim->dividend, Sum::of([Product::of(
            [$claim->divisor, $claim->quotient],
        ), $claim->remainder]))
            && \count($letters) === 1
            && $degree($claim->remainder) < $degree($claim->divisor);
    }

    private function isSubject(SubjectOf $claim): bool
    {
        return !$this->forms->holds($this->evaluation->of($claim->result), $claim->letter)
            && isset(Indeterminates::of($claim->formula)[$claim->letter])
            && $this->laws->same(
                Substitution::into($claim->formula->left, $claim->letter, $claim->result),
                Substitution::into($claim->formula->right, $claim->letter, $claim->result),
            );
    }

    private function isNamed(NamedValues $claim): bool
    {
        $right = $claim->equation->right;
        foreach ($claim->values as $letter => $value) {
            $right = Substitution::into($right, $letter, $value);
        }

        return $this->laws->same($claim->equation->left, $right);
    }
}
