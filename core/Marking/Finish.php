<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Judging\FactorsOf;
use Runel\Judging\Form;
use Runel\Law\Claim\Solves;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Problem\Job;
use Runel\Proof\Proof;

/** Whether the last line does the job in the form it asks, and if not, what is missing. */
final readonly class Finish
{
    public function __construct(
        private Task $task,
        private Job $job,
        private Following $following,
        private Worked $worked,
    ) {}

    /** @param list<MarkedLine> $lines */
    public function wants(Trail $trail, array $lines): ?Wanting
    {
        $chain = array_values(array_filter($lines, static fn(MarkedLine $line): bool => $line->verdict->isChain()));
        $last = $chain[\count($chain) - 1] ?? null;
        $joined = $trail->joined();
        if ($last === null) {
            return Wanting::Lines;
        }
        if ($trail->isTrue !== true || $joined->isTrue !== true) {
            return $trail->isTrue === null ? Wanting::Judged : Wanting::Truth;
        }

        return $last->node === null ? null : match ($this->job) {
            Job::Multiply => self::collected($joined->line),
            Job::Factor => self::factored($joined->line),
            Job::Solve => $this->solved($joined->line),
            Job::Divide => self::divided($joined->line),
            Job::Rearrange => $this->rearranged($joined->line),
            Job::CompleteSquare => $this->squared($joined->line),
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

    private function solved(Node $node): ?Wanting
    {
        $letter = $this->task->problem->letter();
        // Where no letter is left, all is said: numbers that are equal, or that are not.
        if (Letters::of($node) === []) {
            return null;
        }
        $values = [];
        foreach (self::equations($node) as $equation) {
            $value = self::value($equation, (string) $letter);
            if ($value === null || Letters::of($value) !== []) {
                return Wanting::UnknownAlone;
            }
            $wants = self::wantsOfNumber($value);
            if ($wants !== null) {
                return $wants;
            }
            $values[] = $value;
        }

        return match ($this->following->relation($this->task->problem->node, $node)) {
            Relation::Adds, Relation::Invents => Wanting::Extraneous,
            Relation::Loses, Relation::Breaks => Wanting::RootLost,
            Relation::Undecided => $this->tested($values, (string) $letter),
            Relation::Follows, Relation::Positive => null,
        };
    }

    /** @return list<Equation> */
    private static function equations(Node $node): array
    {
        return match (true) {
            $node instanceof Alternatives => $node->equations,
            $node instanceof Equation => [$node],
            default => [],
        };
    }

    /** What a letter is said to be, on whichever side it stands alone; null where it does not. */
    private static function value(Equation $equation, string $letter): ?Expression
    {
        $isLetter = static fn(Expression $side): bool => $side instanceof Letter && $side->name === $letter;

        return match (true) {
            $isLetter($equation->left) => $equation->right,
            $isLetter($equation->right) => $equation->left,
            default => null,
        };
    }

    private static function wantsOfNumber(Expression $number): ?Wanting
    {
        return match (true) {
            !Form::isReduced($number) => Wanting::LowestTerms,
            !Form::hasSimpleRoots($number) => Wanting::Root,
            // Numbers without roots are worked out; sums with roots stand as they are.
            !Inside::holds($number, Root::class) && !Form::isCollected($number) => Wanting::Collected,
            default => null,
        };
    }

    /** @param list<Expression> $values each a candidate */
    private function tested(array $values, string $letter): ?Wanting
    {
        $problem = $this->task->problem->node;
        $proof = new Proof();
        foreach ($values as $value) {
            if (!$problem instanceof Equation || !$proof->holds(new Solves($problem, $letter, $value))) {
                return Wanting::Judged;
            }
        }
        $solutions = $this->worked->solutions();

        return match (true) {
            $solutions === null => Wanting::Judged,
            \count($values) < \count($solutions) => Wanting::RootLost,
            default => null,
        };
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
        $subject = (string) $this->task->problem->subject;
        $equations = self::equations($node);
        foreach ($equations as $equation) {
            $value = self::value($equation, $subject);
            if ($value === null || Letters::holds($value, $subject)) {
                return Wanting::UnknownAlone;
            }
        }

        return $equations === [] ? Wanting::UnknownAlone : null;
    }

    /** The letter has to stand once: in the square. */
    private function squared(Node $node): ?Wanting
    {
        if ($this->task->problem->node instanceof Equation && $this->task->problem->letter() !== null) {
            return $this->solved($node);
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
