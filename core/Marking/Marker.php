<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Law\Claim\AllSolve;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\NoSolution;
use Runel\Law\Claim\Solves;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\Family;
use Runel\Method\Wanting;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Factor;
use Runel\Proof\Effort;
use Runel\Proof\OutOfEffort;
use Runel\Proof\Proof;
use Runel\Slip\Slip;
use Runel\Working\SolutionForm;

/**
 * Judges the lines a person has written, any road, any number of steps skipped: each against the person's own line
 * before, and apart from that against the problem. What has to hold is that it follows, by the audit's own laws; no
 * line is ever compared with a demonstration of ours. What cannot be told is undecided, and so is what there is no work
 * left for.
 */
final class Marker
{
    /** The work that looking for the reason of one slip may take, in steps. */
    private const DIAGNOSIS = 60_000;
    /** The work that judging one line may take, in steps. */
    private const MOST = 200_000;
    /** What showing the place of a slip takes. */
    private const PLACE = 1_500;
    /** What reading a line and writing down its verdict takes. */
    private const LINE = 600;

    private readonly Proof $proof;
    private readonly Following $following;
    private LineReader $reader;
    private readonly ?DivisionRows $rows;
    private readonly NumberRows $numbers;
    private readonly SlipPlace $place;
    private readonly Worked $worked;
    private Trail $trail;
    /** @var array<string, Expression> what letters of the learner's own stand for */
    private array $standing = [];
    /** The last line with rounded values, as it was written. */
    private ?Node $rounded = null;
    /** @var list<MarkedLine> those judged so far */
    private array $marked = [];

    private function __construct(
        Catalogue $catalogue,
        private readonly Task $task,
        private readonly Family $family,
        private readonly Effort $effort,
    ) {
        $this->proof = new Proof($effort);
        $this->following = new Following($this->proof, $effort);
        $this->reader = new LineReader(
            Letters::of($task->problem->node),
            $task->problem->quotient()?->denominator,
        );
        $this->rows = $task->problem->node instanceof Expression
            ? DivisionRows::of($task->problem->quotient())
            : null;
        $this->numbers = NumberRows::of($task->problem);
        $this->place = new SlipPlace($this->proof);
        $this->worked = new Worked($catalogue, $task, $family, $effort);
        $this->trail = Trail::from($task->problem->node);
    }

    /**
     * @param string       $job    one that the problem has
     * @param list<string> $lines  as they were typed
     * @param list<Node>   $given  proved lines that stand already, from which the first of these goes on
     * @param Effort|null  $effort the work that may be spent on it; null: as much as it takes
     */
    public static function mark(
        Catalogue $catalogue,
        Task $task,
        string $job,
        array $lines,
        array $given = [],
        ?Effort $effort = null,
    ): Marking {
        $marker = new self($catalogue, $task, $catalogue->families->of($job), $effort ?? Effort::endless());
        foreach ($given as $node) {
            $marker->trail = $marker->trail->goOn($node, true);
        }
        foreach ($lines as $line) {
            $marker->marked[] = $marker->looked($line);
        }

        return $marker->marking();
    }

    private function looked(string $line): MarkedLine
    {
        $trail = $this->trail;
        if (!$this->effort->isUsedUp()) {
            try {
                $this->effort->spend(self::LINE);

                return $this->effort->within(self::MOST, fn(): MarkedLine => $this->line($line));
            } catch (OutOfEffort) {
                $this->trail = $trail->withTruth(null);
            }
        }
        $isLookedAt = !$this->effort->isUsedUp();
        $say = Message::of($isLookedAt ? 'marking.undecided' : 'marking.not-looked-at');

        return new MarkedLine($line, null, LineVerdict::Undecided, false, $say, $say, isLookedAt: $isLookedAt);
    }

    private function marking(): Marking
    {
        $last = $this->marked[\count($this->marked) - 1] ?? null;
        try {
            $this->closeForks();
            $wants = match (true) {
                $last === null => Wanting::Lines,
                $last->verdict === LineVerdict::Unreadable => Wanting::Judged,
                $last->verdict === LineVerdict::Undecided => Wanting::Judged,
                default => (new Finish($this->task, $this->family, $this->following, $this->worked))->wants(
                    $this->trail,
                    $this->marked,
                ),
            };
        } catch (OutOfEffort) {
            $wants = Wanting::Judged;
        }

        return new Marking($this->marked, $wants === null, $wants);
    }

