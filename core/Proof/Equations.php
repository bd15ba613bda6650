<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/** What solves equations, and whether two of them are solved by the same. */
final readonly class Equations
{
    /** @param Evaluation<Ratio> $evaluation in the forms */
    public function __construct(private Forms $forms, private Evaluation $evaluation) {}

    public function compare(Node $before, Node $after): Verdict
    {
        // Without denominators, what is the same but for a number has the same solutions, in any letters.
        if (
            $this->denominators($before) === []
            && $this->denominators($after) === []
            && self::proportional($this->difference($before), $this->difference($after))
        ) {
            return Verdict::Equivalent;
        }
        $letters = Letters::of($before) + Letters::of($after);
        $letter = array_key_first($letters) ?? '';

        return \count($letters) <= 1
            ? $this->solutions($before, $letter)->compare($this->solutions($after, $letter))
            : Verdict::Undecided;
    }

    /**
     * What solves an equation in one letter.
     *
     * @throws NoExactValue when it cannot be seen as a polynomial in the letter
     */
    public function solutionsOf(Equation $equation): SolutionSet
    {
        $letters = Letters::of($equation);

        return \count($letters) > 1 ? throw new NoExactValue('several letters') : $this->solutions(
            $equation,
            array_key_first($letters) ?? '',
        );
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
        $poles = OneLetter::one();
        foreach ($this->denominators($node) as $denominator) {
            $poles = $poles->times($this->polynomial($denominator, $letter));
        }

        return SolutionSet::of($this->polynomial($this->difference($node), $letter), $poles);
    }

    /** @param array<int, Rational> $form */
    private function polynomial(array $form, string $letter): OneLetter
    {
        return OneLetter::of($this->forms->inOneLetter($form, $letter) ?? throw new NoExactValue(
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
                $product = $this->forms->product(
                    $product,
                    new Ratio($this->difference($equation), [0 => Rational::one()], 24),
                );
            }

            return $product->numerator;
        }
        if (!$node instanceof Equation) {
            throw new NoExactValue('not an equation');
        }

        return $this->evaluation->of(Sum::of([$node->left, new Negative($node->right)]))->numerator;
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
        $denominators = $own !== null && Letters::of($own) !== [] ? [$this->evaluation->of($own)->numerator] : [];
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
