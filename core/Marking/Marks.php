<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Law\Claim\Solves;
use Runel\Method\Wanting;
use Runel\Slip\Slip;
use Runel\Working\SolutionForm;

/**
 * Points proposed for a piece of work: for method (sound steps, whatever the numbers), for results, and for a form that
 * was asked. The tutor's word is last.
 */
final readonly class Marks
{
    /** So many points for method at the most, where nobody says how many the problem has. */
    private const METHOD = 4;
    /** Slips in numbers, which cost a result and no method. */
    private const NUMBERS = [Slip::Arithmetic, Slip::Copying, Slip::RoundedEarly];

    /**
     * @param int  $method    points earned for method, of
     * @param int  $methodOf  so many
     * @param bool $isThrough whether sound steps were made behind a slip
     */
    private function __construct(
        public int $method,
        public int $methodOf,
        public int $result,
        public int $resultOf,
        public int $form,
        public int $formOf,
        public bool $isThrough,
    ) {}

    public static function proposed(Page $page, ?Wanting $wants): self
    {
        $chain = array_values(array_filter(
            $page->marked,
            static fn(MarkedLine $line): bool => $line->verdict->isChain(),
        ));
        $results = $page->worked->solutions();
        $resultOf = max(1, \count($results ?? []));
        $methodOf = max(1, min(self::METHOD, $page->worked->sections()));
        $asked = $page->task->problem->asked;
        $formOf = $asked->form === null && $asked->rounding === null ? 0 : 1;

        return new self(
            $chain === [] ? 0 : self::method($page, $chain, $methodOf, $wants),
            $methodOf,
            $chain === [] ? 0 : self::results($page, $results, $wants, $resultOf),
            $resultOf,
            $formOf === 1 && $wants === null && self::isInForm($page) ? 1 : 0,
            $formOf,
            array_filter(
                $chain,
                static fn(MarkedLine $line): bool => $line->verdict === LineVerdict::FollowsWrong,
            ) !== [],
        );
    }

    public function points(): int
    {
        return $this->method + $this->result + $this->form;
    }

    public function of(): int
    {
        return $this->methodOf + $this->resultOf + $this->formOf;
    }

    /**
     * The same work where the problem has so many points: results and form keep theirs, the rest is for method.
     *
     * @param int $of 1 or more
     */
    public function outOf(int $of): self
    {
        $formOf = min($this->formOf, max(0, $of - 1));
        $resultOf = min($this->resultOf, max(1, $of - $formOf - 1));
        $resultOf = min($resultOf, $of - $formOf);
        $methodOf = $of - $formOf - $resultOf;

        return new self(
            intdiv(2 * $this->method * $methodOf + $this->methodOf, 2 * $this->methodOf),
            $methodOf,
            intdiv($this->result * $resultOf, $this->resultOf),
            $resultOf,
            min($this->form, $formOf),
            $formOf,
            $this->isThrough,
        );
    }

    /** @param non-empty-list<MarkedLine> $chain */
    private static function method(Page $page, array $chain, int $of, ?Wanting $wants): int
    {
        $lost = \count(array_filter($chain, static fn(MarkedLine $line): bool => $line->verdict === LineVerdict::Wrong
            && !\in_array($line->slip, self::NUMBERS, true)));
        $sound = \count(array_filter($chain, static fn(MarkedLine $line): bool
            => \in_array($line->verdict, [LineVerdict::Follows, LineVerdict::FollowsWrong], true)));
        $needed = max(1, \count($page->worked->lines()));
        $reached = self::hasArrived($page, $wants) ? $of : min($of - 1, intdiv($of * $sound + $needed - 1, $needed));

        return max(0, $reached - $lost);
    }

    /** Whether the last line has the form of an answer, whatever it says. */
    private static function hasArrived(Page $page, ?Wanting $wants): bool
    {
        $line = $page->trail->joined()->line;
        $problem = $page->task->problem;
        if ($wants === null) {
            return true;
        }
        if (!$page->family->seeksSolutions($problem)) {
            return $page->family->wants($line, $problem) === null;
        }

        return SolutionForm::values($line, (string) $problem->letter()) !== [];
    }

    /** @param list<Expression>|null $solutions */
    private static function results(Page $page, ?array $solutions, ?Wanting $wants, int $of): int
    {
        if ($wants === null) {
            return $of;
        }
        $problem = $page->task->problem->node;
        $letter = $page->task->problem->letter();
        if ($solutions === null || $solutions === [] || !$problem instanceof Equation || $letter === null) {
            return $page->trail->isTrue === true && \in_array($wants, [Wanting::LowestTerms, Wanting::Root], true)
                ? $of
                : 0;
        }
        $right = array_filter(
            SolutionForm::values($page->trail->joined()->line, $letter),
            static fn(Expression $value): bool => $page->proof->holds(new Solves($problem, $letter, $value))
                || Rounded::from($value, $solutions) !== null,
        );

        return min($of, \count($right));
    }

    /** Whether numbers are rounded as was asked; another form is what the job itself wants. */
    private static function isInForm(Page $page): bool
    {
        $rounding = $page->task->problem->asked->rounding;
        if ($rounding === null) {
            return true;
        }
        $rounded = array_values(array_filter(array_map(
            static fn(MarkedLine $line): ?int => $line->rounded,
            $page->marked,
        ), static fn(?int $places): bool => $places !== null));

        return match (true) {
            $rounding->places === null => $rounded === [],
            $rounding->isSignificant => $rounded !== [],
            default => \in_array($rounding->places, $rounded, true),
        };
    }
}