    /**
     * Branches that do not come to all there is: where the line that forked does not show that there are several, the
     * one that was taken for the whole is a slip, after all.
     */
    private function closeForks(): void
    {
        foreach ($this->trail->forks as $fork) {
            if ($fork->isVisible() || $this->isSaidTogether($fork) || $this->covers($fork)) {
                continue;
            }
            $opening = $this->marked[$fork->opened];
            \assert($opening->node !== null);
            $slipped = $this->slipped($opening->typed, $fork->line, $opening->node, branch: $opening->branch);
            array_splice($this->marked, $fork->opened, 1, [$slipped]);
            $this->marked = array_map(
                static fn(MarkedLine $line, int $place): MarkedLine => $place > $fork->opened
                    && $line->verdict === LineVerdict::Follows
                        ? MarkedLine::plain($line->typed, $line->node, LineVerdict::FollowsWrong, false)
                        : $line,
                $this->marked,
                array_keys($this->marked),
            );
            $this->trail = $this->trail->withTruth(false);
        }
    }

    /** Whether a line behind them says, wrongly, what they come to together: that one is the slip. */
    private function isSaidTogether(Fork $fork): bool
    {
        return array_filter(
            \array_slice($this->marked, $fork->opened + 1),
            static fn(MarkedLine $line): bool => $line->verdict === LineVerdict::Wrong
                && $line->node instanceof Alternatives,
        ) !== [];
    }

    /** Whether the branches together come to all that solves the line that forked, or the problem. */
    private function covers(Fork $fork): bool
    {
        $together = $this->trail->together($fork);

        return $this->following->relation($fork->line, $together)->holds() !== false
            || $this->following->relation($this->task->problem->node, $together)->holds() === true;
    }

    /** A line with arrows in it is judged statement by statement, and is what the first of them is that fails. */
    private function line(string $typed): MarkedLine
    {
        $failed = null;
        $last = null;
        foreach (LineReader::statements($typed) as $statement) {
            $last = $this->statement($typed, $statement);
            $isSound = \in_array($last->verdict, [LineVerdict::Follows, LineVerdict::Same, LineVerdict::Side], true);
            $failed ??= $isSound ? null : $last;
        }

        return $failed ?? $last;
    }

    /** What can be read in two ways is taken in the way in which it follows, and that is said. */
    private function statement(string $typed, string $written): MarkedLine
    {
        $trail = $this->trail;
        $marked = $this->read($typed, $written);
        $other = LineReader::otherwise($written);
        if ($marked->verdict !== LineVerdict::Wrong || $other === $written) {
            return $marked;
        }
        [$after, $this->trail] = [$this->trail, $trail];
        $again = $this->read($typed, $other);
        if (\in_array($again->verdict, [LineVerdict::Follows, LineVerdict::FollowsWrong], true)) {
            $say = Message::of('marking.read-as', ['line' => $again->node ?? $this->trail->line]);

            return new MarkedLine($typed, $again->node, $again->verdict, $again->holds, $say, $say);
        }
        $this->trail = $after;

        return $marked;
    }

    private function read(string $typed, string $written): MarkedLine
    {
        $written = Handwriting::plain($written, Letters::of($this->task->problem->node));
        $written = $this->goneOn($written);
        $beside = Beside::of($written, $this->task->problem, $this->proof);
        if ($beside !== null) {
            return $this->beside($typed, $beside);
        }
        $prime = Beside::isPrime($written) ? $this->prime($typed) : null;
        if ($prime !== null) {
            return $prime;
        }
        if (NumberRows::isOne($written)) {
            return $this->beside($typed, Beside::row($this->numbers->holds($written)));
        }
        try {
            $standing = $this->standing($typed, $written);
            if ($standing !== null) {
                return $standing;
            }
            $statement = $this->reader->read($written)->with(fn(Node $node): Node => $this->put($node));

            foreach ($statement->links as [$value, $workedOut]) {
                if (!$this->proof->same($value, $workedOut) && Rounded::from($workedOut, [$value]) === null) {
                    return $this->side($typed, new Equation($value, $workedOut));
                }
            }

            return match (true) {
                $statement->chain !== [] => $this->chain($typed, $statement),
                $statement->node === null => $this->said($typed, $statement),
                $this->task->problem->node instanceof Expression => $this->expression($typed, $statement->node),
                default => $this->equation($typed, $statement->node),
            };
        } catch (Refusal $refusal) {
            if (Beside::isRemark($written)) {
                return $this->beside($typed, Beside::remark());
            }

            return new MarkedLine(
                $typed,
                null,
                LineVerdict::Unreadable,
                $this->trail->isTrue === true,
                $refusal->reason,
                $refusal->reason,
                at: $refusal->at ?? 1,
            );
        }
    }

