<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Sum;
use Runel\Notation\Ascii;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Proof\Effort;
use Runel\Proof\Entailment;
use Runel\Proof\Points;
use Runel\Proof\Proof;

/**
 * What one line is to another: by the audit's own laws where they decide, by places where they do not. Each pair of
 * lines is looked at once.
 */
final class Following
{
    private readonly Points $points;
    /** @var array<string, Relation> by both lines as they are written */
    private array $known = [];

    /** @param string|null $subject the letter a formula is rearranged for */
    public function __construct(private readonly Proof $proof, Effort $effort, private readonly ?string $subject = null)
    {
        $this->points = new Points($effort);
    }

    public function relation(Node $before, Node $after): Relation
    {
        $written = Ascii::write($before) . ' => ' . Ascii::write($after);

        return $this->known[$written] ??= $this->judged($before, $after);
    }

    /** Whether everything that solves a line solves the other, so that it is a part of it; null where it is unclear. */
    public function isPart(Node $part, Node $whole): ?bool
    {
        if ($part instanceof Expression || $whole instanceof Expression) {
            return false;
        }
        $verdict = $this->verdict($part, $whole);

        return $verdict === Entailment::Undecided ? null : $verdict !== Entailment::Unrelated;
    }

    private function judged(Node $before, Node $after): Relation
    {
        if ($before instanceof Expression !== $after instanceof Expression) {
            return Relation::Breaks;
        }

        return match ($this->verdict($before, $after)) {
            Entailment::Same, Entailment::Equivalent => Relation::Follows,
            Entailment::Implies => $this->isExplained($before, $after) ? Relation::Adds : Relation::Invents,
            // Where nothing was found that solves the line before, what squaring lets in may still be told.
            Entailment::Undecided => $this->points->isExplained($before, $after) ? Relation::Adds : Relation::Undecided,
            Entailment::Unrelated => $this->lesser($before, $after),
        };
    }

    private function lesser(Node $before, Node $after): Relation
    {
        // False whatever the letter is, 12 = 3 is no branch of anything.
        if (Indeterminates::of($after) === [] || $this->isPart($after, $before) !== true) {
            return Relation::Breaks;
        }
        if ($this->isDivided($before, $after)) {
            return Relation::Follows;
        }
        $isFormula = $after instanceof Equation && $after->left instanceof Letter
            && Indeterminates::of($after->right) !== [];

        return $isFormula && $this->verdict($before, new Alternatives([
            $after,
            new Equation($after->left, new Negative($after->right)),
        ])) === Entailment::Equivalent ? Relation::Positive : Relation::Loses;
    }

    /**
     * Whether the letter that is wanted stands alone, with as many values as there can be, divided by what stood before
     * it: that is taken not to be 0.
     */
    private function isDivided(Node $before, Node $after): bool
    {
        $values = $after instanceof Alternatives ? $after->equations : [$after];
        if ($this->subject === null || !$before instanceof Equation) {
            return false;
        }
        $said = [];
        foreach ($values as $value) {
            if (!$value instanceof Equation || !$value->left instanceof Letter || $value->left->name !== $this->subject
                || Letters::holds($value->right, $this->subject)) {
                return false;
            }
            $isSaid = array_filter($said, fn(Expression $one): bool => $this->proof->same($one, $value->right)) !== [];
            $said = $isSaid ? $said : [...$said, $value->right];
        }
        $whole = Polynomial::tryFrom(Sum::of([...$before->left->terms(), new Negative($before->right)]));
        $degrees = array_map(
            fn(Term $term): int => $term->monomial->degreeIn((string) $this->subject),
            $whole->terms ?? [],
        );

        return max([0, ...$degrees]) === \count($said);
    }

    private function verdict(Node $before, Node $after): Entailment
    {
        $verdict = $this->proof->follows($before, $after);
        // With roots of letters what is called the same is the same, and nothing is said of what is not.
        $isOpen = $verdict === Entailment::Undecided
            || ($verdict === Entailment::Unrelated && $before instanceof Expression);

        return $isOpen ? $this->points->compare($before, $after) : $verdict;
    }

    private function isExplained(Node $before, Node $after): bool
    {
        return $this->proof->bringsIn($before, $after) ?? $this->points->isExplained($before, $after);
    }
}
