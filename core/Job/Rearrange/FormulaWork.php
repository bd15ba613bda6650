<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Algebra\BookShape;
use Runel\Algebra\Sides;
use Runel\Demonstration\Answer\FormulaAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Move\Rewrite;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Working\Quadratic\Decimals;

/** One formula worked until the wanted letter stands alone: what was done to it last is undone first. */
final class FormulaWork
{
    /** Numbers put in for letters, to see whether a formula is defined anywhere. */
    private const SAMPLES = [2, 3, 5, 7, 4, 8, 9, 6];

    private readonly FormulaSheet $sheet;
    private readonly LastOperation $last;
    /** @var list<Expression> */
    private array $results = [];

    private function __construct(
        private readonly Task $task,
        private readonly Equation $formula,
        private readonly string $subject,
    ) {
        $this->sheet = FormulaSheet::of($task, $formula, $subject, new Equation(
            Sides::withoutOnes($formula->left),
            Sides::withoutOnes($formula->right),
        ));
        $this->last = new LastOperation($this->sheet);
    }

    public static function of(Task $task, Equation $formula, string $subject): self
    {
        $work = new self($task, $formula, $subject);
        $work->run();

        return $work;
    }

    public function refusal(): ?Refusal
    {
        return $this->sheet->refusal();
    }

