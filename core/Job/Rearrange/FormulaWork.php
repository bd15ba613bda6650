<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Algebra\BookShape;
use Runel\Algebra\CommonTerm;
use Runel\Algebra\Sides;
use Runel\Demonstration\Answer\FormulaAnswer;
use Runel\Demonstration\Branch;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\FractionalPower;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\CollectSubject;
use Runel\Law\Move\JoinBranches;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\RootBothSides;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Notation\Ascii;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\BothSides;
use Runel\Working\Quadratic\Decimals;
use Runel\Working\RaisedSides;

/** One formula worked until the wanted letter stands alone: what was done to it last is undone first. */
final class FormulaWork
{
    private const MOST_STEPS = 24;
    /** Numbers put in for letters, to see whether a formula is defined anywhere. */
    private const SAMPLES = [2, 3, 5, 7, 4, 8, 9, 6];

    /** What holds the letter. */
    private Expression $own;
    private Expression $other;
    /** @var list<Step> */
    private array $steps = [];
    /** @var list<Expression> what may not be 0 */
    private array $conditions = [];
    /** @var list<Expression> */
    private array $results = [];
    private ?Refusal $refusal = null;
    /** The line from which every step can be turned round, where squaring came before it. */
    private ?Equation $from = null;
    private int $number = 0;
    private string $swapped = '';

    private function __construct(
        private readonly Task $task,
        private readonly Equation $formula,
        private readonly string $subject,
    ) {
        $this->own = Sides::withoutOnes($formula->left);
        $this->other = Sides::withoutOnes($formula->right);
    }

    public static function of(Task $task, Equation $formula, string $subject): self
    {
        $work = new self($task, $formula, $subject);
        $work->run();

        return $work;
    }

    public function refusal(): ?Refusal
    {
        return $this->refusal;
    }

