<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\Solves;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Proof\OutOfEffort;
use Runel\Slip\Slip;
use Runel\Working\SolutionForm;

/** Judges a line that carries the work on, on the whole or on a branch: against the line before, and the problem. */
final readonly class ChainLines
{
    /** The work that looking for the reason of one slip may take, in steps. */
    private const DIAGNOSIS = 60_000;
    /** What showing the place of a slip takes. */
    private const PLACE = 1_500;

    private Coincidence $coincidence;

    public function __construct(private Page $page)
    {
        $this->coincidence = new Coincidence($page->proof, $page->effort);
    }

    /** Values that are rounded from the exact ones: right, and the exact ones are gone on from. */
    private function rounded(string $typed, Node $node): ?MarkedLine
    {
        $problem = $this->page->task->problem;
        $letter = $problem->letter() ?? $problem->subject;
        // What is not whole is rounded, or nothing: only then is the problem worked.
        if (!Inside::some($node, self::isBroken(...))) {
            return null;
        }
        $isOn = $this->page->trail->isTrue === true;
        $exact = $isOn
            ? $this->page->worked->values()
            : SolutionForm::values($this->page->trail->line, (string) $letter);
        $said = $letter === null || $exact === null ? null : RoundedLine::of($node, $letter, $exact);
        if ($said === null) {
            return $isOn && $letter !== null ? $this->roundedRoots($typed, $node, $letter) : null;
        }
        $trail = $this->page->trail;
        $line = $this->judged($typed, $said->exact, false);
        if (!\in_array($line->verdict, [LineVerdict::Follows, LineVerdict::FollowsWrong, LineVerdict::Same], true)) {
            $this->page->trail = $trail;

            return null;
        }
        $this->page->rounded = $node;
        $say = Message::of(
            $said->isOff ? 'marking.last-place' : 'marking.rounded',
            ['count' => $said->places, 'exactly' => $said->exact],
        );

        return new MarkedLine(
            $typed,
            $node,
            $line->verdict === LineVerdict::Same ? LineVerdict::Follows : $line->verdict,
            $line->holds,
            $say,
            $say,
            branch: $line->branch,
            rounded: $said->places,
        );
    }

    private static function isBroken(Node $part): bool
    {
        return $part instanceof Quotient || ($part instanceof Numeral && $part->value->isDecimal());
    }

    /** Rounded values of solutions that are known by the gaps they lie in. */
    private function roundedRoots(string $typed, Node $node, string $letter): ?MarkedLine
    {
        $given = $this->page->task->problem->node;
        $gaps = $given instanceof Equation ? $this->page->worked->gaps() : [];
        $said = $gaps === [] || !$given instanceof Equation ? null : RoundedRoots::of($node, $letter, $given, $gaps);
        if ($said === null) {
            return null;
        }
        $this->page->metGaps += array_fill_keys($said->met, true);
        $say = Message::of('marking.rounded-root', ['count' => $said->places]);

        return new MarkedLine($typed, $node, LineVerdict::Follows, true, $say, $say, rounded: $said->places);
    }

    /** A line that carries the work on: as a whole, or on a branch; told where it does so by luck only. */
    public function judged(string $typed, Node $node, bool $mayBeRounded = true): MarkedLine
    {
        $before = $this->page->trail->line;
        $line = $this->placed($typed, $node, $mayBeRounded);
        $follows = \in_array($line->say->key, ['marking.follows', 'marking.branch'], true);
        $relation = $follows ? $this->page->following->relation($before, $node) : Relation::Breaks;
        // A second branch comes from what stands above the first one.
        if ($relation !== Relation::Follows && $relation !== Relation::Loses) {
            return $line;
        }
        try {
            $slips = $this->page->effort->within(self::DIAGNOSIS, fn(): array => $this->coincidence->slips(
                $this->page->worked->slipped($before),
                $before,
                $node,
                $this->page->worked->fingerprint($node),
            ));
        } catch (OutOfEffort) {
            $slips = [];
        }

        return match (\count($slips)) {
            0 => $line,
            1 => $line->telling(Message::of('marking.coincidence', ['reason' => Message::of($slips[0]->says())])),
            default => $line->telling(Message::of('marking.coincidence-only')),
        };
    }

    private function placed(string $typed, Node $node, bool $mayBeRounded): MarkedLine
    {
        $before = $this->page->trail->line;
        if ($node->equals($before)) {
            return MarkedLine::plain($typed, $node, LineVerdict::Same, $this->page->trail->isTrue === true);
        }
        $true = $this->page->following->relation($this->page->task->problem->node, $node);
        if ($true->holds() === true && !$this->isOneOfSeveral($node)) {
            // All there is to the problem: whatever branches there were are joined.
            $this->page->trail = $this->page->trail->joined();
            $relation = $this->page->following->relation($this->page->trail->line, $node);
            $this->page->trail = $this->page->trail->goOn($node, true);

            return MarkedLine::plain($typed, $node, LineVerdict::Follows, true, null, match ($relation) {
                Relation::Adds, Relation::Invents => Relation::Adds,
                Relation::Positive => $relation,
                default => $true === Relation::Positive ? $true : Relation::Follows,
            });
        }
        $relation = $this->page->following->relation($before, $node);
        if ($relation->holds() === true && $this->page->trail->forks !== []) {
            $this->page->trail = $this->page->trail->goOn($node, $this->page->trail->isTrue);

            return $this->onBranch($typed, $node, $relation);
        }
        $branched = $relation->holds() === true ? null : $this->branched($node, $relation);
        if ($branched !== null) {
            $this->page->trail = $branched;

            return $this->onBranch($typed, $node, Relation::Follows);
        }

        return $this->alone($typed, $node, $relation, $true, $mayBeRounded);
    }

    /**
     * Whether it is one branch only of what stands above, though it is all there is to the problem: the other lets in
     * what does not solve it.
     */
    private function isOneOfSeveral(Node $node): bool
    {
        $above = $this->page->trail->forks[0]->line ?? $this->page->trail->line;
        $isSaidAgain = array_filter(
            $this->page->marked,
            static fn(MarkedLine $line): bool => $line->node?->equals($node) === true
                || ($line->node instanceof Alternatives && array_filter(
                    $line->node->equations,
                    static fn(Equation $one): bool => $one->equals($node),
                ) !== []),
        ) !== [];

        return !$isSaidAgain && $this->page->trail->isTrue === true
            && $this->page->following->relation($above, $node) === Relation::Loses;
    }

    /**
     * The trail where a line is a part of what stands above: of the line before, or of a fork; null where it is of
     * none.
     */
    private function branched(Node $node, Relation $relation): ?Trail
    {
        $place = \count($this->page->marked);
        if ($relation === Relation::Loses) {
            return $this->page->trail->forked($node, $place);
        }
        for ($trail = $this->page->trail; $trail->forks !== []; $trail = $trail->closed()) {
            $fork = $trail->forks[\count($trail->forks) - 1];
            if ($this->page->following->relation($fork->line, $node)->holds() === true) {
                return $trail->closed()->goOn($node, $fork->isTrue);
            }
            if ($this->page->following->isPart($node, $fork->line) === true) {
                foreach ($fork->ends as $branch => $end) {
                    $relation = $this->page->following->relation($end, $node);
                    if ($relation->holds() === true) {
                        return $trail->resumed($branch, $node);
                    }
                    if ($relation === Relation::Loses) {
                        return $trail->resumed($branch, $end)->forked($node, $place);
                    }
                }

                return $trail->branched($node, $place);
            }
        }

        return null;
    }

    private function onBranch(string $typed, Node $node, Relation $relation): MarkedLine
    {
        $isTrue = $this->page->trail->isTrue;
        $verdict = $isTrue === false ? LineVerdict::FollowsWrong : LineVerdict::Follows;

        return MarkedLine::plain($typed, $node, $verdict, $isTrue === true, $this->page->trail->branch(), $relation);
    }

    private function alone(
        string $typed,
        Node $node,
        Relation $relation,
        Relation $true,
        bool $mayBeRounded,
    ): MarkedLine {
        $rounded = $true->holds() === true || !$mayBeRounded ? null : $this->rounded($typed, $node);
        if ($rounded !== null) {
            return $rounded;
        }
        $before = $this->page->trail;
        $verdict = self::verdict($relation->holds(), $true->holds(), $before->isTrue);
        if ($verdict === LineVerdict::Undecided && $before->isTrue === true && $this->keepsSolutions($node)) {
            $verdict = LineVerdict::Follows;
        } elseif ($verdict === LineVerdict::Undecided && $this->isRefuted($node)) {
            [$verdict, $relation] = [LineVerdict::Wrong, Relation::Invents];
        }
        if ($verdict === LineVerdict::Wrong && $before->isTrue === true && $this->isOtherFactor($node)) {
            // It has no solution of its own, so it is no branch; it is one of what was to be set to 0.
            return MarkedLine::plain($typed, $node, LineVerdict::Follows, true, $before->branch());
        }
        $isTrue = match ($verdict) {
            LineVerdict::Follows => true,
            LineVerdict::Undecided => null,
            LineVerdict::Wrong => false,
            default => $true->holds(),
        };
        $this->page->trail = $before->goOn($node, $isTrue);
        if ($verdict === LineVerdict::Wrong && $before->isTrue === false && $this->isOfSolutions($node)) {
            return MarkedLine::plain($typed, $node, LineVerdict::Follows, true);
        }
        if ($verdict !== LineVerdict::Wrong) {
            return MarkedLine::plain($typed, $node, $verdict, $isTrue === true, null, $relation);
        }

        $isEarly = $this->page->rounded !== null
            && ($this->page->following->relation($this->page->rounded, $node)->holds() === true
                || $this->page->following->isPart($node, $this->page->rounded) === true);

        return $this->slipped(
            $typed,
            $this->above($before),
            $node,
            $relation,
            diagnosis: $isEarly ? Diagnosis::roundedEarly() : null,
        );
    }

    /** Whether a product stands above that is said to be 0, and this sets one of its factors to 0. */
    private function isOtherFactor(Node $node): bool
    {
        $own = $node instanceof Equation ? self::difference($node) : null;
        $above = [$this->page->task->problem->node, ...array_map(
            static fn(MarkedLine $line): ?Node => $line->holds ? $line->node : null,
            $this->page->marked,
        )];
        foreach ($above as $line) {
            $product = $line instanceof Equation ? self::product($line) : null;
            foreach ($product?->factors() ?? [] as $factor) {
                if ($own !== null && self::areAlike($own, Polynomial::tryFrom($factor->base()))) {
                    return true;
                }
            }
        }

        return $own !== null && $this->isLeftOver($own, array_values(array_filter(array_map(
            static fn(?Node $line): ?Polynomial => $line instanceof Equation ? self::difference($line) : null,
            $above,
        ))));
    }

    /**
     * Whether one of the lines is another one times this: x² + 3 = 0 beside x² − 1 = 0, the product not written.
     *
     * @param list<Polynomial> $differences of the two sides, line by line
     */
    private function isLeftOver(Polynomial $own, array $differences): bool
    {
        foreach ($own->isConstant() ? [] : $differences as $factor) {
            foreach ($factor->isConstant() ? [] : $differences as $whole) {
                if ($whole->degree() === $own->degree() + $factor->degree()
                    && self::areAlike($whole, $own->times($factor))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether one is the other times a number; a number is like nothing. */
    private static function areAlike(Polynomial $one, ?Polynomial $other): bool
    {
        return $other !== null && !$other->isConstant() && !$other->isZero() && !$one->isZero()
            && $other->scaledBy($one->terms[0]->coefficient)->equals($one->scaledBy($other->terms[0]->coefficient));
    }

    /** The one term that is said to be 0; null where there are several. */
    private static function product(Equation $line): ?Expression
    {
        $terms = array_values(array_filter(
            [...$line->left->terms(), ...$line->right->terms()],
            static fn(Expression $term): bool => !$term->bare()->isZero(),
        ));

        return \count($terms) === 1 ? $terms[0]->bare() : null;
    }

    /** Left side minus right side; null where that is no polynomial, or 0. */
    private static function difference(Equation $line): ?Polynomial
    {
        $difference = Polynomial::tryFrom(Sum::of([$line->left, $line->right->negated()]));

        return $difference === null || $difference->isZero() ? null : $difference;
    }

    /** Whether all that is said of the letter solves the problem: it is right, whatever slip stands above it. */
    private function isOfSolutions(Node $node): bool
    {
        $problem = $this->page->task->problem->node;
        $letter = $this->page->task->problem->letter();
        $values = $letter === null ? [] : SolutionForm::values($node, $letter);
        if (!$problem instanceof Equation || $letter === null || $values === []
            || \count($values) !== \count(SolutionForm::equations($node))) {
            return false;
        }
        foreach ($values as $value) {
            if (Indeterminates::of($value) !== [] || (!$this->page->proof->holds(new Solves($problem, $letter, $value))
                && Rounded::from($value, $this->page->worked->solutions() ?? []) === null)) {
                return false;
            }
        }

        return true;
    }

    /** What a line would have to come from: behind a branch that has come to its value, the line that forked. */
    private function above(Trail $trail): Node
    {
        $fork = $trail->forks === [] ? null : $trail->forks[\count($trail->forks) - 1];
        $letter = $this->page->task->problem->letter();
        $isDone = $letter !== null && SolutionForm::values($trail->line, $letter) !== [];

        return $fork !== null && $isDone ? $fork->line : $trail->line;
    }

    public function slipped(
        string $typed,
        Node $before,
        Node $node,
        Relation $relation = Relation::Breaks,
        ?string $branch = null,
        ?Diagnosis $diagnosis = null,
    ): MarkedLine {
        $this->page->effort->spend(self::PLACE);
        $diagnosis ??= $this->notPutBack($before, $node);
        try {
            $diagnosis ??= $this->page->effort->within(self::DIAGNOSIS, fn(): Diagnosis => Diagnosis::of(
                $this->page->proof,
                $this->page->effort,
                $this->page->family->rules(),
                $before,
                $node,
                $this->page->worked,
                $this->page->trail->earlier,
            ));
        } catch (OutOfEffort) {
            $diagnosis = Diagnosis::none();
        }
        // A number that is off does not say that a value came in from nowhere.
        $isVague = \in_array($diagnosis->slip, [null, Slip::Arithmetic, Slip::Copying], true);
        $diagnosis = $isVague && $relation === Relation::Invents ? Diagnosis::added() : $diagnosis;

        return new MarkedLine(
            $typed,
            $node,
            LineVerdict::Wrong,
            false,
            $diagnosis->say,
            $diagnosis->hint,
            $diagnosis->slip,
            null,
            Difference::between($before, $node),
            $this->page->place->marked($before, $node),
            $branch,
            slips: $diagnosis->slips,
        );
    }

    /** Whether the line before says this of what a letter of the learner's own stands for. */
    private function notPutBack(Node $before, Node $node): ?Diagnosis
    {
        $letter = $this->page->task->problem->letter();
        if ($letter === null) {
            return null;
        }
        foreach ($this->page->standing as $own => $for) {
            $taken = Rewriter::everywhere($before, static fn(Node $part): ?Node => $part->equals($for)
                ? new Letter($letter)
                : null);
            if (!$taken->equals($before) && WrittenLine::isSame($this->page->proof, $taken, $node)) {
                return Diagnosis::notPutBack($own, $for, $letter);
            }
        }

        return null;
    }

    /**
     * @param bool|null $follows from the line before; null where that cannot be told
     * @param bool|null $isTrue  to the problem
     * @param bool|null $stood   whether the line before is true to it
     */
    public static function verdict(?bool $follows, ?bool $isTrue, ?bool $stood): LineVerdict
    {
        return match (true) {
            $isTrue === true => LineVerdict::Follows,
            $follows === true => $stood === false ? LineVerdict::FollowsWrong : LineVerdict::Follows,
            $follows === null || ($isTrue === null && $stood !== true) => LineVerdict::Undecided,
            default => LineVerdict::Wrong,
        };
    }

    /** Whether a line says of a value that it solves the problem, and it is shown not to. */
    private function isRefuted(Node $node): bool
    {
        $problem = $this->page->task->problem->node;
        $letter = $this->page->task->problem->letter();
        foreach ($node instanceof Alternatives ? $node->equations : [$node] as $said) {
            $isValue = $said instanceof Equation && $said->left instanceof Letter && $said->left->name === $letter
                && Indeterminates::of($said->right) === [];
            if ($problem instanceof Equation && $letter !== null && $isValue
                && $this->page->proof->holds(new DoesNotSolve($problem, $letter, $said->right))) {
                return true;
            }
        }

        return false;
    }

    /** Where nothing tells what a line is to the line before: a line that keeps all that solves the problem follows. */
    private function keepsSolutions(Node $node): bool
    {
        $solutions = $this->page->worked->solutions() ?? [];
        $letter = $this->page->task->problem->letter();
        $equations = $node instanceof Alternatives ? $node->equations : [$node];
        foreach ($solutions as $solution) {
            $solves = array_filter($equations, fn(Node $equation): bool => $equation instanceof Equation
                && $letter !== null && $this->page->proof->holds(new Solves($equation, $letter, $solution)));
            if ($solves === []) {
                return false;
            }
        }

        return $solutions !== [];
    }
}
