<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Audit\Unproved;
use Runel\Claim\AllSolve;
use Runel\Claim\NoSolution;
use Runel\Claim\Solves;
use Runel\Demonstration\Link;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Problem\Job;
use Runel\Problem\Problem;
use Runel\Problem\Reading;
use Runel\Proof\Proof;
use Runel\Proof\Verdict;
use Runel\Slip\Slip;

/**
 * Judges the lines a person has written, any road, any number of steps skipped: each against the person's own line
 * before, and apart from that against the problem. What has to hold is that it follows, by the audit's own laws; no
 * line is ever compared with a demonstration of ours.
 */
final class Marker
{
    private readonly Proof $proof;
    private readonly LineReader $reader;
    private readonly SlipPlace $place;
    private readonly Finish $finish;
    /** The learner's last line that carried the work on. */
    private Node $before;
    /** Whether that line is still true to the problem. */
    private bool $holds = true;
    /** @var list<Node> the problem and the lines before that one */
    private array $earlier = [];
    /** @var list<Node>|null the lines of a demonstration */
    private ?array $onward = null;
    /** @var list<Expression>|null what solves the problem, where that has been looked up */
    private ?array $solutions = null;
    /** @var array<string, list<Expression>> what the wanted letter is, by formula */
    private array $subjects = [];

    private function __construct(
        private readonly Catalogue $catalogue,
        private readonly Task $task,
        private readonly Job $job,
    ) {
        $this->proof = new Proof();
        $division = $job === Job::Divide ? Reading::quotient($task->problem->node) : null;
        $this->reader = new LineReader(Letters::of($task->problem->node), $division?->denominator);
        $this->place = new SlipPlace($this->proof);
        $this->finish = new Finish($task, $job);
        $this->before = $task->problem->node;
    }

    /**
     * @param Job          $job   one that the problem has
     * @param list<string> $lines as they were typed
     * @param list<Node>   $given proved lines that stand already, from which the first of these goes on
     */
    public static function mark(Catalogue $catalogue, Task $task, Job $job, array $lines, array $given = []): Marking
    {
        $marker = new self($catalogue, $task, $job);
        foreach ($given as $node) {
            $marker->earlier[] = $marker->before;
            $marker->before = $node;
        }
        $marked = [];
        foreach ($lines as $line) {
            $marked[] = $marker->line($line);
        }
        $wants = $marker->finish->wants($marked, $marker->known(...));

        return new Marking($marked, $wants === null, $wants);
    }

    /** A line with arrows in it is judged statement by statement, and is what the first of them is that fails. */
    private function line(string $typed): MarkedLine
    {
        $failed = null;
        $last = null;
        foreach (LineReader::statements($typed) as $statement) {
            $last = $this->statement($typed, $statement);
            $fails = !\in_array($last->verdict, [LineVerdict::Follows, LineVerdict::Same, LineVerdict::Side], true);
            $failed ??= $fails ? $last : null;
        }

        return $failed ?? $last;
    }

    /** What can be read in two ways is taken in the way in which it follows, and that is said. */
    private function statement(string $typed, string $written): MarkedLine
    {
        $state = [$this->before, $this->holds, $this->earlier];
        $marked = $this->read($typed, $written);
        $other = LineReader::otherwise($written);
        if ($marked->verdict !== LineVerdict::Wrong || $other === $written) {
            return $marked;
        }
        $after = [$this->before, $this->holds, $this->earlier];
        [$this->before, $this->holds, $this->earlier] = $state;
        $again = $this->read($typed, $other);
        if (\in_array($again->verdict, [LineVerdict::Follows, LineVerdict::FollowsWrong], true)) {
            $say = Message::of('marking.read-as', ['line' => $again->node ?? $this->before]);

            return new MarkedLine($typed, $again->node, $again->verdict, $again->holds, $say, $say);
        }
        [$this->before, $this->holds, $this->earlier] = $after;

        return $marked;
    }

    private function read(string $typed, string $written): MarkedLine
    {
        try {
            $statement = $this->reader->read($written);

            return match (true) {
                $statement->chain !== [] => $this->chain($typed, $statement),
                $statement->node === null => $this->said($typed, $statement),
                $this->task->problem->node instanceof Expression => $this->expression($typed, $statement->node),
                default => $this->equation($typed, $statement->node),
            };
        } catch (Refusal $refusal) {
            return new MarkedLine(
                $typed,
                null,
                LineVerdict::Unreadable,
                $this->holds,
                $refusal->reason,
                $refusal->reason,
                at: $refusal->at ?? 1,
            );
        }
    }

