<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/** What solves equations, and whether two of them are solved by the same. */
final readonly class Equations
{
    private const COST = 4;

    /** @param Evaluation<RationalFunction> $evaluation in the forms */
    public function __construct(private NormalForms $forms, private Evaluation $evaluation) {}

    public function compare(Node $before, Node $after): Entailment
    {
        // Without denominators, what is the same but for a number has the same solutions, in any letters.
        if (
            $this->denominators($before) === []
            && $this->denominators($after) === []
            && self::proportional($this->difference($before), $this->difference($after))
        ) {
            return Entailment::Equivalent;
        }
        $letters = Indeterminates::of($before) + Indeterminates::of($after);
        $letter = array_key_first($letters) ?? '';
        if (\count($letters) > 1) {
            return Entailment::Undecided;
        }
        [$own, $other] = [$this->solutions($before, $letter), $this->solutions($after, $letter)];
        // Dividing and counting zeros take about as long as the cube of the degrees, with ever longer numbers.
        $this->forms->spend(self::COST * ($own->degree() + $other->degree()) ** 3);

        return $own->compare($other);
    }

    /**
     * What solves an equation in one letter.
     *
     * @throws NoExactValue when it cannot be seen as a polynomial in the letter
     */
    public function solutionsOf(Equation $equation): SolutionSet
    {
        $letters = Indeterminates::of($equation);

        return \count($letters) > 1 ? throw new NoExactValue('several letters') : $this->solutions(
            $equation,
            array_key_first($letters) ?? '',
        );
    }

    /**
     * Whether what solves a line without solving the line before was brought in by a move that may do so: squaring
     * both sides, multiplying both by what can be 0, or clearing denominators.
     *
     * @throws NoExactValue   when it cannot be seen as a polynomial in one letter
     * @throws DivisionByZero when something is divided by 0 in it
     */
    public function bringsIn(Equation $before, Node $after): bool
    {
        $letters = Indeterminates::of($before) + Indeterminates::of($after);
        if (\count($letters) !== 1) {
            throw new NoExactValue('several letters');
        }
        $letter = (string) array_key_first($letters);
        [$own, $other] = [$this->solutions($before, $letter), $this->solutions($after, $letter)];
        if ($own->isAll() && $other->isAll()) {
            // What is added was missing for a denominator alone.
            return true;
        }
        $added = $other->beyond($own);
        if ($added === null) {
            return false;
        }
        $explained = fn(Expression ...$sources): bool => array_filter(
            $sources,
            fn(Expression $source): bool => $added->without(
                $this->polynomial($this->evaluation->of($source)->numerator, $letter),
            )->realZeros() > 0,
        ) === [];
        $difference = Sum::of([$before->left, new Negative($before->right)]);
        if ($explained($difference) || !$after instanceof Equation) {
            return $explained($difference);
        }
        $isZero = fn(Expression $side): bool => $this->evaluation->of($side)->numerator === [];

        return $explained(Product::of([$difference, Sum::of([$before->left, $before->right])]))
            || (!$isZero($after->left) && !$isZero($after->right) && $explained($after->left, $after->right));
    }

    /**
     * Where something has no value because 0 stands below a line in it.
     *
     * @throws NoExactValue when that cannot be seen as a polynomial in the letter
     */
    public function poles(Node $node, string $letter): Univariate
    {
        $poles = Univariate::one();
        foreach ($this->denominators($node) as $denominator) {
            $poles = $poles->times($this->polynomial($denominator, $letter));
        }

        return $poles->withoutRepeats();
    }

    /** Whether no letter stands below a line in it, so that its sides have no jumps. */
    public function isWhole(Node $node): bool
    {
        return $this->denominators($node) === [];
    }

    private function solutions(Node $node, string $letter): SolutionSet
    {
        if ($node instanceof Alternatives) {
            return SolutionSet::union(array_map(
                fn(Equation $equation): SolutionSet => $this->solutions($equation, $letter),
                $node->equations,
            ));
        }
        if (!$node instanceof Equation) {
            throw new NoExactValue('not an equation');
        }
        $poles = Univariate::one();
        foreach ($this->denominators($node) as $denominator) {
            $poles = $poles->times($this->polynomial($denominator, $letter));
        }

        $difference = $this->polynomial($this->difference($node), $letter);
        $this->forms->spend(self::COST * ($difference->degree() + $poles->degree()) ** 3);

        return SolutionSet::of($difference, $poles);
    }

    /** @param array<int, Rational> $form */
    private function polynomial(array $form, string $letter): Univariate
    {
        return Univariate::of($this->forms->inOneLetter($form, $letter) ?? throw new NoExactValue(
            'a root with a letter under it',
        ));
    }

    /**
     * Left side minus right side without denominators; of alternatives, the product of theirs.
     *
     * @return array<int, Rational>
     */
    private function difference(Node $node): array
    {
        if ($node instanceof Alternatives) {
            $product = $this->forms->number(Rational::one());
            foreach ($node->equations as $equation) {
                $product = $this->forms->product($product, $this->sides($equation));
            }

            return $product->numerator;
        }
        if (!$node instanceof Equation) {
            throw new NoExactValue('not an equation');
        }

        return $this->sides($node)->numerator;
    }

    /** Left side minus right side. */
    private function sides(Equation $equation): RationalFunction
    {
        $sides = $this->evaluation->of(Sum::of([$equation->left, new Negative($equation->right)]));

        return new RationalFunction(
            $sides->numerator,
            $this->forms->number(Rational::one())->denominator,
            $sides->degree,
        );
    }

    /**
     * Whatever stands under a line somewhere in it, with a letter.
     *
     * @return list<array<int, Rational>>
     */
    private function denominators(Node $node): array
    {
        $own = match (true) {
            $node instanceof Quotient => $node->denominator,
            $node instanceof Power && $node->exponent instanceof Negative => $node->base,
            default => null,
        };
        $denominators = $own !== null && Indeterminates::of($own) !== []
            ? [$this->evaluation->of($own)->numerator]
            : [];
        foreach ($node->children() as $child) {
            array_push($denominators, ...$this->denominators($child));
        }

        return $denominators;
    }

    /**
     * @param array<int, Rational> $first
     * @param array<int, Rational> $second
     */
    private static function proportional(array $first, array $second): bool
    {
        $factor = null;
        if (\count($first) !== \count($second) || $first === []) {
            return false;
        }
        foreach ($first as $monomial => $coefficient) {
            if (!isset($second[$monomial])) {
                return false;
            }
            $own = $second[$monomial]->dividedBy($coefficient);
            $factor ??= $own;
            if (!$own->equals($factor)) {
                return false;
            }
        }

        return true;
    }
}
