<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Law\Claim\AllSolve;
use Runel\Law\Claim\NoSolution;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Method\ShowsSides;
use Runel\Method\Wanting;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Polynomial\Polynomial;
use Runel\Proof\Effort;
use Runel\Proof\OutOfEffort;

/**
 * Judges the lines a person has written, any road, any number of steps skipped: each against the person's own line
 * before, and apart from that against the problem. What has to hold is that it follows, by the audit's own laws; no
 * line is ever compared with a demonstration of ours. What cannot be told is undecided, and so is what there is no work
 * left for.
 */
final readonly class Marker
{
    /** The work that judging one line may take, in steps. */
    private const MOST = 200_000;
    /** What reading a line and writing down its verdict takes. */
    private const LINE = 600;

    private ChainLines $chain;
    private SideLines $side;
    private ZeroLines $zeros;
    /** Where the problem is a curve. */
    private ?CurveLines $curve;
    /** Where two sides are shown to be the same. */
    private ?BothSidesLines $sides;

    private function __construct(private Page $page)
    {
        $this->chain = new ChainLines($page);
        $this->side = new SideLines($page);
        $this->zeros = new ZeroLines($page, $this->side);
        $this->curve = CurveLines::of($page, $this->side);
        $given = $page->task->problem->node;
        $this->sides = $page->family instanceof ShowsSides && $given instanceof Equation
            ? new BothSidesLines($page, $this->chain, $this->side, $given)
            : null;
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
        $page = new Page($catalogue, $task, $catalogue->families->of($job), $effort ?? Effort::endless());
        $marker = new self($page);
        foreach ($given as $node) {
            $page->trail = $page->trail->goOn($node, true);
        }
        foreach ($lines as $line) {
            $page->marked[] = $marker->looked($line);
        }

        return $marker->marking();
    }

    private function looked(string $line): MarkedLine
    {
        $trail = $this->page->trail;
        if (!$this->page->effort->isUsedUp()) {
            try {
                $this->page->effort->spend(self::LINE);

                return $this->page->effort->within(self::MOST, fn(): MarkedLine => $this->line($line));
            } catch (OutOfEffort) {
                $this->page->trail = $trail->withTruth(null);
            }
        }
        $isLookedAt = !$this->page->effort->isUsedUp();
        $say = Message::of($isLookedAt ? 'marking.undecided' : 'marking.not-looked-at');

        return new MarkedLine($line, null, LineVerdict::Undecided, false, $say, $say, isLookedAt: $isLookedAt);
    }

    private function marking(): Marking
    {
        $last = $this->page->marked[\count($this->page->marked) - 1] ?? null;
        try {
            $this->closeForks();
            $wants = match (true) {
                $last === null => Wanting::Lines,
                $last->verdict === LineVerdict::Unreadable => Wanting::Judged,
                $last->verdict === LineVerdict::Undecided => Wanting::Judged,
                default => (new Finish($this->page))->wants(),
            };
        } catch (OutOfEffort) {
            $wants = Wanting::Judged;
        }

        return new Marking($this->page->marked, $wants === null, $wants, function () use ($wants): ?Marks {
            try {
                return Marks::proposed($this->page, $wants);
            } catch (OutOfEffort) {
                return null;
            }
        });
    }

    /**
     * Branches that do not come to all there is: where the line that forked does not show that there are several, and
     * a slip takes one of them for the whole, it is a slip, after all.
     */
    private function closeForks(): void
    {
        foreach ($this->page->trail->forks as $fork) {
            if ($fork->isVisible() || $this->isSaidTogether($fork) || $this->covers($fork)) {
                continue;
            }
            $opening = $this->page->marked[$fork->opened];
            \assert($opening->node !== null);
            $losing = Diagnosis::losing(
                $this->page->proof,
                $this->page->effort,
                $this->page->family->rules(),
                $fork->line,
                $opening->node,
                $this->page->worked,
            );
            // Where no slip brings it about, a solution is missing at the end, which is said there.
            if ($losing === null) {
                continue;
            }
            $slipped = $this->chain->slipped(
                $opening->typed,
                $fork->line,
                $opening->node,
                branch: $opening->branch,
                diagnosis: $losing,
            );
            array_splice($this->page->marked, $fork->opened, 1, [$slipped]);
            $this->page->marked = array_map(
                static fn(MarkedLine $line, int $place): MarkedLine => $place > $fork->opened
                    && $line->verdict === LineVerdict::Follows
                        ? MarkedLine::plain($line->typed, $line->node, LineVerdict::FollowsWrong, false)
                        : $line,
                $this->page->marked,
                array_keys($this->page->marked),
            );
            $this->page->trail = $this->page->trail->withTruth(false);
        }
    }

    /** Whether a line behind them says, wrongly, what they come to together: that one is the slip. */
    private function isSaidTogether(Fork $fork): bool
    {
        return array_filter(
            \array_slice($this->page->marked, $fork->opened + 1),
            static fn(MarkedLine $line): bool => $line->verdict === LineVerdict::Wrong
                && $line->node instanceof Alternatives,
        ) !== [];
    }

    /** Whether the branches together come to all that solves the line that forked, or the problem. */
    private function covers(Fork $fork): bool
    {
        $together = $this->page->trail->together($fork);

        return $this->page->following->relation($fork->line, $together)->holds() !== false
            || $this->page->following->relation($this->page->task->problem->node, $together)->holds() === true;
    }

    /** A line with arrows in it is judged statement by statement, and is what the first of them is that fails. */
    private function line(string $typed): MarkedLine
    {
        $failed = null;
        $last = null;
        foreach (Statements::of($typed) as $statement) {
            $marked = $this->statement($typed, $statement);
            $isSound = \in_array($marked->verdict, [LineVerdict::Follows, LineVerdict::Same, LineVerdict::Side], true);
            $failed ??= $isSound ? null : $marked;
            // What is said beside a line is not what the line is.
            $last = $last !== null && $marked->verdict === LineVerdict::Side ? $last : $marked;
        }

        return $failed ?? $last;
    }

    /** What can be read in two ways is taken in the way in which it follows, which is said, or else has a reason. */
    private function statement(string $typed, string $written): MarkedLine
    {
        $trail = $this->page->trail;
        $marked = $this->read($typed, $written);
        if (SaidAround::isTold($written) && $this->isAside($marked)) {
            $this->page->trail = $trail;

            return $this->side->beside($typed, Beside::said('word', null));
        }
        $letter = $marked->say->key === 'marking.other-letter' ? $marked->say->parameters['letter'] ?? null : null;
        if ($letter instanceof Letter) {
            return $this->implied($typed, $written, $letter) ?? $this->ofFormula($typed, $written) ?? $marked;
        }
        $isOpen = \in_array($marked->verdict, [LineVerdict::Unreadable, LineVerdict::SideWrong], true);

        return match (true) {
            $marked->verdict === LineVerdict::Wrong => $this->otherwise($typed, $written, $marked, $trail, [
                'marking.read-as' => OtherReading::of($written),
                ...self::commas($written),
            ]),
            $isOpen => $this->otherwise($typed, $written, $marked, $trail, self::commas($written)),
            default => $marked,
        };
    }

    /** @return array<string, string> what commas between digits may mean, by what is said of it */
    private static function commas(string $written): array
    {
        return [
            'marking.read-decimal' => OtherReading::decimals($written),
            'marking.read-thousands' => OtherReading::thousands($written),
        ];
    }

    /**
     * A line read in another way, where it follows so, or has a reason.
     *
     * @param Trail                 $before   where the work stood before the line
     * @param array<string, string> $readings by what is said of a line that is read so
     */
    private function otherwise(
        string $typed,
        string $written,
        MarkedLine $marked,
        Trail $before,
        array $readings,
    ): MarkedLine {
        $after = $this->page->trail;
        foreach (array_filter($readings, static fn(string $other): bool => $other !== $written) as $key => $other) {
            $this->page->trail = $before;
            $again = $this->read($typed, $other);
            if (\in_array($again->verdict, [LineVerdict::Follows, LineVerdict::FollowsWrong], true)) {
                $say = Message::of($key, ['line' => $again->node ?? $this->page->trail->line]);

                return $again->rounded !== null
                    ? $again
                    : new MarkedLine($typed, $again->node, $again->verdict, $again->holds, $say, $say);
            }
            $isReason = $marked->verdict === LineVerdict::Wrong && $marked->slip === null && $again->slip !== null;
            if ($isReason || $again->say->key === 'marking.side') {
                return $again;
            }
        }
        $this->page->trail = $after;

        return $marked;
    }

    /** Whether what is told, as "that makes 5x", is no line of the work: what cannot be read, or a part of it. */
    private function isAside(MarkedLine $marked): bool
    {
        if ($marked->verdict === LineVerdict::Unreadable) {
            return $marked->say->key !== 'marking.pair';
        }
        $own = $marked->node instanceof Expression ? Polynomial::tryFrom($marked->node) : null;
        $whole = $this->page->task->problem->polynomial;

        return $marked->verdict === LineVerdict::Wrong && $marked->slip === null && $own !== null
            && ($whole === null || $own->degree() < $whole->degree());
    }

    /** x = (−b ± √(b² − 4ac))/2a: a formula in letters, where the line follows with the problem's own coefficients. */
    private function ofFormula(string $typed, string $written): ?MarkedLine
    {
        [$trail, $standing, $reader] = [$this->page->trail, $this->page->standing, $this->page->reader];
        foreach ($this->side->coefficients() ? array_unique([$written, OtherReading::of($written)]) : [] as $one) {
            $marked = $this->read($typed, $one);
            [$this->page->standing, $this->page->reader] = [$standing, $reader];
            if (\in_array($marked->verdict, [LineVerdict::Follows, LineVerdict::Same], true)
                || $marked->say->key === 'marking.side') {
                return $marked;
            }
            $this->page->trail = $trail;
        }

        return null;
    }

    /** u² − 7u + 10 under (x + 1)² − 7(x + 1) + 10: what u stands for is seen, where the line follows with it. */
    private function implied(string $typed, string $written, Letter $letter): ?MarkedLine
    {
        [$trail, $standing, $reader] = [$this->page->trail, $this->page->standing, $this->page->reader];
        $for = $this->side->implied($letter->name);
        $marked = $for === null ? null : $this->read($typed, $written);
        if ($for === null || $marked === null
            || !\in_array($marked->verdict, [LineVerdict::Follows, LineVerdict::Same], true)) {
            [$this->page->trail, $this->page->standing, $this->page->reader] = [$trail, $standing, $reader];

            return null;
        }
        $say = Message::of('marking.standing-seen', ['letter' => $letter, 'for' => $for]);

        return new MarkedLine($typed, $marked->node, LineVerdict::Follows, $marked->holds, $say, $say);
    }

    private function read(string $typed, string $written): MarkedLine
    {
        $this->page->numbersPlainly = $this->page->numbersPlainly || Handwriting::numbersPlainly($written);
        $written = Handwriting::plain($written, $this->page->task->problem->node, $this->page->numbersPlainly);
        $written = $this->goneOn($written);
        // "All x ≠ 0" says more than what is excluded.
        $beside = preg_match(PageWords::ALL_BUT, $written) === 1
            ? null
            : Beside::of($written, $this->page->task->problem, $this->page->proof);
        if ($beside !== null) {
            return $this->side->beside($typed, $beside);
        }
        $letters = $this->side->ofForm($typed, $written);
        if ($letters !== null) {
            return $letters;
        }
        $prime = Beside::isPrime($written) ? $this->side->prime($typed) : null;
        if ($prime !== null) {
            return $prime;
        }
        if (NumberRows::isOne($written)) {
            return $this->side->beside($typed, Beside::said('division', $this->page->numbers->holds($written)));
        }
        try {
            return $this->side->standing($typed, $written) ?? $this->side->equalities($typed, $written)
                ?? $this->stated($typed, $written);
        } catch (Refusal $refusal) {
            $standing = $this->side->standingTogether($typed, $written);
            if ($standing !== null) {
                return $standing;
            }
            if (Beside::isRemark($written)) {
                return $this->side->beside($typed, Beside::said('word', null));
            }
            $law = $this->side->law($typed, $written);
            if ($law !== null) {
                return $law;
            }

            return new MarkedLine(
                $typed,
                null,
                LineVerdict::Unreadable,
                $this->page->trail->isTrue === true,
                $refusal->reason,
                $refusal->reason,
                at: $refusal->at ?? 1,
            );
        }
    }

    /**
     * What is stated goes on from what stands above.
     *
     * @throws Refusal where it cannot be read
     */
    private function stated(string $typed, string $written): MarkedLine
    {
        $statement = $this->page->reader->read($written)->with(fn(Node $node): Node => $this->side->put($node));
        if ($this->sides !== null && ($statement->node !== null || $statement->chain !== [])) {
            return $this->sides->judged($typed, $statement);
        }
        foreach ($statement->links as [$value, $workedOut]) {
            if (!$this->page->proof->same($value, $workedOut) && Rounded::from($workedOut, [$value]) === null) {
                return $this->side->equality($typed, new Equation($value, $workedOut));
            }
        }

        return match (true) {
            $statement->chain !== [] => $this->chain($typed, $statement),
            $statement->node === null => $this->said($typed, $statement),
            $this->page->task->problem->node instanceof Expression => $this->expression($typed, $statement->node),
            default => $this->equation($typed, $statement->node),
        };
    }

    /** "= (−1 ± 7)/2" under x = …: the letter stands above. */
    private function goneOn(string $written): string
    {
        $line = $this->page->trail->line;
        $first = $line instanceof Alternatives ? $line->equations[0] : $line;
        $letter = $first instanceof Equation && $first->left instanceof Letter ? $first->left->name : null;

        return $letter === null ? $written : (string) preg_replace('/^(\s*)=/u', "$1$letter=", $written);
    }

    /** A line of an expression's work: a value, or an equation whose right side goes on from its left one. */
    private function expression(string $typed, Node $node): MarkedLine
    {
        if ($node instanceof Expression && !$this->page->proof->same($node, $this->side->problem())) {
            if ($this->page->rows?->holds($node) === true) {
                return $this->side->noted($typed, $node, 'division');
            }
            if ($this->side->isSingleProduct($node)) {
                return $this->side->noted($typed, $node, 'product');
            }
        }
        if ($node instanceof Expression) {
            $whole = $this->page->task->problem->quotient()?->numerator;
            $divided = $whole === null ? null : $this->page->rows?->identity($whole, $node);

            return $this->chain->judged($typed, $divided ?? $node);
        }
        $aboutZeros = $this->zeros->judged($typed, $node);
        if ($aboutZeros !== null) {
            return $aboutZeros;
        }
        $divided = $node instanceof Equation ? $this->page->rows?->identity($node->left, $node->right) : null;
        if ($divided !== null) {
            return $this->chain->judged($typed, $divided);
        }
        if (!$node instanceof Equation) {
            return $this->side->unreadable($typed, 'marking.expression-wanted');
        }
        $goesOn = $this->page->proof->same($node->left, $this->side->problem()) || (
            $this->page->trail->line instanceof Expression
            && $this->page->proof->same($node->left, $this->page->trail->line)
        );

        return $goesOn ? $this->chain->judged($typed, $node->right) : $this->side->equality($typed, $node);
    }

    private function equation(string $typed, Node $node): MarkedLine
    {
        if ($node instanceof Expression) {
            $line = $this->page->trail->line;
            // Of … = 0 the other side may be factored on a line of its own.
            if ($line instanceof Equation && $line->right->isZero() && $this->page->proof->same($node, $line->left)) {
                return $this->chain->judged($typed, new Equation($node, $line->right));
            }
            $problem = $this->page->task->problem->node;

            // Of y = … the right side may stand alone.
            return $problem instanceof Equation && $problem->left instanceof Letter
                && !$this->page->family->seeksSolutions($this->page->task->problem)
                ? $this->chain->judged($typed, new Equation($problem->left, $node))
                : $this->side->unreadable($typed, 'marking.equation-wanted');
        }
        $ofCurve = $this->curve?->judged($typed, $node);
        if ($ofCurve !== null) {
            return $ofCurve;
        }
        $isIdentity = $node instanceof Equation && $this->page->proof->same($node->left, $node->right);
        $isPlain = $node instanceof Equation && Indeterminates::of($node) === [];
        if ($node instanceof Equation && ($isIdentity || $isPlain) && !$this->isTrivial($this->page->trail->line)) {
            return !$isIdentity && $this->isSlip($node)
                ? $this->chain->judged($typed, $node)
                : $this->side->equality($typed, $node);
        }

        return $this->chain->judged($typed, $node);
    }

    /** 12 = 3 under 12/x = 3: whether a slip made in the line before leaves these numbers on both sides. */
    private function isSlip(Equation $numbers): bool
    {
        foreach ($this->page->worked->slipped($this->page->trail->line) as [, $wrong]) {
            if ($wrong instanceof Equation && Indeterminates::of($wrong) === []
                && $this->page->proof->same($wrong->left, $numbers->left)
                && $this->page->proof->same($wrong->right, $numbers->right)) {
                return true;
            }
        }

        return false;
    }

    /** Whether an equation holds for all numbers, or for none: then such a line carries the work on. */
    private function isTrivial(Node $node): bool
    {
        return $node instanceof Equation
            && ($this->page->proof->holds(new AllSolve($node)) || $this->page->proof->holds(new NoSolution($node)));
    }

    /** A line a = b = c: every = is judged. */
    private function chain(string $typed, Statement $statement): MarkedLine
    {
        $parts = $statement->chain;
        $letters = array_merge(...array_map(Indeterminates::of(...), $parts));
        $isValue = Letters::of($parts[0]) !== [] && Letters::of(Sum::of(\array_slice($parts, 1))) === [];
        if ($this->page->task->problem->node instanceof Equation && $letters !== [] && !$isValue) {
            return $this->side->unreadable($typed, 'error.two-equals');
        }
        if ($this->page->task->problem->node instanceof Equation && $letters !== []) {
            return $this->value($typed, $parts);
        }
        $last = $parts[\count($parts) - 1];
        // What a letter is, beside an expression: x = 8 : 2 = 4.
        if ($isValue && $parts[0] instanceof Letter && !$this->page->proof->same($parts[0], $this->side->problem())) {
            return $this->side->equality($typed, new Equation($parts[1], $last));
        }
        if ($this->page->task->problem->node instanceof Expression && $last->isZero()
            && $this->zeros->judged($typed, new Equation($parts[0], $last)) !== null) {
            array_pop($parts);
        }
        foreach ($parts as $place => $part) {
            if ($place > 0 && !$this->page->proof->same($parts[$place - 1], $part)) {
                $this->page->trail = $this->page->trail->at($parts[$place - 1]);

                return $this->page->task->problem->node instanceof Expression
                    ? $this->chain->judged($typed, $part)
                    : $this->side->equality($typed, new Equation($parts[$place - 1], $part));
            }
        }
        $last = $parts[\count($parts) - 1];

        return $this->page->task->problem->node instanceof Expression && $this->page->trail->line instanceof Expression
            && ($this->page->proof->same($last, $this->page->trail->line)
                || $this->page->proof->same($last, $this->side->problem()))
            ? $this->chain->judged($typed, $last)
            : $this->side->equality($typed, new Equation($parts[0], $last));
    }

    /**
     * x = 12/3 = 4: the letter, and its value worked out.
     *
     * @param list<Expression> $parts two or more
     */
    private function value(string $typed, array $parts): MarkedLine
    {
        for ($place = 2; $place < \count($parts); ++$place) {
            $isSame = $this->page->proof->same($parts[$place - 1], $parts[$place]);
            $rounded = $isSame ? null : Rounded::from($parts[$place], [$parts[$place - 1]]);
            if ($rounded !== null) {
                return $this->chain->judged($typed, new Equation($parts[0], $parts[$place - 1]))
                    ->rounding($rounded->places);
            }
            if (!$isSame) {
                return $this->side->equality($typed, new Equation($parts[$place - 1], $parts[$place]));
            }
        }

        $value = new Equation($parts[0], $parts[\count($parts) - 1]);

        return $this->curve?->judged($typed, $value) ?? $this->chain->judged($typed, $value);
    }

    /** "no solution", "all numbers". */
    private function said(string $typed, Statement $statement): MarkedLine
    {
        $isTrue = $this->isSaidOf($this->page->task->problem->node, $statement);
        $follows = $this->isSaidOf($this->page->trail->line, $statement);
        $verdict = ChainLines::verdict($follows, $isTrue, $this->page->trail->isTrue);
        $this->page->trail = $this->page->trail->withTruth($isTrue);
        $say = Message::of($verdict === LineVerdict::Wrong ? 'marking.said-wrong' : "marking.$verdict->value");

        return new MarkedLine($typed, null, $verdict, $isTrue, $say, $say);
    }

    /**
     * Whether the problem has no value at each of these.
     *
     * @param list<Expression> $values
     */
    private function areExcluded(array $values): bool
    {
        $problem = $this->page->task->problem;
        $letter = $problem->letter();
        foreach ($values as $value) {
            if ($letter === null || !$problem->node instanceof Equation) {
                return false;
            }
            try {
                foreach ([$problem->node->left, $problem->node->right] as $side) {
                    Evaluation::rational(Substitution::into($side, $letter, $value));
                }

                return false;
            } catch (DivisionByZero) {
                continue;
            } catch (NoExactValue) {
                return false;
            }
        }

        return true;
    }

    private function isSaidOf(Node $node, Statement $statement): bool
    {
        if (!$node instanceof Equation) {
            return false;
        }
        if ($statement->all === true) {
            return $this->page->proof->holds(new AllSolve($node)) && $this->areExcluded($statement->except);
        }

        return $this->page->proof->holds(new NoSolution($node))
            || ($node === $this->page->task->problem->node && $this->page->worked->solutions() === []);
    }
}
