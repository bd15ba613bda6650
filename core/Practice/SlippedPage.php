<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Link;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Judging\Form;
use Runel\Marking\LineVerdict;
use Runel\Marking\Marker;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Proof\Effort;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;
use Runel\Slip\WrongRules;

/**
 * A page of work in which one slip was made on purpose and everything after it follows. What it says of itself is
 * proved: the marker finds every line before it right, this one wrong by this slip, and every line behind it following.
 */
final readonly class SlippedPage
{
    /** So many outcomes of the slip are tried at one line. */
    private const OUTCOMES = 12;
    /** The work that proving one page may take, in steps. */
    private const EFFORT = 400_000;

    /**
     * @param non-empty-list<Node> $lines behind the problem, one or more
     * @param int                  $at    which of them is wrong, from 1
     */
    private function __construct(public array $lines, public int $at, public Slip $slip) {}

    /** @return non-empty-list<string> the lines as they are typed */
    public function typed(): array
    {
        return array_map(Ascii::typed(...), $this->lines);
    }

    /** Null where the slip cannot be made in the problem, or comes to nothing that somebody would have written. */
    public static function of(Catalogue $catalogue, Demonstration $demonstration, Slip $slip): ?self
    {
        $family = $catalogue->families->of($demonstration->job);
        $rules = array_values(array_filter(
            $family->rules(),
            static fn(WrongRule $rule): bool => $rule->slip() === $slip,
        ));
        $demonstration = self::inLines($catalogue, $demonstration);
        $right = self::chain($demonstration);
        foreach ($rules === [] ? [] : array_keys($right) as $place) {
            $before = $place === 0 ? $demonstration->task->problem->node : $right[$place - 1];
            $left = self::OUTCOMES;
            foreach (WrongRules::outcomes($rules, $before) as [, $wrong]) {
                if ($left-- === 0) {
                    break;
                }
                $page = self::page($catalogue, $demonstration, \array_slice($right, 0, $place), $wrong, $slip);
                if ($page !== null) {
                    return $page;
                }
            }
        }

        return null;
    }

    /** With the first slip that people make in such problems and that makes a page; null where none does. */
    public static function likeliest(Catalogue $catalogue, Demonstration $demonstration): ?self
    {
        $slips = array_map(
            static fn(WrongRule $rule): Slip => $rule->slip(),
            $catalogue->families->of($demonstration->job)->rules(),
        );
        foreach (array_unique($slips, \SORT_REGULAR) as $slip) {
            $page = self::of($catalogue, $demonstration, $slip);
            if ($page !== null) {
                return $page;
            }
        }

        return null;
    }

    /** The same problem by a way that writes more than one line, where there is one. */
    private static function inLines(Catalogue $catalogue, Demonstration $demonstration): Demonstration
    {
        foreach (\count(self::chain($demonstration)) > 1 ? [] : ['term-by-term', 'split-middle'] as $method) {
            try {
                $other = $catalogue->demonstrate($demonstration->task, $demonstration->job, $method);
            } catch (Refusal) {
                continue;
            }
            if (\count(self::chain($other)) > 1) {
                return $other;
            }
        }

        return $demonstration;
    }

    /** @param list<Node> $before the lines above the slip */
    private static function page(
        Catalogue $catalogue,
        Demonstration $demonstration,
        array $before,
        Node $wrong,
        Slip $slip,
    ): ?self {
        $wrong = self::collected($wrong);
        if (!self::isNatural($wrong, $before[\count($before) - 1] ?? $demonstration->task->problem->node)) {
            return null;
        }
        $behind = self::behind($catalogue, $demonstration, $wrong);
        $lines = $behind === null ? [] : [...$before, $wrong, ...$behind];
        $last = $lines[\count($lines) - 1] ?? null;
        if ($last === null || \count($lines) < 2 || !self::isPlausible($catalogue, $last, $demonstration)) {
            return null;
        }
        $page = new self($lines, \count($before) + 1, $slip);

        return $page->isProved($catalogue, $demonstration) ? $page : null;
    }

    /** The line as it is written down: no sum inside a sum, no 1 in front, numbers worked out. */
    private static function collected(Node $wrong): Node
    {
        return match (true) {
            $wrong instanceof Equation => new Equation(self::side($wrong->left), self::side($wrong->right)),
            $wrong instanceof Expression => self::side($wrong, false),
            default => $wrong,
        };
    }

    private static function side(Expression $side, bool $isCollected = true): Expression
    {
        $terms = [];
        foreach (self::flat($side) as $term) {
            $bare = $term->bare();
            $factors = array_values(array_filter($bare->factors(), static fn(Expression $one): bool => !$one->isOne()));
            $term = match (true) {
                $isCollected && !Inside::holds($term, Sum::class)
                    => Polynomial::tryFrom($term)?->toExpression() ?? $term,
                \count($factors) === \count($bare->factors()) => $term,
                $term instanceof Negative => Product::of($factors)->negated(),
                default => Product::of($factors),
            };
            $terms[] = $term;
        }
        $written = Sum::of($terms);
        $isOpen = array_filter($terms, static fn(Expression $term): bool => Inside::holds($term, Sum::class)) !== [];

        return !$isCollected || $isOpen ? $written : Polynomial::tryFrom($written)?->toExpression() ?? $written;
    }

    /** @return list<Expression> its terms, those of sums in it among them */
    private static function flat(Expression $side): array
    {
        $terms = [];
        foreach ($side->terms() as $term) {
            $bare = $term->bare();
            if (!$bare instanceof Sum) {
                $terms[] = $term;
                continue;
            }
            foreach (self::flat($bare) as $own) {
                $terms[] = $term instanceof Negative ? $own->negated() : $own;
            }
        }

        return $terms;
    }

    /** Whether people would have made it so: letters stay on the left, no side is emptied, no branch turned. */
    private static function isNatural(Node $wrong, Node $before): bool
    {
        foreach ($wrong instanceof Alternatives ? $wrong->equations : [] as $one) {
            if (!$one->left instanceof Letter) {
                return false;
            }
        }

        $emptied = $wrong instanceof Equation && $wrong->right->isZero()
            && $before instanceof Equation && !$before->right->isZero();

        return !$wrong instanceof Equation || (Indeterminates::of($wrong->left) !== [] && !$emptied);
    }

    /** @return list<Node>|null the work that follows from the slip; null where nobody could go on */
    private static function behind(Catalogue $catalogue, Demonstration $demonstration, Node $wrong): ?array
    {
        if ($wrong instanceof Expression) {
            $collected = Polynomial::tryFrom($wrong)?->toExpression();
            if ($demonstration->job === 'multiply') {
                return $collected === null || $collected->equals($wrong) ? [] : [$collected];
            }
        }
        if (!$wrong instanceof Expression && !$wrong instanceof Equation) {
            return [];
        }
        $task = $demonstration->task;
        $subject = $task->problem->subject;
        if ($subject !== null && !Letters::holds($wrong, $subject)) {
            return null;
        }
        try {
            $problem = Problem::of($wrong, $subject);

            return self::chain($catalogue->demonstrate(
                new Task($problem, $task->style, $task->choices, true),
                $demonstration->job,
            ));
        } catch (Refusal) {
            return null;
        }
    }

    /** @return list<Node> the lines that carry the work on, none twice in a row */
    private static function chain(Demonstration $demonstration): array
    {
        $lines = [];
        $last = $demonstration->task->problem->node;
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                $node = Rewriter::unmarked($line->node);
                $isCarried = !\in_array($line->link, [Link::Side, Link::Given], true) && $line->branch === null;
                if ($isCarried && !$node->equals($last) && self::isWritten($node)) {
                    $lines[] = $last = $node;
                }
            }
        }

        return $lines;
    }

    /** Whether a learner would write it: not what is done to both sides, before it is worked out. */
    private static function isWritten(Node $node): bool
    {
        foreach ($node instanceof Equation ? [$node->left, $node->right] : [] as $side) {
            $terms = array_map(Ascii::write(...), $side->terms());
            $opposite = array_map(
                static fn(Expression $term): string => Ascii::write($term->negated()),
                $side->terms(),
            );
            $bare = $side->bare();
            $isDivided = $bare instanceof Quotient && Polynomial::number($bare->denominator) !== null
                && !$bare->numerator instanceof Sum && !Form::isReduced($side);
            if (array_intersect($terms, $opposite) !== [] || $isDivided) {
                return false;
            }
        }

        return true;
    }

    /** No fractions or roots out of nowhere, and no numbers that give it away. */
    private static function isPlausible(Catalogue $catalogue, Node $last, Demonstration $demonstration): bool
    {
        $answer = $demonstration->answer->node();
        if (!self::hasArrived($catalogue, $last, $demonstration)) {
            return false;
        }
        foreach ([Quotient::class, Root::class] as $kind) {
            if (Inside::holds($last, $kind) && !Inside::holds($answer, $kind)) {
                return false;
            }
        }
        $hasFractions = static fn(Node $node): bool => Inside::some($node, static fn(Node $part): bool
            => $part instanceof Numeral && !$part->value->isInteger());
        $isKnown = !$last instanceof Alternatives || \count($last->equations) < 4;

        return $isKnown && (!$hasFractions($last) || $hasFractions($answer)) && !$last->equals($answer);
    }

    /** Whether a page ends there: the letter stands alone, or the line has the form that the job wants. */
    private static function hasArrived(Catalogue $catalogue, Node $last, Demonstration $demonstration): bool
    {
        $family = $catalogue->families->of($demonstration->job);
        $problem = $demonstration->task->problem;
        if (!$family->seeksSolutions($problem)) {
            return $family->wants($last, $problem) === null;
        }
        foreach ($last instanceof Alternatives ? $last->equations : [$last] as $one) {
            if (!$one instanceof Equation || !$one->left instanceof Letter || !$one->right->bare() instanceof Numeral
                && !Inside::holds($one->right, Root::class) && !$one->right->bare() instanceof Quotient) {
                return false;
            }
        }

        return true;
    }

    private function isProved(Catalogue $catalogue, Demonstration $demonstration): bool
    {
        $marked = Marker::mark(
            $catalogue,
            $demonstration->task,
            $demonstration->job,
            array_map(Ascii::write(...), $this->lines),
            effort: Effort::of(self::EFFORT),
        )->lines;
        foreach ($marked as $place => $line) {
            $isRight = match (true) {
                $place + 1 < $this->at => $line->verdict === LineVerdict::Follows,
                $place + 1 === $this->at => $line->verdict === LineVerdict::Wrong && $line->slip === $this->slip,
                default => $line->verdict === LineVerdict::FollowsWrong,
            };
            if (!$isRight) {
                return false;
            }
        }

        return true;
    }
}
