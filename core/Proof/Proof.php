<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
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
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;

/**
 * Whether a claim holds, and how one line follows from another. Knows nothing of methods; what it cannot decide it
 * does not hold for proved.
 */
final readonly class Proof
{
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
                $claim instanceof Comparison => ExactNumber::compares($claim),
                $claim instanceof Count => $claim->said === $claim->counted,
                $claim instanceof SameDegree => $this->haveDegree($claim->terms, $claim->degree),
                $claim instanceof LikeTerms => $this->areLike($claim->terms),
                $claim instanceof SameSolutions => $this->equations->compare(
                    $claim->before,
                    $claim->after,
                )->keepsSolutions(),
                $claim instanceof Solves => (new ValuePutIn($this->laws))->solves($claim),
                $claim instanceof DoesNotSolve => ValuePutIn::fails($claim),
                $claim instanceof NoSolution => RootBelowZero::isSaid($claim->equation)
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
                $claim instanceof Denominator => (new LeastDenominator($this->forms, $this->evaluation))->holds(
                    $claim,
                ),
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

    private function goesInto(Divides $claim): bool
    {
        $quotient = $this->evaluation->of(new Quotient($claim->whole, $claim->divisor));
        $divisor = $this->forms->monomial($quotient->denominator);
        if ($divisor === null) {
            return false;
        }
        foreach (array_keys($quotient->numerator) as $monomial) {
            if (!Exponents::contains($monomial, $divisor)) {
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