    public function demonstration(Method $method): Demonstration
    {
        if ($this->results === []) {
            throw new \LogicException('A formula that cannot be rearranged was not refused.');
        }
        $read = $this->isOnlyLetter() ? 'read-pi' : 'read';
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of("rearrange.$read.title", ['letter' => new Letter($this->subject)]),
                why: Message::of("rearrange.$read.why", ['letter' => new Letter($this->subject)]),
                lines: [Line::given($this->formula)],
            )]),
            new Section(Phase::Solving, $this->steps),
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
            new FormulaAnswer($this->subject, $this->results, $this->from),
            $this->subject,
        );

        return new Demonstration(
            task: $this->task,
            job: $method->job(),
            method: $method->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: $this->conditions !== [],
                roots: \count($this->results) > 1 || $this->from !== null,
                advice: Message::of('rearrange.advice', ['count' => max(1, \count($this->steps))]),
            ),
            sections: $sections,
            answer: $answer,
            checking: fn(): array => (new FormulaChecks(
                $this->task->problem->letters,
                $this->formula,
                $this->subject,
                $this->results,
                $this->from,
            ))->checks(),
        );
    }

    /** Whether nothing but numbers stands beside the wanted letter. */
    private function isOnlyLetter(): bool
    {
        return \count(Letters::of($this->formula)) === 1;
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
        $this->swap();
        $this->twoRoots();
        for ($step = 0; $this->refusal === null && $step < self::MOST_STEPS && $this->isUnderOneRoot(); ++$step) {
            $this->undo();
        }
        $isBelow = $this->own instanceof Sum && array_filter($this->own->terms, $this->isBelow(...)) !== [];
        if (
            $this->refusal === null && ($isBelow
            || Letters::holds($this->other, $this->subject)
            || Letters::count($this->own, $this->subject) > 1)
        ) {
            $this->collect();
        }
        for ($step = 0; $this->refusal === null && $this->results === []; ++$step) {
            if ($step > self::MOST_STEPS) {
                $this->refusal = new OutOfReach(Message::of('rearrange.refusal-form', ['letter' => $this->subject]));

                return;
            }
            $this->undo();
        }
        if ($this->refusal === null && $this->from === null && $this->isNowhereDefined()) {
            $this->refusal = new OutOfReach(Message::of('rearrange.refusal-gone', ['letter' => $this->subject]));
        }
    }

    /** Whether the letter stands several times, all of them under one square root: that is undone first. */
    private function isUnderOneRoot(): bool
    {
        $count = Letters::count($this->own, $this->subject);
        if ($count < 2 || Letters::holds($this->other, $this->subject)) {
            return false;
        }
        $part = $this->own;
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

    /** The wanted letter on the left, where it stands on the right alone. */
    private function swap(): void
    {
        if (Letters::holds($this->own, $this->subject)) {
            return;
        }
        [$this->own, $this->other] = [$this->other, $this->own];
        $this->swapped = $this->swapped === 'swap' || $this->number > 0 ? 'swap-back' : 'swap';
        $this->say($this->swapped, [], [Line::equivalent(new Equation($this->own, $this->other), new SwapSides())]);
    }

    /** Like terms of a side collected, and what is divided by itself left out, before anything is undone. */
    private function tidy(): void
    {
        [$own, $other] = [self::tidied($this->own), self::tidied($this->other)];
        $tidied = new Equation($own, $other);
        $isTidy = $tidied->equals(new Equation($this->own, $this->other));
        if ($isTidy || !Letters::holds($tidied, $this->subject)) {
            return;
        }
        [$this->own, $this->other] = [$own, $other];
        $this->say('tidy', [], [Line::equivalent($tidied, new Rewrite())]);
    }

    /** A fraction, also one among factors, without what stands above and below; null where nothing does. */
    private static function cancelled(Node $node): ?Expression
    {
        $fraction = $node instanceof Quotient ? $node : self::overOneLine($node);

        return $fraction === null ? null : Sides::cancelled($fraction->numerator, $fraction->denominator);
    }

    /** A product with fractions among its factors, as one fraction; null of what is none. */
    private static function overOneLine(Node $node): ?Quotient
    {
        $factors = $node instanceof Product ? $node->factors : [];
        $fractions = array_filter($factors, static fn(Expression $factor): bool => $factor instanceof Quotient);

        return $fractions === [] ? null : new Quotient(
            Sides::product(array_map(
                static fn(Expression $factor): Expression => $factor instanceof Quotient ? $factor->numerator : $factor,
                $factors,
            )),
            Sides::product(array_map(
                static fn(Quotient $fraction): Expression => $fraction->denominator,
                array_values($fractions),
            )),
        );
    }

    /** A side on which what multiplies a fraction with letters below stands above its line. */
    private static function aboveTheLine(Expression $side): Expression
    {
        return Sum::of(array_map(static function (Expression $term): Expression {
            $fraction = self::overOneLine($term->bare());
            if ($fraction === null || Letters::of($fraction->denominator) === []) {
                return $term;
            }

            return $term instanceof Negative ? $fraction->negated() : $fraction;
        }, $side->terms()));
    }

    private static function tidied(Expression $side): Expression
    {
        $side = Sides::withoutOnes(Rewriter::everywhere($side, self::cancelled(...)));
        if (!$side instanceof Sum) {
            return $side;
        }
        $collected = Polynomial::tryFrom($side);

        return $collected !== null && \count($collected->terms) < \count($side->terms)
            ? $collected->toExpression()
            : $side;
    }

    /** What was done last to what holds the letter, undone. */
    private function undo(): void
    {
        $own = $this->own;
        match (true) {
            $own instanceof Letter => $this->finish(),
            $own instanceof Sum => $this->undoSum($own),
            $own instanceof Negative => $this->undoNegative($own),
            $own instanceof Product => $this->undoProduct($own),
            $own instanceof Quotient => $this->undoQuotient($own),
            $own instanceof Power => $this->undoPower($own),
            $own instanceof Root => $this->undoRoot($own),
            default => $this->refusal = new OutOfReach(Message::of('rearrange.refusal-form', [
                'letter' => $this->subject,
            ])),
        };
    }

    private function undoSum(Sum $own): void
    {
        $taken = array_values(array_filter(
            $own->terms,
            fn(Expression $term): bool => !Letters::holds($term, $this->subject),
        ));
        $left = array_values(array_filter(
            $own->terms,
            fn(Expression $term): bool => Letters::holds($term, $this->subject),
        ));
        // One thing a line: each term that is in the way goes by itself.
        foreach ($taken as $place => $term) {
            $rest = array_values(array_filter(
                $own->terms,
                static fn(Expression $one): bool => !\in_array($one, \array_slice($taken, 0, $place + 1), true),
            ));
            $this->move([$term], $rest === [] ? Sum::of($left) : Sum::of($rest), Sides::minus($this->other, [$term]));
        }
    }

    /**
     * @param list<Expression> $taken   the terms that go to the other side
     * @param bool             $gathers whether some of them hold the wanted letter
     */
    private function move(array $taken, Expression $own, Expression $other, bool $gathers = false): void
    {
        $adds = \count($taken) === 1 && $taken[0] instanceof Negative;
        $operand = $adds ? $taken[0]->negated() : Sum::of($taken);
        $move = new ToBothSides($adds ? Operation::Add : Operation::Subtract, $operand);
        $after = new Equation($own, $other);
        $lines = [Line::equivalent($after, $move)];
        if ($this->task->style->get(Moving::class) === Moving::BothSides) {
            $added = array_map(static fn(Expression $term): Expression => $term->negated(), $taken);
            $both = new Equation(
                BothSides::struck($this->own->terms(), $added),
                BothSides::struck($this->other->terms(), $added),
            );
            $lines = [Line::equivalent($both, $move)];
            if (!$both->equals($after)) {
                $lines[] = Line::equivalent($after, new Rewrite());
            }
        }
        $tidied = self::tidied($other);
        if (!$tidied->equals($other)) {
            $lines[] = Line::equivalent(new Equation($own, $tidied), new Rewrite());
        }
        $question = $this->asked(Sides::minus($this->other, $taken), $tidied);
        $other = $tidied;
        [$this->own, $this->other] = [$own, $other];
        $this->say(match (true) {
            $gathers && $this->task->style->get(Moving::class) === Moving::Across => 'gather-across',
            $gathers => $adds ? 'gather-add' : 'gather',
            $this->task->style->get(Moving::class) === Moving::Across => 'across',
            $adds => 'add',
            default => 'subtract',
        }, ['term' => $operand], $lines, $this->task->style->get(Moving::class) === Moving::Across
            ? Slip::SignNotTurned
            : Slip::OneSideOnly, $question);
    }

    private function undoNegative(Negative $own): void
    {
        [$this->own, $this->other] = [$own->operand, $this->opposite($this->other)];
        $this->say('turn', [], [Line::equivalent(
            new Equation($this->own, $this->other),
            new ToBothSides(Operation::Multiply, Numeral::of(-1)),
        )]);
    }

    private function opposite(Expression $side): Expression
    {
        return $side instanceof Sum
            ? BookShape::ordered(Sum::of(array_map(
                static fn(Expression $term): Expression => $term->negated(),
                $side->terms,
            )))
            : $side->negated();
    }

    private function undoProduct(Product $own): void
    {
        $held = [];
        $away = [];
        $fraction = null;
        foreach ($own->factors as $factor) {
            $number = Polynomial::number($factor);
            if (Letters::holds($factor, $this->subject)) {
                $held[] = $factor;
            } elseif ($number !== null && !$number->isInteger() && !$number->isDecimal()) {
                $fraction = $number;
            } else {
                $away[] = $factor;
            }
        }
        if ($fraction !== null) {
            $rest = array_values(array_filter(
                $own->factors,
                static fn(Expression $factor): bool => Polynomial::number($factor)?->equals($fraction) !== true,
            ));
            $this->multiply(Numeral::of($fraction->reciprocal()), Product::of($rest));
        } elseif (Polynomial::number(Sides::product($away))?->negated()->isOne() === true) {
            $this->undoNegative(new Negative(Product::of($held)));
        } else {
            $this->divide(Sides::product($away), Product::of($held));
        }
    }

    private function multiply(Expression $by, Expression $own): void
    {
        $this->done(Operation::Multiply, $by, $own, Sides::times($this->other, $by), 'multiply');
    }

    private function divide(Expression $by, Expression $own): void
    {
        $this->done(Operation::Divide, $by, $own, Sides::over($this->other, $by), 'divide');
    }

    private function done(Operation $operation, Expression $by, Expression $own, Expression $other, string $key): void
    {
        $before = $this->other;
        $conditions = Polynomial::number($by) === null ? [$by] : [];
        $move = new ToBothSides($operation, $by, $conditions);
        $after = new Equation($own, $other);
        $lines = [Line::equivalent($after, $move)];
        if ($this->task->style->get(Moving::class) === Moving::BothSides && $operation === Operation::Divide) {
            $both = new Equation(new Quotient($this->own, $by), new Quotient($this->other, $by));
            $lines = [Line::equivalent($both, $move)];
            if (!$both->equals($after)) {
                $lines[] = Line::equivalent($after, new Rewrite());
            }
        }
        [$this->own, $this->other] = [$own, $other];
        $known = array_map(Ascii::write(...), $this->conditions);
        // A number is seen to be 0 or not: of π nothing that is written with fractions gives 0.
        $isFree = Letters::of($by) !== [];
        $says = $conditions !== [] && $isFree;
        if ($says && !\in_array(Ascii::write($by), $known, true)) {
            $this->conditions[] = $by;
        }
        $divides = $operation === Operation::Divide;
        $question = $this->asked(
            $divides ? new Quotient($before, $by) : Product::of([$by, $before]),
            $other,
        );
        $this->say($says ? "$key-letters" : $key, ['by' => $by], $lines, null, $question);
    }

    private function undoQuotient(Quotient $own): void
    {
        $inside = Letters::holds($own->numerator, $this->subject);
        if ($inside && Letters::holds($own->denominator, $this->subject)) {
            $this->refusal = new OutOfReach(Message::of('rearrange.refusal-form', ['letter' => $this->subject]));

            return;
        }
        if ($inside) {
            $this->multiply($own->denominator, $own->numerator);

            return;
        }
        // The letter stands below: both sides times the denominator, then it stands on the other side.
        $below = $own->denominator;
        $this->done(Operation::Multiply, $below, $own->numerator, Sides::times($this->other, $below), 'multiply');
        $this->swap();
    }

    private function undoPower(Power $own): void
    {
        $rooted = FractionalPower::rooted($own);
        if ($rooted !== null) {
            $this->own = $rooted;
            $this->say('as-root', [], [Line::equivalent(new Equation($this->own, $this->other), new Rewrite())]);

            return;
        }
        $exponent = Polynomial::number($own->exponent)?->toInt();
        if ($exponent !== null && $exponent > 2 && $exponent % 2 === 1 && !Polynomial::vanishes($this->other)) {
            $this->oddRoot($own, $exponent);

            return;
        }
        if ($exponent !== 2) {
            $this->refusal = new OutOfReach(Message::of('rearrange.refusal-power', ['letter' => $this->subject]));

            return;
        }
        if (Polynomial::vanishes($this->other)) {
            [$this->own, $this->other] = [$own->base, Numeral::of(0)];
            $this->say('root-zero', [], [
                Line::equivalent(new Equation($this->own, $this->other), new RootBothSides()),
            ]);

            return;
        }
        $whole = Sides::squareRoot($this->other);
        $root = $whole ?? Sides::rootInPart($this->other) ?? new Root($this->other);
        $both = [new Equation($own->base, $root), new Equation($own->base, new Negative($root))];
        $isAlone = $own->base instanceof Letter;
        $this->steps[] = new Step(
            id: 'root',
            title: Message::of('rearrange.root.title'),
            why: Message::of($this->isOnlyLetter() ? 'rearrange.root.why-both' : 'rearrange.root.why', [
                'letter' => new Letter($this->subject),
            ]),
            lines: [
                ...($whole !== null && Letters::of($whole) === [] ? [Line::side(new Root($this->other), $whole)] : []),
                $isAlone
                    ? Line::result(new Alternatives($both), new RootBothSides())
                    : Line::equivalent(new Alternatives($both), new RootBothSides()),
            ],
            watch: Slip::PlusMinusForgotten,
        );
        if ($isAlone) {
            $this->results = [$root, new Negative($root)];
        } else {
            $this->fork($both);
        }
    }

    /** Of an odd exponent there is one root, with the sign of what it is taken of. */
    private function oddRoot(Power $own, int $index): void
    {
        [$this->own, $this->other] = [$own->base, new Root($this->other, $index)];
        $this->say('root-odd', ['index' => Numeral::of($index)], [Line::equivalent(
            new Equation($this->own, $this->other),
            new RootBothSides($index),
        )]);
    }

    /**
     * Both ways worked on side by side: the same moves, once for each root.
     *
     * @param list<Equation> $ways
     */
    private function fork(array $ways): void
    {
        $works = [];
        foreach ($ways as $way) {
            $work = new self($this->task, $this->formula, $this->subject);
            [$work->own, $work->other] = [$way->left, $way->right];
            while ($work->refusal === null && !$work->own instanceof Letter && $work->number < self::MOST_STEPS) {
                $work->undo();
            }
            $works[] = $work;
        }
        [$first, $second] = $works;
        if (!$first->own instanceof Letter || \count($first->steps) !== \count($second->steps)) {
            $this->refusal = new OutOfReach(Message::of('rearrange.refusal-power', ['letter' => $this->subject]));

            return;
        }
        foreach ($first->steps as $place => $step) {
            $this->steps[] = $step->named("both-$step->id")->withLines([
                ...array_map(static fn(Line $line): Line => $line->under(Branch::way(1)), $step->lines),
                ...array_map(
                    static fn(Line $line): Line => $line->under(Branch::way(2)),
                    $second->steps[$place]->lines,
                ),
            ])->asking(null);
        }
        $this->results = [$first->other, $second->other];
        $this->steps[] = new Step(
            id: 'both',
            title: Message::of('rearrange.both.title'),
            why: Message::of('rearrange.both.why'),
            lines: [Line::result(new Alternatives(array_map(
                fn(Expression $result): Equation => new Equation(new Letter($this->subject), $result),
                $this->results,
            )), new JoinBranches())],
        );
    }

    /** Whether nothing is left but one power of the letter, alone on its side. */
    private function isOnePower(Polynomial $left, Polynomial $right): bool
    {
        $degrees = array_map(fn(Polynomial $side): array => array_map(
            fn(Term $term): int => $term->monomial->degreeIn($this->subject),
            $side->terms,
        ), [$left, $right]);
        $alone = max([0, ...$degrees[0]]) > 0 ? $degrees[0] : $degrees[1];
        $others = max([0, ...$degrees[0]]) > 0 ? $degrees[1] : $degrees[0];

        return \count($alone) === 1 && $alone[0] > 1 && max([0, ...$others]) === 0;
    }

    private function undoRoot(Root $own): void
    {
        $other = $this->other;
        $index = Numeral::of($own->index);
        if ($own->index > 2 && Inside::holds(Sides::raised($other, $own->index), Root::class)) {
            $this->refusal = new OutOfReach(Message::of('rearrange.refusal-power', ['letter' => $this->subject]));

            return;
        }
        $written = RaisedSides::line($own, $other, $own->index);
        [$this->own, $this->other] = [$own->radicand, Sides::raised($other, $own->index)];
        $undone = new Equation($this->own, $this->other);
        $watch = $other instanceof Sum ? Slip::SquaredTermByTerm : null;
        if ($own->index % 2 === 1) {
            $this->say('raise', ['index' => $index], [
                $written,
                Line::equivalent($undone, new Rewrite()),
            ], $watch);

            return;
        }
        $this->from = $undone;
        $this->say($own->index === 2 ? 'square' : 'raise-even', ['side' => $other] + ($own->index === 2 ? [] : [
            'index' => $index,
        ]), [$written, Line::equivalent($undone, new Rewrite())], $watch);
    }

    /** The letter under two roots: one of them alone, squared, and what is left has one root or none. */
    private function twoRoots(): void
    {
        $terms = [...$this->own->terms(), ...array_map(
            static fn(Expression $term): Expression => $term->negated(),
            $this->other->terms(),
        )];
        $held = array_values(array_filter(
            $terms,
            fn(Expression $term): bool => Letters::holds($term, $this->subject),
        ));
        $isPair = \count($held) === 2 && array_filter(
            $held,
            static fn(Expression $term): bool => !$term->bare() instanceof Root || $term->bare()->index !== 2,
        ) === [];
        if (!$isPair) {
            return;
        }
        // One with a plus stands alone; where both have a minus, their opposites are gone on from. What is left of a
        // longer radicand is simpler.
        $isShorter = !$held[1] instanceof Negative && $held[1]->bare()->children()[0] instanceof Sum
            && !$held[0]->bare()->children()[0] instanceof Sum;
        [$first, $second] = $held[0] instanceof Negative || $isShorter ? array_reverse($held) : $held;
        $rest = array_values(array_filter(
            $terms,
            static fn(Expression $term): bool => $term !== $first && $term !== $second && !$term->isZero(),
        ));
        $root = $first->bare();
        $under = $second->bare();
        if ($first instanceof Negative || !$root instanceof Root || !$under instanceof Root) {
            $this->refusal = new OutOfReach(Message::of('rearrange.refusal-form', ['letter' => $this->subject]));

            return;
        }
        $others = array_map(static fn(Expression $term): Expression => $term->negated(), [...$rest, $second]);
        $alone = new Equation($root, Sum::of($others));
        if (!$alone->equals(new Equation($this->own, $this->other))) {
            $moved = Sum::of([$this->own, $root->negated()]);
            $this->say('root-alone', [], [Line::equivalent(
                $alone,
                new ToBothSides(Operation::Subtract, $moved),
            )]);
        }
        [$this->own, $this->other] = [$alone->left, $alone->right];
        $this->undoRoot($root);
        if ($rest !== []) {
            $this->secondRoot($root, $under, Sum::of(array_slice($others, 0, -1)), $second instanceof Negative);
        }
    }

    /**
     * A = (R ± √B)² multiplied out, and its root alone.
     *
     * @param Expression $beside  R
     * @param bool       $isAdded whether √B is added to it
     */
    private function secondRoot(Root $root, Root $under, Expression $beside, bool $isAdded): void
    {
        $left = Polynomial::tryFrom($root->radicand);
        $inside = Polynomial::tryFrom($under->radicand);
        $squared = Polynomial::tryFrom(new Power($beside, Numeral::of(2)));
        $difference = $left === null || $inside === null || $squared === null
            ? null
            : $left->minus($inside)->minus($squared);
        if ($difference === null || $squared === null || $inside === null || $left === null
            || Letters::holds($difference->toExpression(), $this->subject)) {
            $this->refusal = new OutOfReach(Message::of('rearrange.refusal-form', ['letter' => $this->subject]));

            return;
        }
        $double = Product::of([Numeral::of(2), ...($beside instanceof Product ? $beside->factors : [$beside])]);
        $mixed = Product::of([...($double instanceof Product ? $double->factors : [$double]), $under]);
        $signed = $isAdded ? $mixed : new Negative($mixed);
        $opened = new Equation($this->own, Sum::of([
            ...$squared->expressions(),
            $signed,
            ...$inside->expressions(),
        ]));
        $this->say('roots-opened', [], [Line::equivalent($opened, new Rewrite())], Slip::DoubleProductForgotten);
        $near = BookShape::ordered(($isAdded ? $difference : $difference->negated())->toExpression());
        [$this->own, $this->other] = [$mixed, $near];
        $this->say('second-root', [], [Line::equivalent(
            $isAdded ? new Equation($near, $mixed) : new Equation($mixed, $near),
            $isAdded
                ? new ToBothSides(Operation::Subtract, Sum::of([
                    ...$squared->expressions(),
                    ...$inside->expressions(),
                ]))
                : new ToBothSides(Operation::Add, Sum::of([$mixed, ...$left->negated()->expressions()])),
        )]);
        if ($isAdded) {
            $this->say('swap', [], [Line::equivalent(new Equation($mixed, $near), new SwapSides())]);
        }
        $this->done(Operation::Divide, $double, $under, Sides::over($near, $double), 'divide');
    }

    /** Several places: denominators away, multiplied out, the letter collected and taken out. */
    private function collect(): void
    {
        $written = new Equation(self::aboveTheLine($this->own), self::aboveTheLine($this->other));
        if (!$written->equals(new Equation($this->own, $this->other))) {
            [$this->own, $this->other] = [$written->left, $written->right];
            $this->say('one-line', [], [Line::equivalent($written, new Rewrite())]);
        }
        foreach ([$this->own, $this->other] as $side) {
            foreach ($side->terms() as $term) {
                $bare = $term->bare();
                if ($bare instanceof Quotient && Polynomial::number($bare->denominator) === null) {
                    $this->clear($bare->denominator);
                }
            }
        }
        try {
            $left = Polynomial::fromExpression($this->own);
            $right = Polynomial::fromExpression($this->other);
        } catch (NotPolynomial | DivisionByZero) {
            $this->refusal = new OutOfReach(Message::of('rearrange.refusal-form', ['letter' => $this->subject]));

            return;
        }
        if ($this->isOnePower($left, $right)) {
            // What it equals stays as it was typed.
            if (Letters::holds($this->other, $this->subject)) {
                $this->other = $right->toExpression();
                $this->swap();
            } else {
                $this->own = $left->toExpression();
            }

            return;
        }
        foreach ([...$left->terms, ...$right->terms] as $term) {
            if ($term->monomial->degreeIn($this->subject) > 1) {
                $this->refusal = new OutOfReach(Message::of('rearrange.refusal-power', ['letter' => $this->subject]));

                return;
            }
        }
        $expanded = new Equation($left->toExpression(), $right->toExpression());
        if (self::hasBracket($this->own) || self::hasBracket($this->other)) {
            [$this->own, $this->other] = [$expanded->left, $expanded->right];
            $this->say('expand', [], [Line::equivalent($expanded, new Rewrite())], Slip::FirstTermOnly);
        }
        $this->gather($left, $right);
    }

    /** Whether a sum stands inside one of the terms. */
    private static function hasBracket(Expression $side): bool
    {
        foreach ($side->terms() as $term) {
            $parts = $term->children();
            while ($parts !== []) {
                $part = array_pop($parts);
                if ($part instanceof Sum) {
                    return true;
                }
                array_push($parts, ...$part->children());
            }
        }

        return false;
    }

    private function clear(Expression $denominator): void
    {
        $own = $this->cleared($this->own, $denominator);
        $other = $this->cleared($this->other, $denominator);
        $this->done(Operation::Multiply, $denominator, $own, $other, 'multiply');
    }

    private function cleared(Expression $side, Expression $by): Expression
    {
        if ($side instanceof Quotient && $side->denominator->equals($by)) {
            return $side->numerator;
        }

        return $side instanceof Sum
            ? Sum::of(array_map(fn(Expression $term): Expression => $term instanceof Negative
                ? $this->cleared($term->operand, $by)->negated()
                : $this->cleared($term, $by), $side->terms))
            : Sides::times($side, $by);
    }

    private function gather(Polynomial $left, Polynomial $right): void
    {
        $with = fn(Polynomial $side, bool $held): Polynomial => Polynomial::ofTerms(array_filter(
            $side->terms,
            fn(Term $term): bool => ($term->monomial->degreeIn($this->subject) > 0) === $held,
        ));
        $own = $with($left, true)->minus($with($right, true));
        if ($own->isZero()) {
            $this->refusal = new OutOfReach(Message::of('rearrange.refusal-gone', ['letter' => $this->subject]));

            return;
        }
        // Collected on the side where it begins with a plus.
        $onLeft = !$own->terms[0]->coefficient->isNegative();
        [$near, $far] = $onLeft ? [$left, $right] : [$right, $left];
        // One thing a line: first what holds the letter comes over, then everything else goes.
        foreach ([...$with($far, true)->terms, ...$with($near, false)->terms] as $term) {
            $taken = Polynomial::ofTerms([$term]);
            [$near, $far] = [$near->minus($taken), $far->minus($taken)];
            $sides = [$near->toExpression(), $far->toExpression()];
            $isHeld = $term->monomial->degreeIn($this->subject) > 0;
            $this->move($taken->expressions(), ...[...($onLeft ? $sides : array_reverse($sides)), $isHeld]);
        }
        $this->swap();
        $factor = Polynomial::ofTerms(array_map(
            fn(Term $term): Term => new Term($term->coefficient, $term->monomial->without($this->subject)),
            $near->terms,
        ));
        $this->other = $far->toExpression();
        if (\count($near->terms) > 1) {
            // What all of them have in common besides stands before it.
            $common = CommonTerm::of($factor);
            $rest = $common->negative ? $common->rest->negated() : $common->rest;
            $before = $common->content->isInteger() ? $common->factors() : [];
            $this->own = Product::of([
                ...$before,
                new Letter($this->subject),
                $before === [] ? $factor->toExpression() : $rest->toExpression(),
            ]);
            $words = ['letter' => Product::of([...$before, new Letter($this->subject)])];
            $this->say('take-out', $words, [Line::equivalent(
                new Equation($this->own, $this->other),
                new CollectSubject($this->subject),
            )]);
        }
    }

    private function finish(): void
    {
        $ordered = BookShape::ordered($this->other);
        $this->results = [$ordered];
        $result = new Equation($this->own, $this->other);
        $last = array_pop($this->steps);
        $lines = $last->lines ?? [];
        $end = array_pop($lines);
        if ($last === null || $end === null) {
            $this->refusal = new OutOfReach(Message::of('rearrange.refusal-alone', ['letter' => $this->subject]));

            return;
        }
        \assert($end->node->equals($result));
        $reduced = BookShape::reduced($this->other);
        if ($reduced !== null) {
            [$above, $common, $left] = $reduced;
            $this->steps[] = $last;
            $this->results = [$left];
            $this->say('reduce', ['common' => $common->toExpression()], [
                Line::side($above->polynomial()->toExpression(), $above->toExpression()),
                Line::result(new Equation($this->own, $left), new Rewrite()),
            ]);

            return;
        }
        $shape = BookShape::of($this->other);
        if ($shape === null) {
            $this->steps[] = $last->withLines([...$lines, Line::result(
                new Equation($this->own, $ordered),
                $end->move,
            )]);

            return;
        }
        $this->steps[] = $last;
        $this->results = [$shape];
        $this->say('shape', [], [Line::result(new Equation($this->own, $shape), new Rewrite())]);
    }

    /** What stands on the right when something has been done to it. */
    private function asked(Expression $done, Expression $right): ?Question
    {
        // Of 0, done with anything, nothing is to be asked.
        return $right instanceof Numeral && $right->value->isZero() ? null : Question::expression(
            Message::of('rearrange.ask', ['letter' => new Letter($this->subject)]),
            new Identity($done, $right),
            $right,
        );
    }

    /**
     * @param array<string, Expression> $words
     * @param list<Line>                $lines
     */
    private function say(
        string $what,
        array $words,
        array $lines,
        ?Slip $watch = null,
        ?Question $question = null,
    ): void {
        ++$this->number;
        $this->steps[] = new Step(
            id: "$what-$this->number",
            title: Message::of("rearrange.$what.title", $words),
            why: Message::of("rearrange.$what.why", $words),
            lines: $lines,
            question: $question,
            watch: $watch,
        );
    }

}
