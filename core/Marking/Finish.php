<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Pi;
use Runel\Expression\Product;
use Runel\Expression\Root;
use Runel\Judging\FactorsOf;
use Runel\Judging\Form;
use Runel\Law\Claim\Solves;
use Runel\Method\Wanting;
use Runel\Method\WantsEveryValue;
use Runel\Polynomial\Polynomial;
use Runel\Proof\Proof;
use Runel\Working\SolutionForm;

/** Whether the last line does the job in the form it asks, and if not, what is missing. */
final readonly class Finish
{
    public function __construct(private Page $page) {}

    public function wants(): ?Wanting
    {
        $trail = $this->page->trail;
        $chain = array_values(array_filter(
            $this->page->marked,
            static fn(MarkedLine $line): bool => $line->verdict->isChain(),
        ));
        $last = $chain[\count($chain) - 1] ?? null;
        $joined = $trail->joined();
        if ($last === null) {
            return Wanting::Lines;
        }
        if ($trail->isTrue !== true || $joined->isTrue !== true) {
            return $trail->isTrue === null ? Wanting::Judged : Wanting::Truth;
        }

        if ($last->node === null) {
            return null;
        }
        if ($this->page->metGaps !== []) {
            return \count($this->page->metGaps) === \count($this->page->worked->gaps()) ? null : Wanting::RootLost;
        }
        $problem = $this->page->task->problem;
        $wants = $this->page->family->wants($joined->line, $problem);
        if ($wants === Wanting::Root && $this->isRootOfTheHouse($joined->line)) {
            $wants = null;
        }
        if ($wants === Wanting::Factored && $this->isFactoredByTheHouse($joined->line)) {
            $wants = null;
        }
        $isOpen = $wants === null && Indeterminates::of($joined->line) !== [];
        $wants = match (true) {
            $isOpen && $this->page->family->seeksSolutions($problem) => $this->solved(
                $joined->line,
                (string) $problem->letter(),
            ),
            // With letters for numbers, too, one value of two is not all.
            $isOpen && $this->page->family instanceof WantsEveryValue
                && $this->page->following->relation($problem->node, $joined->line) === Relation::Loses =>
                Wanting::RootLost,
            default => $wants,
        };

        return $wants ?? ($this->isToBeRounded($joined->line) ? Wanting::Rounded : null);
    }

    /** Whether roots of fractions stand as the house leaves them, and all others are simplified. */
    private function isRootOfTheHouse(Node $line): bool
    {
        return $this->page->task->leavesRoots() && Form::leavesRoots($line, $this->page->task->keepsRoots());
    }

    /** Whether only the common factor is missing, where the house takes out a minus and nothing else. */
    private function isFactoredByTheHouse(Node $line): bool
    {
        if (!$line instanceof Negative || !$this->page->task->leavesCommonFactor()) {
            return false;
        }
        $without = array_map(static function (Expression $factor): Expression {
            $polynomial = Polynomial::tryFrom($factor);

            return $polynomial === null || $polynomial->isZero()
                ? $factor
                : $polynomial->scaledBy($polynomial->content()->reciprocal())->toExpression();
        }, FactorsOf::expression($line));

        return $this->page->family->wants(Product::of($without), $this->page->task->problem) === null;
    }

    /** Whether numbers with roots are left where rounded ones were asked for. */
    private function isToBeRounded(Node $line): bool
    {
        return $this->page->task->problem->asked->rounding?->places !== null
            && (Inside::holds($line, Root::class) || Inside::holds($line, Pi::class))
            && array_filter(
                $this->page->marked,
                static fn(MarkedLine $marked): bool => $marked->rounded !== null,
            ) === [];
    }

    /** Whether every solution is there, and none besides. */
    private function solved(Node $node, string $letter): ?Wanting
    {
        return match ($this->page->following->relation($this->page->task->problem->node, $node)) {
            Relation::Adds, Relation::Invents => Wanting::Extraneous,
            Relation::Loses, Relation::Breaks => Wanting::RootLost,
            Relation::Undecided => $this->tested(SolutionForm::values($node, $letter), $letter),
            Relation::Follows, Relation::Positive => null,
        };
    }

    /** @param list<Expression> $values each a candidate */
    private function tested(array $values, string $letter): ?Wanting
    {
        $problem = $this->page->task->problem->node;
        $proof = new Proof();
        foreach ($values as $value) {
            if (!$problem instanceof Equation || !$proof->holds(new Solves($problem, $letter, $value))) {
                return Wanting::Judged;
            }
        }
        $solutions = $this->page->worked->solutions();

        return match (true) {
            $solutions === null => Wanting::Judged,
            \count($values) < \count($solutions) => Wanting::RootLost,
            default => null,
        };
    }
}