    /** "= (−1 ± 7)/2" under x = …: the letter stands above. */
    private function goneOn(string $written): string
    {
        $line = $this->trail->line;
        $first = $line instanceof Alternatives ? $line->equations[0] : $line;
        $letter = $first instanceof Equation && $first->left instanceof Letter ? $first->left->name : null;

        return $letter === null ? $written : (string) preg_replace('/^(\s*)=/u', "$1$letter=", $written);
    }

    /** A line that is true and carries nothing on. */
    private function noted(string $typed, ?Node $node, string $kind): MarkedLine
    {
        $say = Message::of('marking.side');

        return new MarkedLine($typed, $node, LineVerdict::Side, $this->trail->isTrue === true, $say, $say, kind: $kind);
    }

    /** Whether it is one of the products that a multiplication is made of. */
    private function isSingleProduct(Expression $node): bool
    {
        $factors = $this->task->problem->product->factors ?? [];
        $own = Polynomial::tryFrom($node);
        $isLong = \count($factors) === 2 && min(array_map(
            static fn(Factor $factor): int => \count($factor->polynomial->terms),
            $factors,
        )) > 1;
        if (!$isLong || $own === null || \count($own->terms) !== 1) {
            return false;
        }
        foreach ($factors[0]->polynomial->terms as $left) {
            foreach ($factors[1]->polynomial->terms as $right) {
                if (Polynomial::ofTerms([$left->times($right)])->equals($own)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** "Prime": said of a quadratic, where it is to be factored; null where nobody can tell. */
    private function prime(string $typed): ?MarkedLine
    {
        $polynomial = $this->task->problem->polynomial;
        try {
            $isPrime = $polynomial === null ? null : Trinomial::of($polynomial)?->isPrime();
        } catch (Refusal) {
            $isPrime = null;
        }
        if ($isPrime === null || $this->task->problem->node instanceof Equation) {
            return null;
        }
        $isPrime = $isPrime && $polynomial?->content()->isOne() === true;
        $verdict = $isPrime ? LineVerdict::Follows : LineVerdict::Wrong;
        $this->trail = $this->trail->withTruth($isPrime);
        $say = Message::of($isPrime ? 'marking.follows' : 'marking.said-wrong');

        return new MarkedLine($typed, null, $verdict, $isPrime, $say, $say, kind: 'word');
    }

    /** Values that are rounded from the exact ones: right, and the exact ones are gone on from. */
    private function rounded(string $typed, Node $node): ?MarkedLine
    {
        $letter = $this->task->problem->letter();
        $isOn = $this->trail->isTrue === true;
        $exact = $isOn ? $this->worked->solutions() : SolutionForm::values($this->trail->line, (string) $letter);
        $said = $letter === null || $exact === null ? null : RoundedLine::of($node, $letter, $exact);
        if ($said === null) {
            return null;
        }
        $trail = $this->trail;
        $line = $this->judged($typed, $said->exact, false);
        if (!\in_array($line->verdict, [LineVerdict::Follows, LineVerdict::FollowsWrong, LineVerdict::Same], true)) {
            $this->trail = $trail;

            return null;
        }
        $this->rounded = $node;
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

    /** What stands beside the work: it carries nothing on, but what is said there may be false. */
    private function beside(string $typed, Beside $beside): MarkedLine
    {
        $verdict = $beside->holds === false ? LineVerdict::SideWrong : LineVerdict::Side;
        $say = Message::of(match (true) {
            $beside->holds === null => 'marking.beside',
            $beside->holds => 'marking.side',
            \in_array($beside->kind, ['check', 'product'], true) => 'marking.side-wrong',
            default => 'marking.not-so',
        });
        $isTrue = $this->trail->isTrue === true;
        if ($beside->holds === true && $beside->rejected !== null) {
            $this->reject($beside->rejected);
        }

        return new MarkedLine($typed, null, $verdict, $isTrue, $say, $say, kind: $beside->kind);
    }

    /** A value that is rightly let go stands no longer among those that solve. */
    private function reject(Expression $value): void
    {
        $joined = $this->trail->joined();
        $said = SolutionForm::equations($joined->line);
        $left = array_values(array_filter(
            $said,
            fn(Equation $one): bool => Letters::of($one->right) !== [] || !$this->proof->same($one->right, $value),
        ));
        if ($left !== [] && \count($left) < \count($said)) {
            $line = \count($left) === 1 ? $left[0] : new Alternatives($left);
            $this->trail = $joined->goOn($line, $joined->isTrue);
        }
    }

    /** A letter that is made to stand for something: u = x². Null where the line is none that does so. */
    private function standing(string $typed, string $written): ?MarkedLine
    {
        if (preg_match('/^\s*(?:let\s+|put\s+)?(\p{L})\s*=(?!.*=)(.*)$/iu', $written, $match) !== 1) {
            return null;
        }
        $letters = Letters::of($this->task->problem->node) + $this->standing;
        $own = $match[1];
        if (isset($letters[$own]) || trim($match[2]) === '') {
            return null;
        }
        try {
            $for = $this->reader->read(str_repeat(' ', mb_strlen($written) - mb_strlen($match[2])) . $match[2])->node;
        } catch (Refusal) {
            return null;
        }
        if (!$for instanceof Expression || Letters::of($for) === []) {
            return null;
        }
        $this->standing[$own] = $this->put($for);
        $this->reader = $this->reader->knowing($own);
        $say = Message::of('marking.standing', ['letter' => new Letter($own), 'for' => $for]);
        $node = new Equation(new Letter($own), $for);
        $isTrue = $this->trail->isTrue === true;

        return new MarkedLine($typed, $node, LineVerdict::Side, $isTrue, $say, $say, kind: 'substitution');
    }

    /**
     * With what the learner's own letters stand for in their place.
     *
     * @template T of Node
     *
     * @param T $node
     *
     * @return T
     */
    private function put(Node $node): Node
    {
        return $this->standing === [] ? $node : Rewriter::everywhere(
            $node,
            fn(Node $part): ?Node => $part instanceof Letter ? $this->standing[$part->name] ?? $part : null,
        );
    }

    /** A line of an expression's work: a value, or an equation whose right side goes on from its left one. */
    private function expression(string $typed, Node $node): MarkedLine
    {
        if ($node instanceof Expression && !$this->proof->same($node, $this->problem())) {
            if ($this->rows?->holds($node) === true) {
                return $this->noted($typed, $node, 'division');
            }
            if ($this->isSingleProduct($node)) {
                return $this->noted($typed, $node, 'product');
            }
        }
        if ($node instanceof Expression) {
            return $this->judged($typed, $node);
        }
        $divided = $node instanceof Equation ? $this->rows?->identity($node->left, $node->right) : null;
        if ($divided !== null) {
            return $this->judged($typed, $divided);
        }
        if (!$node instanceof Equation) {
            return $this->unreadable($typed, 'marking.expression-wanted');
        }
        $goesOn = $this->proof->same($node->left, $this->problem()) || (
            $this->trail->line instanceof Expression && $this->proof->same($node->left, $this->trail->line)
        );

        return $goesOn ? $this->judged($typed, $node->right) : $this->side($typed, $node);
    }

    private function equation(string $typed, Node $node): MarkedLine
    {
        if ($node instanceof Expression) {
            $line = $this->trail->line;
            // Of … = 0 the other side may be factored on a line of its own.
            if ($line instanceof Equation && $line->right->isZero() && $this->proof->same($node, $line->left)) {
                return $this->judged($typed, new Equation($node, $line->right));
            }
            $problem = $this->task->problem->node;

            // Of y = … the right side may stand alone.
            return $problem instanceof Equation && $problem->left instanceof Letter
                && !$this->family->seeksSolutions($this->task->problem)
                ? $this->judged($typed, new Equation($problem->left, $node))
                : $this->unreadable($typed, 'marking.equation-wanted');
        }
        $isIdentity = $node instanceof Equation && $this->proof->same($node->left, $node->right);
        $isPlain = $node instanceof Equation && Letters::of($node) === [];
        if ($node instanceof Equation && ($isIdentity || $isPlain) && !$this->isTrivial($this->trail->line)) {
            return $this->side($typed, $node);
        }

        return $this->judged($typed, $node);
    }

    /** Whether an equation holds for all numbers, or for none: then such a line carries the work on. */
    private function isTrivial(Node $node): bool
    {
        return $node instanceof Equation
            && ($this->proof->holds(new AllSolve($node)) || $this->proof->holds(new NoSolution($node)));
    }

    /** A line a = b = c: every = is judged. */
    private function chain(string $typed, Statement $statement): MarkedLine
    {
        $parts = $statement->chain;
        $letters = array_merge(...array_map(Letters::of(...), $parts));
        $isValue = $parts[0] instanceof Letter
            && Letters::of(Sum::of(\array_slice($parts, 1))) === [];
        if ($this->task->problem->node instanceof Equation && $letters !== [] && !$isValue) {
            return $this->unreadable($typed, 'error.two-equals');
        }
        if ($this->task->problem->node instanceof Equation && $letters !== []) {
            return $this->value($typed, $parts);
        }
        foreach ($parts as $place => $part) {
            if ($place > 0 && !$this->proof->same($parts[$place - 1], $part)) {
                $this->trail = $this->trail->at($parts[$place - 1]);

                return $this->task->problem->node instanceof Expression
                    ? $this->judged($typed, $part)
                    : $this->side($typed, new Equation($parts[$place - 1], $part));
            }
        }
        $last = $parts[\count($parts) - 1];

        return $this->task->problem->node instanceof Expression && $this->trail->line instanceof Expression
            && ($this->proof->same($last, $this->trail->line) || $this->proof->same($last, $this->problem()))
            ? $this->judged($typed, $last)
            : $this->side($typed, new Equation($parts[0], $last));
    }

    /**
     * x = 12/3 = 4: the letter, and its value worked out.
     *
     * @param list<Expression> $parts two or more
     */
    private function value(string $typed, array $parts): MarkedLine
    {
        for ($place = 2; $place < \count($parts); ++$place) {
            $isSame = $this->proof->same($parts[$place - 1], $parts[$place]);
            if (!$isSame && Rounded::from($parts[$place], [$parts[$place - 1]]) !== null) {
                return $this->judged($typed, new Equation($parts[0], $parts[$place - 1]));
            }
            if (!$isSame) {
                return $this->side($typed, new Equation($parts[$place - 1], $parts[$place]));
            }
        }

        return $this->judged($typed, new Equation($parts[0], $parts[\count($parts) - 1]));
    }

    /** "no solution", "all numbers". */
    private function said(string $typed, Statement $statement): MarkedLine
    {
        $isTrue = $this->isSaidOf($this->task->problem->node, $statement);
        $verdict = self::verdict($this->isSaidOf($this->trail->line, $statement), $isTrue, $this->trail->isTrue);
        $this->trail = $this->trail->withTruth($isTrue);
        $say = Message::of($verdict === LineVerdict::Wrong ? 'marking.said-wrong' : "marking.$verdict->value");

        return new MarkedLine($typed, null, $verdict, $isTrue, $say, $say);
    }

    private function isSaidOf(Node $node, Statement $statement): bool
    {
        if (!$node instanceof Equation) {
            return false;
        }
        if ($statement->all === true) {
            return $this->proof->holds(new AllSolve($node));
        }

        return $this->proof->holds(new NoSolution($node))
            || ($node === $this->task->problem->node && $this->worked->solutions() === []);
    }

    /** A line that carries the work on: as a whole, or on a branch. */
    private function judged(string $typed, Node $node, bool $mayBeRounded = true): MarkedLine
    {
        $before = $this->trail->line;
        if ($node->equals($before)) {
            return MarkedLine::plain($typed, $node, LineVerdict::Same, $this->trail->isTrue === true);
        }
        $true = $this->following->relation($this->task->problem->node, $node);
        if ($true->holds() === true && !$this->isOneOfSeveral($node)) {
            // All there is to the problem: whatever branches there were are joined.
            $this->trail = $this->trail->joined();
            $relation = $this->following->relation($this->trail->line, $node);
            $this->trail = $this->trail->goOn($node, true);

            return MarkedLine::plain($typed, $node, LineVerdict::Follows, true, null, match ($relation) {
                Relation::Adds, Relation::Invents => Relation::Adds,
                Relation::Positive => $relation,
                default => $true === Relation::Positive ? $true : Relation::Follows,
            });
        }
        $relation = $this->following->relation($before, $node);
        if ($relation->holds() === true && $this->trail->forks !== []) {
            $this->trail = $this->trail->goOn($node, $this->trail->isTrue);

            return $this->onBranch($typed, $node, $relation);
        }
        $branched = $relation->holds() === true ? null : $this->branched($node, $relation);
        if ($branched !== null) {
            $this->trail = $branched;

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
        $above = $this->trail->forks[0]->line ?? $this->trail->line;
        $isSaidAgain = array_filter(
            $this->marked,
            static fn(MarkedLine $line): bool => $line->node?->equals($node) === true
                || ($line->node instanceof Alternatives && array_filter(
                    $line->node->equations,
                    static fn(Equation $one): bool => $one->equals($node),
                ) !== []),
        ) !== [];

        return !$isSaidAgain && $this->trail->isTrue === true
            && $this->following->relation($above, $node) === Relation::Loses;
    }

    /**
     * The trail where a line is a part of what stands above: of the line before, or of a fork; null where it is of
     * none.
     */
    private function branched(Node $node, Relation $relation): ?Trail
    {
        $place = \count($this->marked);
        if ($relation === Relation::Loses) {
            return $this->trail->forked($node, $place);
        }
        for ($trail = $this->trail; $trail->forks !== []; $trail = $trail->closed()) {
            $fork = $trail->forks[\count($trail->forks) - 1];
            if ($this->following->relation($fork->line, $node)->holds() === true) {
                return $trail->closed()->goOn($node, $fork->isTrue);
            }
            if ($this->following->isPart($node, $fork->line) === true) {
                foreach ($fork->ends as $branch => $end) {
                    $relation = $this->following->relation($end, $node);
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
        $isTrue = $this->trail->isTrue;
        $verdict = $isTrue === false ? LineVerdict::FollowsWrong : LineVerdict::Follows;

        return MarkedLine::plain($typed, $node, $verdict, $isTrue === true, $this->trail->branch(), $relation);
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
        $before = $this->trail;
        $verdict = self::verdict($relation->holds(), $true->holds(), $before->isTrue);
        if ($verdict === LineVerdict::Undecided && $before->isTrue === true && $this->keepsSolutions($node)) {
            $verdict = LineVerdict::Follows;
        } elseif ($verdict === LineVerdict::Undecided && $this->isRefuted($node)) {
            [$verdict, $relation] = [LineVerdict::Wrong, Relation::Invents];
        }
        $isTrue = match ($verdict) {
            LineVerdict::Follows => true,
            LineVerdict::Undecided => null,
            LineVerdict::Wrong => false,
            default => $true->holds(),
        };
        $this->trail = $before->goOn($node, $isTrue);
        if ($verdict === LineVerdict::Wrong && $before->isTrue === false && $this->isOfSolutions($node)) {
            return MarkedLine::plain($typed, $node, LineVerdict::Follows, true);
        }
        if ($verdict !== LineVerdict::Wrong) {
            return MarkedLine::plain($typed, $node, $verdict, $isTrue === true, null, $relation);
        }

        $isEarly = $this->rounded !== null
            && ($this->following->relation($this->rounded, $node)->holds() === true
                || $this->following->isPart($node, $this->rounded) === true);

        return $this->slipped(
            $typed,
            $this->above($before),
            $node,
            $relation,
            diagnosis: $isEarly ? Diagnosis::roundedEarly() : null,
        );
    }

    /** Whether all that is said of the letter solves the problem: it is right, whatever slip stands above it. */
    private function isOfSolutions(Node $node): bool
    {
        $problem = $this->task->problem->node;
        $letter = $this->task->problem->letter();
        $values = $letter === null ? [] : SolutionForm::values($node, $letter);
        if (!$problem instanceof Equation || $letter === null || $values === []
            || \count($values) !== \count(SolutionForm::equations($node))) {
            return false;
        }
        foreach ($values as $value) {
            if (Letters::of($value) !== [] || (!$this->proof->holds(new Solves($problem, $letter, $value))
                && Rounded::from($value, $this->worked->solutions() ?? []) === null)) {
                return false;
            }
        }

        return true;
    }

    /** What a line would have to come from: behind a branch that has come to its value, the line that forked. */
    private function above(Trail $trail): Node
    {
        $fork = $trail->forks === [] ? null : $trail->forks[\count($trail->forks) - 1];
        $letter = $this->task->problem->letter();
        $isDone = $letter !== null && SolutionForm::values($trail->line, $letter) !== [];

        return $fork !== null && $isDone ? $fork->line : $trail->line;
    }

    private function slipped(
        string $typed,
        Node $before,
        Node $node,
        Relation $relation = Relation::Breaks,
        ?string $branch = null,
        ?Diagnosis $diagnosis = null,
    ): MarkedLine {
        $this->effort->spend(self::PLACE);
        try {
            $diagnosis ??= $this->effort->within(self::DIAGNOSIS, fn(): Diagnosis => Diagnosis::of(
                $this->proof,
                $this->effort,
                $this->family->rules(),
                $before,
                $node,
                $this->worked,
                $this->trail->earlier,
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
            $this->place->marked($before, $node),
            $branch,
        );
    }

    /**
     * @param bool|null $follows from the line before; null where that cannot be told
     * @param bool|null $isTrue  to the problem
     * @param bool|null $stood   whether the line before is true to it
     */
    private static function verdict(?bool $follows, ?bool $isTrue, ?bool $stood): LineVerdict
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
        $problem = $this->task->problem->node;
        $letter = $this->task->problem->letter();
        foreach ($node instanceof Alternatives ? $node->equations : [$node] as $said) {
            $isValue = $said instanceof Equation && $said->left instanceof Letter && $said->left->name === $letter
                && Letters::of($said->right) === [];
            if ($problem instanceof Equation && $letter !== null && $isValue
                && $this->proof->holds(new DoesNotSolve($problem, $letter, $said->right))) {
                return true;
            }
        }

        return false;
    }

    /** Where nothing tells what a line is to the line before: a line that keeps all that solves the problem follows. */
    private function keepsSolutions(Node $node): bool
    {
        $solutions = $this->worked->solutions() ?? [];
        $letter = $this->task->problem->letter();
        $equations = $node instanceof Alternatives ? $node->equations : [$node];
        foreach ($solutions as $solution) {
            $solves = array_filter($equations, fn(Node $equation): bool => $equation instanceof Equation
                && $letter !== null && $this->proof->holds(new Solves($equation, $letter, $solution)));
            if ($solves === []) {
                return false;
            }
        }

        return $solutions !== [];
    }

    private function side(string $typed, Equation $equation): MarkedLine
    {
        $true = $this->proof->same($equation->left, $equation->right);
        $verdict = $true ? LineVerdict::Side : LineVerdict::SideWrong;
        $say = Message::of("marking.$verdict->value");

        return new MarkedLine(
            $typed,
            $equation,
            $verdict,
            $this->trail->isTrue === true,
            $say,
            $say,
            differs: $true ? null : Difference::between($equation->left, $equation->right),
        );
    }

    private function unreadable(string $typed, string $key): MarkedLine
    {
        $say = Message::of($key);

        return new MarkedLine($typed, null, LineVerdict::Unreadable, $this->trail->isTrue === true, $say, $say, at: 1);
    }

    private function problem(): Expression
    {
        $node = $this->task->problem->node;

        return $node instanceof Expression ? $node : throw new \LogicException('An equation is no expression.');
    }
}