    /** A line of an expression's work: a value, or an equation whose right side goes on from its left one. */
    private function expression(string $typed, Node $node): MarkedLine
    {
        if ($node instanceof Expression) {
            return $this->judged($typed, $node);
        }
        if (!$node instanceof Equation) {
            return $this->unreadable($typed, 'marking.expression-wanted');
        }
        $goesOn = $this->proof->same($node->left, $this->problem()) || (
            $this->before instanceof Expression && $this->proof->same($node->left, $this->before)
        );

        return $goesOn ? $this->judged($typed, $node->right) : $this->side($typed, $node);
    }

    private function equation(string $typed, Node $node): MarkedLine
    {
        if ($node instanceof Expression) {
            $problem = $this->task->problem->node;

            // Of y = … the right side may stand alone.
            return $problem instanceof Equation && $problem->left instanceof Letter && $this->job !== Job::Solve
                ? $this->judged($typed, new Equation($problem->left, $node))
                : $this->unreadable($typed, 'marking.equation-wanted');
        }
        $isIdentity = $node instanceof Equation && $this->proof->same($node->left, $node->right);
        $isPlain = $node instanceof Equation && Letters::of($node) === [];
        if ($node instanceof Equation && ($isIdentity || $isPlain) && !$this->isTrivial($this->before)) {
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
                $this->before = $parts[$place - 1];

                return $this->task->problem->node instanceof Expression
                    ? $this->judged($typed, $part)
                    : $this->side($typed, new Equation($parts[$place - 1], $part));
            }
        }
        $last = $parts[\count($parts) - 1];

