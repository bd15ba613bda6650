<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Algebra\CommonTerm;
use Runel\Algebra\StandardForm;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Moving;

/** What is written before any hunt: everything on one side, standard form, no fractions, the common term, −1. */
final readonly class Preliminaries
{
    private function __construct(
        private Task $task,
        private StandardForm $gathered,
        private CommonTerm $common,
        private Outer $outer,
    ) {}

    /**
     * @param array{zeroed: string, equation: string} $words the keys of what is said of reading an equation: one whose
     *                                                       one side is 0 already, any other
     *
     * @return non-empty-list<Step>
     */
    public static function steps(
        Task $task,
        StandardForm $gathered,
        CommonTerm $common,
        Outer $outer,
        array $words = ['zeroed' => 'factor.read.why-zeroed', 'equation' => 'factor.read.why-equation'],
    ): array {
        $self = new self($task, $gathered, $common, $outer);
        $read = new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: Message::of(match (true) {
                $gathered->equation === null => 'factor.read.why',
                $gathered->isZeroed() && !$gathered->turned => $words['zeroed'],
                default => $words['equation'],
            }),
            lines: [Line::given($task->problem->node)],
        );
        if ($self->standsTakenOut()) {
            return [$read];
        }

        return [
            $read,
            ...$self->swapped(),
            ...$self->clearedFirst(),
            ...$self->standardForm(),
            ...$self->cleared(),
            ...$self->takenOut(),
            ...$self->minusOne(),
        ];
    }

    /** Whether it was typed with the common term taken out already, as 3(x² + 5x + 6). */
    private function standsTakenOut(): bool
    {
        $node = $this->task->problem->node;
        $written = $node instanceof Equation ? $node->left : $node;

        return !$this->common->isOne()
            && !$this->gathered->turned
            && $this->gathered->isZeroed()
            && $written->equals($this->outer->wrap([$this->common->rest->toExpression()]));
    }

    /** @return list<Step> */
    private function swapped(): array
    {
        return !$this->gathered->turned || $this->gathered->equation === null ? [] : [new Step(
            id: 'swap-sides',
            title: Message::of('factor.swap.title'),
            why: Message::of($this->gathered->right?->degree() >= 2
                ? 'factor.swap.why-positive'
                : 'factor.swap.why'),
            lines: [Line::equivalent($this->gathered->equation, new SwapSides())],
        )];
    }

    /** @return list<Step> */
    private function standardForm(): array
    {
        $equation = $this->gathered->equation;
        $standard = $this->gathered->difference()->toExpression();
        $written = $equation === null ? $this->task->problem->node : $equation->left;
        if ($equation !== null && !$this->gathered->isZeroed()) {
            return [$this->gather($this->clearsFirst() ? $this->withoutFractions() : $equation)];
        }
        if (!$written instanceof Expression || $written->equals($standard)) {
            return [];
        }
        $expansion = Expansion::lines($written);

        return [new Step(
            id: 'standard-form',
            title: Message::of($expansion === [] ? 'factor.standard.title' : 'factor.standard.title-expand'),
            why: Message::of($expansion === [] ? 'factor.standard.why' : 'factor.standard.why-expand'),
            lines: [...$expansion, $this->outer->written($standard)],
            question: Question::form(
                Message::of('factor.standard.ask'),
                new Identity($written, $standard),
                $standard,
            ),
        )];
    }

    /** Everything on the left: brackets multiplied out, then the right side taken from both. */
    private function gather(Equation $equation): Step
    {
        [$left, $right] = $this->sides();
        $zero = Numeral::of(0);
        $standard = $left->minus($right)->toExpression();
        $expansion = [...Expansion::lines($equation->left), ...Expansion::lines($equation->right)];
        $lines = $expansion;
        $tidied = new Equation($left->toExpression(), $right->toExpression());
        if ($expansion !== []) {
            $lines[] = Line::equivalent($tidied, new Rewrite());
        }
        $across = $this->task->style->get(Moving::class) === Moving::Across;
        $wanted = new Equation($standard, $zero);
        array_push($lines, ...($right->isZero()
            ? [Line::equivalent($wanted, new Rewrite())]
            : BothSides::taken($left, $right, $right, $wanted, $this->task->style->get(Moving::class))));
        $productIsNotZero = $expansion !== [] && $this->task->problem->product !== null;

        return new Step(
            id: 'standard-form',
            title: Message::of($expansion === [] ? 'factor.gather.title' : 'factor.gather.title-expand'),
            why: Message::of($across ? 'factor.gather.why-across' : 'factor.gather.why', [
                'right' => $right->toExpression(),
            ]),
            lines: $lines,
            question: Question::equation(
                Message::of('factor.gather.ask'),
                $equation,
                new Equation($standard, $zero),
            ),
            watch: $productIsNotZero ? Slip::ProductNotZero : ($across ? Slip::SignNotTurned : null),
        );
    }

    /** Whether fractions go before anything is brought to the other side. */
    private function clearsFirst(): bool
    {
        return !$this->gathered->multiplier->isOne() && !$this->gathered->isZeroed();
    }

    /** @return array{Polynomial, Polynomial} both sides as they are when they are gathered */
    private function sides(): array
    {
        [$left, $right] = [$this->gathered->left, $this->gathered->right];
        if ($left === null || $right === null) {
            throw new \LogicException('An equation has two sides.');
        }
        $by = $this->clearsFirst() ? $this->gathered->multiplier : Rational::one();

        return [$left->scaledBy($by), $right->scaledBy($by)];
    }

    private function withoutFractions(): Equation
    {
        [$left, $right] = $this->sides();

        return new Equation($left->toExpression(), $right->toExpression());
    }

    /** @return list<Step> */
    private function clearedFirst(): array
    {
        $equation = $this->gathered->equation;
        if ($equation === null || !$this->clearsFirst() || $this->gathered->left === null) {
            return [];
        }
        $lines = [...Expansion::lines($equation->left), ...Expansion::lines($equation->right)];
        if ($lines !== [] && $this->gathered->right !== null) {
            $lines[] = Line::equivalent(new Equation(
                $this->gathered->left->toExpression(),
                $this->gathered->right->toExpression(),
            ), new Rewrite());
        }

        return [$this->clearing($this->withoutFractions(), $lines, true)];
    }

    /** @return list<Step> */
    private function cleared(): array
    {
        return $this->gathered->multiplier->isOne() || $this->clearsFirst() ? [] : [$this->clearing(
            new Equation($this->gathered->whole->toExpression(), Numeral::of(0)),
            [],
            false,
        )];
    }

    /** @param list<Line> $before */
    private function clearing(Equation $whole, array $before, bool $first): Step
    {
        $by = Numeral::of($this->gathered->multiplier);
        $decimals = $this->gathered->difference()->terms[0]->coefficient->isDecimal();

        return new Step(
            id: 'clear',
            title: Message::of('factor.clear.title', ['by' => $by]),
            why: Message::of(match (true) {
                $first => 'factor.clear.why-first',
                $decimals => 'factor.clear.why-decimals',
                default => 'factor.clear.why',
            }, ['by' => $by]),
            lines: [...$before, Line::equivalent($whole, new ToBothSides(Operation::Multiply, $by))],
            question: Question::equation(Message::of('factor.clear.ask', ['by' => $by]), $whole, $whole),
            watch: Slip::FractionClearedOneTerm,
        );
    }

    /** @return list<Step> */
    private function takenOut(): array
    {
        if ($this->common->isOne()) {
            return [];
        }
        $rest = $this->common->negative ? $this->common->rest->negated() : $this->common->rest;
        $term = $this->common->term()->toExpression();
        $taken = Product::of([...$this->common->factors(), $rest->toExpression()]);
        $fraction = !$this->common->content->isInteger();

        return [new Step(
            id: 'common-factor',
            role: Role::TakingOut,
            title: Message::of('factor.content.title', ['content' => $term]),
            why: Message::of(match (true) {
                $fraction => 'factor.content.why-fraction',
                $this->common->letters->exponents !== [] && $this->common->content->isOne() =>
                    'factor.content.why-letter',
                default => 'factor.content.why',
            }, ['content' => $term]),
            lines: [$this->outer->written($taken)],
            question: $fraction ? null : Question::greatest(
                Message::of('factor.content.ask'),
                new Identity(
                    $this->common->whole->toExpression(),
                    Product::of([$term, $rest->toExpression()]),
                ),
                $term,
            ),
            watch: $this->outer->isEquation() && $this->common->letters->degree > 0
                ? Slip::RootLost
                : Slip::CommonFactorForgotten,
        )];
    }

    /** @return list<Step> */
    private function minusOne(): array
    {
        return !$this->common->negative ? [] : [new Step(
            id: 'minus-one',
            role: Role::TakingOut,
            title: Message::of('factor.minus.title'),
            why: Message::of('factor.minus.why'),
            lines: [$this->outer->line($this->common->rest->toExpression())],
            watch: Slip::MinusNotCarried,
        )];
    }
}