    public function demonstration(Method $method): Demonstration
    {
        if ($this->results === []) {
            throw new \LogicException('A formula that cannot be rearranged was not refused.');
        }
        $read = $this->sheet->isOnlyLetter() ? 'read-pi' : 'read';
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of("rearrange.$read.title", ['letter' => new Letter($this->subject)]),
                why: Message::of("rearrange.$read.why", ['letter' => new Letter($this->subject)]),
                lines: [Line::given($this->formula)],
            )]),
            new Section(Phase::Solving, $this->sheet->steps()),
        ];
        $sections = Section::warningOnce(array_map(fn(Section $section): Section => $section->withSteps(array_map(
            fn(Step $step): Step => $step->withLines(array_map(
                fn(Line $line): Line => $line->saying($this->lit($line->node)),
                $step->lines,
            )),
            $section->steps,
        )), $sections));

        [$sections, $answer] = Decimals::of(
            $this->task,
            $sections === [] ? throw new \LogicException('Nothing was read.') : $sections,
            new FormulaAnswer($this->subject, $this->results, $this->last->from()),
            $this->subject,
        );

        return new Demonstration(
            task: $this->task,
            job: $method->job(),
            method: $method->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: $this->sheet->conditions() !== [],
                roots: \count($this->results) > 1 || $this->last->from() !== null,
                advice: Message::of('rearrange.advice', ['count' => max(1, \count($this->sheet->steps()))]),
            ),
            sections: $sections,
            answer: $answer,
            checking: fn(): array => (new FormulaChecks(
                $this->task->problem->letters,
                $this->formula,
                $this->subject,
                $this->results,
                $this->last->from(),
            ))->checks(),
        );
    }

    /** The wanted letter lit wherever it stands. */
    private function lit(Node $node): Node
    {
        return Rewriter::everywhere($node, fn(Node $part): ?Node => $part instanceof Letter
            && $part->name === $this->subject ? new Marked($part, Mark::wanted()) : null);
    }

    private function run(): void
    {
        $this->tidy();
        $this->sheet->swap();
        TwoRoots::undo($this->sheet, $this->last);
        for ($step = 0; $this->isOpen() && $step < FormulaSheet::MOST_STEPS && $this->isUnderOneRoot(); ++$step) {
            $this->last->undo();
        }
        if ($this->isOpen() && $this->isInSeveralPlaces()) {
            GatheredSubject::gather($this->sheet);
        }
        for ($step = 0; $this->isOpen(); ++$step) {
            if ($step > FormulaSheet::MOST_STEPS) {
                $this->sheet->refuse('form');
            } elseif ($this->sheet->own() instanceof Letter) {
                $this->finish();
            } else {
                $this->last->undo();
            }
        }
        $this->results = $this->results ?: $this->last->results();
        if (!$this->sheet->isRefused() && $this->last->from() === null && $this->isNowhereDefined()) {
            $this->sheet->refuse('gone');
        }
    }

    private function isOpen(): bool
    {
        return !$this->sheet->isRefused() && $this->results === [] && $this->last->results() === [];
    }

    /** Whether it has to be collected: it stands twice, on both sides, or under a line in a sum. */
    private function isInSeveralPlaces(): bool
    {
        $own = $this->sheet->own();

        return ($own instanceof Sum && array_filter($own->terms, $this->isBelow(...)) !== [])
            || Letters::holds($this->sheet->other(), $this->subject)
            || Letters::count($own, $this->subject) > 1;
    }

    /** Whether the letter stands several times, all of them under one square root: that is undone first. */
    private function isUnderOneRoot(): bool
    {
        $count = Letters::count($this->sheet->own(), $this->subject);
        if ($count < 2 || Letters::holds($this->sheet->other(), $this->subject)) {
            return false;
        }
        $part = $this->sheet->own();
        while (!$part instanceof Root) {
            $held = array_values(array_filter(
                $part instanceof Quotient ? [$part->numerator] : $part->children(),
                fn(Node $child): bool => Letters::count($child, $this->subject) === $count,
            ));
            if ($held === [] || $part instanceof Power) {
                return false;
            }
            $part = $held[0];
        }

        return $part->index === 2;
    }

    /** Whether the result is nothing but what the formula has no value for, as x = 1 of (4x − 4)/(2x − 2). */
    private function isNowhereDefined(): bool
    {
        for ($turn = 0; $turn < 8; ++$turn) {
            $values = [];
            foreach ($this->task->problem->letters as $place => $letter) {
                $values[$letter] = Rational::of(self::SAMPLES[($turn + 3 * $place) % 8]);
            }
            try {
                $values[$this->subject] = Evaluation::rational($this->results[0], $values);
                Evaluation::rational($this->formula->left, $values);
                Evaluation::rational($this->formula->right, $values);
            } catch (DivisionByZero) {
                continue;
            } catch (NoExactValue) {
                return false;
            }

            return false;
        }

        return true;
    }

    /** Whether the letter stands under a line in a term. */
    private function isBelow(Expression $term): bool
    {
        $bare = $term->bare();

        return $bare instanceof Quotient && Letters::holds($bare->denominator, $this->subject);
    }

    /** Like terms of a side collected, and what is divided by itself left out, before anything is undone. */
    private function tidy(): void
    {
        [$own, $other] = [TidiedSide::of($this->sheet->own()), TidiedSide::of($this->sheet->other())];
        $tidied = new Equation($own, $other);
        $isTidy = $tidied->equals($this->sheet->line());
        if ($isTidy || !Letters::holds($tidied, $this->subject)) {
            return;
        }
        $this->sheet->stands($own, $other);
        $this->sheet->say('tidy', [], [Line::equivalent($tidied, new Rewrite())]);
    }

    private function finish(): void
    {
        $ordered = BookShape::ordered($this->sheet->other());
        $this->results = [$ordered];
        $result = $this->sheet->line();
        $last = $this->sheet->takeLast();
        $lines = $last->lines ?? [];
        $end = array_pop($lines);
        if ($last === null || $end === null) {
            $this->sheet->refuse('alone');

            return;
        }
        \assert($end->node->equals($result));
        $reduced = BookShape::reduced($this->sheet->other());
        if ($reduced !== null) {
            [$above, $common, $left] = $reduced;
            $this->sheet->add($last);
            $this->results = [$left];
            $this->sheet->say('reduce', ['common' => $common->toExpression()], [
                Line::side($above->polynomial()->toExpression(), $above->toExpression()),
                Line::result(new Equation($this->sheet->own(), $left), new Rewrite()),
            ]);

            return;
        }
        $shape = BookShape::of($this->sheet->other());
        if ($shape === null) {
            $this->sheet->add($last->withLines([...$lines, Line::result(
                new Equation($this->sheet->own(), $ordered),
                $end->move,
            )]));

            return;
        }
        $this->sheet->add($last);
        $this->results = [$shape];
        $this->sheet->say('shape', [], [Line::result(new Equation($this->sheet->own(), $shape), new Rewrite())]);
    }
}
