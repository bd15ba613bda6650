<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Claim\Solves;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Judging\FactorsOf;
use Runel\Judging\Form;
use Runel\Method\Factor\Trinomial;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Problem\Job;
use Runel\Proof\Proof;
use Runel\Proof\Verdict;

/** Whether the last line does the job in the form it asks, and if not, what is missing. */
final readonly class Finish
{
    public function __construct(private Task $task, private Job $job) {}

    /**
     * @param list<MarkedLine>                    $lines
     * @param \Closure(): (list<Expression>|null) $known what solves the problem, where that has to be looked up
     */
    public function wants(array $lines, \Closure $known): ?Wanting
    {
        $last = array_values(array_filter($lines, static fn(MarkedLine $line): bool => !\in_array(
            $line->verdict,
            [LineVerdict::Side, LineVerdict::SideWrong, LineVerdict::Unreadable],
            true,
        )));
        $line = $last[\count($last) - 1] ?? null;
        if ($line === null) {
            return Wanting::Lines;
        }
        if (!$line->holds) {
            return Wanting::Truth;
        }

        return $line->node === null ? null : match ($this->job) {
            Job::Multiply => self::collected($line->node),
            Job::Factor => self::factored($line->node),
            Job::Solve => $this->solved($line->node, $known),
            Job::Divide => self::divided($line->node),
            Job::Rearrange => $this->rearranged($line->node),
            Job::CompleteSquare => $this->squared($line->node, $known),
        };
    }

    private static function collected(Node $node): ?Wanting
    {
        return match (true) {
            !$node instanceof Expression => Wanting::Collected,
            !Form::isReduced($node) => Wanting::LowestTerms,
            default => Form::isCollected($node) ? null : Wanting::Collected,
        };
    }

    private static function factored(Node $node): ?Wanting
    {
        $side = $node instanceof Equation ? $node->left : $node;
        if (!$side instanceof Expression) {
            return Wanting::Factored;
        }
        try {
            foreach (FactorsOf::expression($side) as $factor) {
                $polynomial = Polynomial::fromExpression($factor);
                $isLinear = $polynomial->degree() <= 1;
                $isSplit = $polynomial->degree() === 2 && Trinomial::of($polynomial)?->isPrime() === false;
                $hides = \count($polynomial->terms) > 1
                    && (!$polynomial->content()->isOne() || self::hidesLetter($polynomial));
                if ($hides || $isSplit || (!$isLinear && \count($polynomial->terms) > 1 && $polynomial->degree() > 2)) {
                    return Wanting::Factored;
                }
            }
        } catch (NotPolynomial | DivisionByZero) {
            return Wanting::Factored;
        }

        return null;
    }

    /** Whether a letter stands in every term. */
    private static function hidesLetter(Polynomial $polynomial): bool
    {
        return array_filter($polynomial->letters(), static fn(string $letter): bool => array_filter(
            $polynomial->terms,
            static fn(Term $term): bool => !isset(Letters::of($term->toExpression())[$letter]),
        ) === []) !== [];
    }

    /** @param \Closure(): (list<Expression>|null) $known */
    private function solved(Node $node, \Closure $known): ?Wanting
    {
        $letter = $this->task->problem->letter();
        $equations = match (true) {
            $node instanceof Alternatives => $node->equations,
            $node instanceof Equation => [$node],
            default => [],
        };
        // Where no letter is left, all is said: numbers that are equal, or that are not.
        if (Letters::of($node) === []) {
            return null;
        }
        foreach ($equations as $equation) {
            $isAlone = $equation->left instanceof Letter && $equation->left->name === $letter;
            if (!$isAlone || Letters::of($equation->right) !== []) {
                return Wanting::UnknownAlone;
            }
            $wants = self::wantsOfNumber($equation->right);
            if ($wants !== null) {
                return $wants;
            }
        }

        return match ((new Proof())->follows($this->task->problem->node, $node)) {
            Verdict::Implies => Wanting::Extraneous,
            Verdict::Unrelated => Wanting::RootLost,
            Verdict::Undecided => $this->tested($equations, (string) $letter, $known()),
            default => null,
        };
    }

    private static function wantsOfNumber(Expression $number): ?Wanting
    {
        return match (true) {
            !Form::isReduced($number) => Wanting::LowestTerms,
            !Form::hasSimpleRoots($number) => Wanting::Root,
            // Numbers without roots are worked out; sums with roots stand as they are.
            !Form::holdsRoot($number) && !Form::isCollected($number) => Wanting::Collected,
            default => null,
        };
    }

    /**
     * @param array<Equation>       $equations each a candidate
     * @param list<Expression>|null $solutions
     */
    private function tested(array $equations, string $letter, ?array $solutions): ?Wanting
    {
        $problem = $this->task->problem->node;
        $proof = new Proof();
        foreach ($equations as $equation) {
            if (!$problem instanceof Equation || !$proof->holds(new Solves($problem, $letter, $equation->right))) {
                return Wanting::Extraneous;
            }
        }

        return \count($equations) < \count($solutions ?? []) ? Wanting::RootLost : null;
    }

    private static function divided(Node $node): ?Wanting
    {
        if (!$node instanceof Expression) {
            return Wanting::Remainder;
        }
        if ($node instanceof Quotient && Letters::of($node->denominator) !== []) {
            try {
                $above = Polynomial::fromExpression($node->numerator)->degree();

                return $above < Polynomial::fromExpression($node->denominator)->degree() ? null : Wanting::Remainder;
            } catch (NotPolynomial | DivisionByZero) {
                return Wanting::Remainder;
            }
        }
        foreach ($node->children() as $child) {
            $wants = self::divided($child);
            if ($wants !== null) {
                return $wants;
            }
        }

        return null;
    }

    private function rearranged(Node $node): ?Wanting
    {
        $subject = $this->task->problem->subject;
        $equations = $node instanceof Alternatives ? $node->equations : ($node instanceof Equation ? [$node] : []);
        foreach ($equations as $equation) {
            $isAlone = $equation->left instanceof Letter && $equation->left->name === $subject;
            if (!$isAlone || Letters::count($equation->right, (string) $subject) > 0) {
                return Wanting::UnknownAlone;
            }
        }

        return $equations === [] ? Wanting::UnknownAlone : null;
    }

    /**
     * The letter has to stand once: in the square.
     *
     * @param \Closure(): (list<Expression>|null) $known
     */
    private function squared(Node $node, \Closure $known): ?Wanting
    {
        if ($this->task->problem->node instanceof Equation && $this->task->problem->letter() !== null) {
            return $this->solved($node, $known);
        }
        $side = $node instanceof Equation ? $node->right : $node;
        $letters = $this->task->problem->polynomial?->letters() ?? [];
        foreach ($letters as $letter) {
            if (Letters::count($side, $letter) === 1 && $side instanceof Expression) {
                return null;
            }
        }

        return Wanting::Square;
    }
}