        return $this->task->problem->node instanceof Expression && $this->before instanceof Expression
            && ($this->proof->same($last, $this->before) || $this->proof->same($last, $this->problem()))
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
            if (!$this->proof->same($parts[$place - 1], $parts[$place])) {
                return $this->side($typed, new Equation($parts[$place - 1], $parts[$place]));
            }
        }

        return $this->judged($typed, new Equation($parts[0], $parts[\count($parts) - 1]));
    }

    /** "no solution", "all numbers". */
    private function said(string $typed, Statement $statement): MarkedLine
    {
        $follows = $this->isSaidOf($this->before, $statement);
        $true = $this->isSaidOf($this->task->problem->node, $statement);
        $verdict = $this->verdict($follows, $true);
        $this->holds = $true;
        $say = Message::of($verdict === LineVerdict::Wrong ? 'marking.said-wrong' : "marking.$verdict->value");

        return new MarkedLine($typed, null, $verdict, $true, $say, $say);
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
            || ($node === $this->task->problem->node && $this->job === Job::Solve && $this->known() === []);
    }

    private function judged(string $typed, Node $node): MarkedLine
    {
        $before = $this->before;
        if (Ascii::write($node) === Ascii::write($before)) {
            $say = Message::of('marking.same');

            return new MarkedLine($typed, $node, LineVerdict::Same, $this->holds, $say, $say);
        }
        $true = $this->follows($this->task->problem->node, $node, true);
        $verdict = $this->verdict($this->follows($before, $node, $this->holds), $true);
        [$this->before, $this->holds] = [$node, $true];
        $this->earlier[] = $before;
        if ($verdict !== LineVerdict::Wrong) {
            $say = Message::of("marking.$verdict->value");

            return new MarkedLine($typed, $node, $verdict, $true, $say, $say);
        }
        $diagnosis = Diagnosis::of($this->proof, $this->job, $before, $node, $this->onward(), $this->earlier);

        return new MarkedLine(
            $typed,
            $node,
            $verdict,
            false,
            $diagnosis->say,
            $diagnosis->hint,
            $diagnosis->slip,
            null,
            Difference::between($before, $node),
            $this->place->marked($before, $node),
        );
    }

    /** @return list<Node> the lines of a demonstration: people skip lines, and slip after them */
    private function onward(): array
    {
        if ($this->onward !== null) {
            return $this->onward;
        }
        try {
            $demonstration = $this->catalogue->demonstrate($this->task, $this->job->value);
        } catch (Refusal | Unproved) {
            return $this->onward = [];
        }
        $nodes = [];
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                if ($line->link !== Link::Side && $line->link !== Link::Given && $line->branch === null) {
                    $nodes[] = Rewriter::unmarked($line->node);
                }
            }
        }

        return $this->onward = $nodes;
    }

    private function verdict(bool $follows, bool $true): LineVerdict
    {
        return match (true) {
            $true => LineVerdict::Follows,
            $follows && !$this->holds => LineVerdict::FollowsWrong,
            default => LineVerdict::Wrong,
        };
    }

    /** @param bool $isTrue whether the line before is true to the problem, so that what solves that may decide */
    private function follows(Node $before, Node $node, bool $isTrue): bool
    {
        if ($before instanceof Expression && $node instanceof Expression) {
            return $this->proof->same($before, $node);
        }
        if ($before instanceof Expression || $node instanceof Expression) {
            return false;
        }
        $verdict = $this->proof->follows($before, $node);

        return match ($verdict) {
            Verdict::Undecided => $this->job === Job::Rearrange
                ? $this->holdsForSubject($before, $node)
                : $isTrue && $this->holdsForSolutions($node),
            Verdict::Implies => true,
            default => $verdict->keepsSolutions(),
        };
    }

    /** Of formulas: what the wanted letter is by the line before has to make this line true. */
    private function holdsForSubject(Node $before, Node $node): bool
    {
        $subject = $this->task->problem->subject ?? '';
        foreach ($this->subjectBy($before) as $result) {
            foreach (self::equations($node) as $equation) {
                $put = static fn(Expression $side): Expression => Substitution::into($side, $subject, $result);
                if ($this->proof->same($put($equation->left), $put($equation->right))) {
                    continue 2;
                }
            }

            return false;
        }

        return $this->subjectBy($before) !== [];
    }

    /** @return list<Expression> what the wanted letter is by a formula, proved by a demonstration's audit */
    private function subjectBy(Node $formula): array
    {
        $subject = $this->task->problem->subject;
        if (!$formula instanceof Equation || $subject === null) {
            return [];
        }
        $written = Ascii::write($formula);
        if (!isset($this->subjects[$written])) {
            try {
                $problem = Problem::read("$written for $subject");
                $answer = $this->catalogue->demonstrate(
                    new Task($problem, $this->task->style),
                    Job::Rearrange->value,
                )->answer->node();
                $results = array_map(
                    static fn(Equation $equation): Expression => $equation->right,
                    self::equations($answer),
                );
            } catch (Refusal | Unproved) {
                $alone = $formula->left instanceof Letter && $formula->left->name === $subject;
                $results = $alone ? [$formula->right] : [];
            }
            $this->subjects[$written] = $results;
        }

        return $this->subjects[$written];
    }

    /** @return list<Equation> */
    private static function equations(Node $node): array
    {
        return match (true) {
            $node instanceof Alternatives => array_values($node->equations),
            $node instanceof Equation => [$node],
            default => [],
        };
    }

    /** Where solution sets cannot be compared: a line that keeps every solution of the problem follows. */
    private function holdsForSolutions(Node $node): bool
    {
        $solutions = $this->known();
        $letter = $this->task->problem->letter();
        if ($solutions === null || $letter === null) {
            return false;
        }
        $equations = self::equations($node);
        foreach ($solutions as $solution) {
            $solves = array_filter(
                $equations,
                fn(Equation $equation): bool => $this->proof->holds(new Solves($equation, $letter, $solution)),
            );
            if ($solves === []) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Expression>|null what solves the problem, proved by a demonstration's audit, where there is one */
    private function known(): ?array
    {
        if ($this->solutions === null && $this->job === Job::Solve) {
            try {
                $details = $this->catalogue->demonstrate($this->task, Job::Solve->value)->answer->details();
            } catch (Refusal | Unproved) {
                return null;
            }
            $solutions = $details['solutions'] ?? [];
            $this->solutions = \is_array($solutions) ? array_values(array_filter(
                $solutions,
                static fn(mixed $solution): bool => $solution instanceof Expression,
            )) : [];
        }

        return $this->solutions;
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
            $this->holds,
            $say,
            $say,
            differs: $true ? null : Difference::between($equation->left, $equation->right),
        );
    }

    private function unreadable(string $typed, string $key): MarkedLine
    {
        $say = Message::of($key);

        return new MarkedLine($typed, null, LineVerdict::Unreadable, $this->holds, $say, $say, at: 1);
    }

    private function problem(): Expression
    {
        $node = $this->task->problem->node;

        return $node instanceof Expression ? $node : throw new \LogicException('An equation is no expression.');
    }
}
