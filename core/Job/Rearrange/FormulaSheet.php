<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Algebra\Sides;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Message\OutOfReach;
use Runel\Message\Refusal;
use Runel\Notation\Ascii;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\BothSides;

/** A formula as it stands, and the steps that have led there. */
final class FormulaSheet
{
    public const MOST_STEPS = 24;

    private Expression $own;
    private Expression $other;
    /** @var list<Step> */
    private array $steps = [];
    /** @var list<Expression> */
    private array $conditions = [];
    private ?Refusal $refusal = null;
    private int $number = 0;
    private string $swapped = '';

    private function __construct(
        public readonly Task $task,
        public readonly Equation $formula,
        public readonly string $subject,
    ) {}

    /** @param Equation $standing where the work begins: the formula itself, or one of the ways it has forked into */
    public static function of(Task $task, Equation $formula, string $subject, Equation $standing): self
    {
        $sheet = new self($task, $formula, $subject);
        $sheet->stands($standing->left, $standing->right);

        return $sheet;
    }

    /** The side that holds the wanted letter, once the sides have been put so. */
    public function own(): Expression
    {
        return $this->own;
    }

    public function other(): Expression
    {
        return $this->other;
    }

    public function line(): Equation
    {
        return new Equation($this->own, $this->other);
    }

    public function stands(Expression $own, Expression $other): void
    {
        [$this->own, $this->other] = [$own, $other];
    }

    /** @return list<Step> */
    public function steps(): array
    {
        return $this->steps;
    }

    /** @return list<Expression> what may not be 0 */
    public function conditions(): array
    {
        return $this->conditions;
    }

    public function refusal(): ?Refusal
    {
        return $this->refusal;
    }

    public function isRefused(): bool
    {
        return $this->refusal !== null;
    }

    /** @param string $why the last part of the reason's key */
    public function refuse(string $why): void
    {
        $this->refusal = new OutOfReach(Message::of("rearrange.refusal-$why", ['letter' => $this->subject]));
    }

    public function add(Step $step): void
    {
        $this->steps[] = $step;
    }

    /** The last step, taken off to be written otherwise. */
    public function takeLast(): ?Step
    {
        return array_pop($this->steps);
    }

    /** Whether nothing but numbers stands beside the wanted letter. */
    public function isOnlyLetter(): bool
    {
        return \count(Letters::of($this->formula)) === 1;
    }

    /** The wanted letter on the left, where it stands on the right alone. */
    public function swap(): void
    {
        if (Letters::holds($this->own, $this->subject)) {
            return;
        }
        $this->stands($this->other, $this->own);
        $this->swapped = $this->swapped === 'swap' || $this->number > 0 ? 'swap-back' : 'swap';
        $this->say($this->swapped, [], [Line::equivalent($this->line(), new SwapSides())]);
    }

    /**
     * @param list<Expression> $taken   the terms that go to the other side
     * @param bool             $gathers whether some of them hold the wanted letter
     */
    public function move(array $taken, Expression $own, Expression $other, bool $gathers = false): void
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
        $tidied = TidiedSide::of($other);
        if (!$tidied->equals($other)) {
            $lines[] = Line::equivalent(new Equation($own, $tidied), new Rewrite());
        }
        $question = $this->asked(Sides::minus($this->other, $taken), $tidied);
        $other = $tidied;
        $this->stands($own, $other);
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

    public function multiply(Expression $by, Expression $own): void
    {
        $this->done(Operation::Multiply, $by, $own, Sides::times($this->other, $by), 'multiply');
    }

    public function divide(Expression $by, Expression $own): void
    {
        $this->done(Operation::Divide, $by, $own, Sides::over($this->other, $by), 'divide');
    }

    /**
     * Both sides multiplied or divided.
     *
     * @param Expression $own   the side that holds the letter, done
     * @param Expression $other the other one, done
     */
    public function done(Operation $operation, Expression $by, Expression $own, Expression $other, string $key): void
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
        $this->stands($own, $other);
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
    public function say(
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
