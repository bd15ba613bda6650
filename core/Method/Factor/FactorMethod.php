<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

use Runel\Claim\Identity;
use Runel\Demonstration\Answer\ExpressionAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Factored;
use Runel\Method\FactorsQuadratics;
use Runel\Notation\Ascii;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Term;
use Runel\Problem\Job;
use Runel\Slip\Slip;
use Runel\Style\MinusOne;
use Runel\Style\Verdict;

/**
 * What all ways to factor a quadratic share: standard form, common factor, −1, reading the signs, the verdict
 * beforehand, the finish and the checks. A way to factor only says how the trinomial itself is hunted and written.
 */
abstract class FactorMethod implements FactorsQuadratics
{
    public function job(): Job
    {
        return Job::Factor;
    }

    public function __construct(private readonly MultiplyBack $back) {}

    final public function refusal(Task $task): ?Refusal
    {
        $trinomial = self::trinomial($task);
        if ($trinomial instanceof Refusal) {
            return $trinomial;
        }
        $reason = match (true) {
            $trinomial === null => Message::of('factor.refusal-not-quadratic'),
            $trinomial->c === 0 && !$this->takesMissingLast() => Message::of('factor.refusal-common'),
            default => $this->refusalOf($trinomial),
        };

        return $reason === null ? null : new MethodDoesNotApply($reason);
    }

    final public function demonstrate(Task $task): Demonstration
    {
        $trinomial = self::ready($task);
        $outer = Outer::of($task->problem, $trinomial);
        $work = $this->work($trinomial, $outer, $task);
        [$finish, $answer] = $this->finish($task, $trinomial, $outer);
        $sections = [$this->reading($task, $trinomial, $outer), ...$work->sections, $finish];

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: new Forecast(
                steps: \count(Section::steps($sections)),
                lines: Section::lines($sections),
                trials: $work->trials,
                products: $work->products,
                fractions: $trinomial->whole->hasFractions() || $work->fractions,
                roots: false,
                advice: $work->advice,
            ),
            sections: $sections,
            answer: new ExpressionAnswer($answer),
            checking: fn(): array => [
                $this->back->check($answer, $trinomial->whole, $task),
                ...$this->ownChecks($trinomial),
                ...$this->back->byValues($answer, $trinomial->whole),
            ],
        );
    }

    final public function factoring(Task $task): Factored
    {
        $trinomial = self::ready($task);
        $demonstration = $this->demonstrate($task);
        $answer = $demonstration->answer->node();
        $factors = $trinomial->c === 0
            ? [$trinomial->linear(1, 0), $trinomial->linear($trinomial->a, $trinomial->b)]
            : $trinomial->brackets();

        return new Factored(
            array_map(static fn(Section $section): Section => new Section($section->phase, array_map(
                static fn(Step $step): Step => $step->onTheWay(),
                $section->steps,
            )), $demonstration->sections),
            $factors,
            $demonstration->forecast,
            fn(): Check => $this->back->check($answer instanceof Expression ? $answer : throw new \LogicException(
                'A factoring is an expression.',
            ), $trinomial->whole, $task),
        );
    }

    /** Why this way does not fit a trinomial with a last term, or null when it does. */
    abstract protected function refusalOf(Trinomial $trinomial): ?Message;

    /** The hunt and the writing; the last line leaves the trinomial factored, or unchanged when it is prime. */
    abstract protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work;

    /** Whether it also takes a quadratic whose last term is missing. */
    protected function takesMissingLast(): bool
    {
        return false;
    }

    /** @return list<Check> checks that only this way has */
    protected function ownChecks(Trinomial $trinomial): array
    {
        return [];
    }

    /** The trinomial serves every way, so it is made ready once; a refusal where its numbers are too large. */
    private static function trinomial(Task $task): Trinomial|Refusal|null
    {
        return $task->once(Trinomial::class, static function () use ($task): Trinomial|Refusal|null {
            try {
                return $task->problem->polynomial === null ? null : Trinomial::of($task->problem->polynomial);
            } catch (Refusal $refusal) {
                return $refusal;
            }
        });
    }

    private static function ready(Task $task): Trinomial
    {
        $trinomial = self::trinomial($task);

        return $trinomial instanceof Trinomial ? $trinomial : throw new \LogicException(
            'A problem that is no quadratic was not refused.',
        );
    }

    private function reading(Task $task, Trinomial $trinomial, Outer $outer): Section
    {
        $given = $task->problem->node;
        $steps = [new Step(
            id: 'read',
            title: Message::of('factor.read.title'),
            why: Message::of($given instanceof Equation ? 'factor.read.why-equation' : 'factor.read.why'),
            lines: [Line::given($given)],
        )];
        $standard = $trinomial->whole->toExpression();
        $written = $given instanceof Equation
            ? ($given->right instanceof Numeral && $given->right->value->isZero() ? $given->left : null)
            : $given;
        if ($written === null || Ascii::write($written) !== Ascii::write($standard)) {
            $steps[] = new Step(
                id: 'standard-form',
                title: Message::of($written === null ? 'factor.standard.title-zero' : 'factor.standard.title'),
                why: Message::of($written === null ? 'factor.standard.why-zero' : 'factor.standard.why'),
                lines: [
                    $written === null && $given instanceof Equation
                        ? $outer->gathered($standard, $given)
                        : $outer->written($standard),
                ],
                question: $written === null ? null : Question::form(
                    Message::of('factor.standard.ask'),
                    new Identity($written, $standard),
                    $standard,
                ),
            );
        }
        $inside = $trinomial->negative ? $trinomial->primitive()->negated() : $trinomial->primitive();
        if (!$trinomial->content->isOne()) {
            $content = Numeral::of($trinomial->content);
            $taken = Product::of([$content, $inside->toExpression()]);
            $steps[] = new Step(
                id: 'common-factor',
                title: Message::of('factor.content.title', ['content' => $content]),
                why: Message::of(
                    $trinomial->content->isInteger() ? 'factor.content.why' : 'factor.content.why-fraction',
                    ['content' => $content],
                ),
                lines: [$outer->written($taken)],
                question: Question::number(
                    Message::of('factor.content.ask'),
                    new Identity($standard, $taken),
                    $content,
                ),
                watch: Slip::CommonFactorForgotten,
            );
        }
        if ($trinomial->negative) {
            $steps[] = new Step(
                id: 'minus-one',
                title: Message::of('factor.minus.title'),
                why: Message::of('factor.minus.why'),
                lines: [$outer->line($trinomial->primitive()->toExpression())],
                watch: Slip::MinusNotCarried,
            );
        }
        if ($trinomial->c !== 0) {
            $steps[] = $this->signs($trinomial);
            if ($task->style->verdict === Verdict::Shown) {
                $steps[] = $this->verdict($trinomial);
            }
        }

        return new Section(Phase::Reading, $steps);
    }

    private function signs(Trinomial $trinomial): Step
    {
        $key = match (true) {
            $trinomial->c > 0 && $trinomial->b < 0 => 'both-minus',
            $trinomial->c > 0 => 'both-plus',
            $trinomial->b < 0 => 'larger-minus',
            $trinomial->b > 0 => 'larger-plus',
            default => 'opposite',
        };

        return new Step(
            id: 'signs',
            title: Message::of($trinomial->c > 0 ? 'factor.signs.title-sum' : 'factor.signs.title-difference'),
            why: Message::of("factor.signs.$key", [
                'last' => Numeral::of($trinomial->c),
                'middle' => Numeral::of($trinomial->b),
            ]),
            watch: Slip::SignsInWrongBrackets,
        );
    }

    private function verdict(Trinomial $trinomial): Step
    {
        $root = $trinomial->root();
        $discriminant = Sum::of([
            ...($trinomial->b === 0 ? [] : [new Power(Numeral::of($trinomial->b), Numeral::of(2))]),
            new Negative(Product::of([Numeral::of(4), Numeral::of($trinomial->a), Numeral::of($trinomial->c)])),
        ]);

        $line = Line::side($discriminant, Numeral::of($trinomial->discriminant()));
        $why = match (true) {
            $root !== null => 'factor.verdict.why',
            $trinomial->discriminant() < 0 => 'factor.verdict.why-negative',
            default => 'factor.verdict.why-prime',
        };

        return new Step(
            id: 'verdict',
            title: Message::of($root === null ? 'factor.verdict.title-prime' : 'factor.verdict.title'),
            why: Message::of($why, ['root' => Numeral::of($root ?? 0), 'value' => Numeral::of(
                $trinomial->discriminant(),
            )]),
            lines: [$line],
            question: Question::about($line, Message::of('factor.verdict.ask')),
        );
    }

    /** @return array{Section, Expression} the finish and the answer */
    private function finish(Task $task, Trinomial $trinomial, Outer $outer): array
    {
        if ($trinomial->c === 0) {
            $answer = Product::of([$this->commonTerm($trinomial)->toExpression(), $trinomial->linear(
                $trinomial->a,
                $trinomial->b,
            )->toExpression()]);

            $step = new Step(
                id: 'complete',
                title: Message::of('factor.complete.title'),
                why: Message::of('factor.complete.why-common'),
                lines: [$outer->result($answer)],
            );

            return [new Section(Phase::Finishing, [$step]), $answer];
        }
        if ($trinomial->isPrime()) {
            $answer = $outer->wrap([$trinomial->primitive()->toExpression()]);
            $steps = $task->style->verdict === Verdict::Held ? [$this->verdict($trinomial)] : [];
            $steps[] = new Step(
                id: 'prime',
                title: Message::of('factor.prime.title'),
                why: Message::of('factor.prime.why'),
                lines: [$outer->result($answer)],
            );

            return [new Section(Phase::Finishing, $steps), $answer];
        }
        $inside = $trinomial->negative && $task->style->minusOne === MinusOne::Inside;
        $answer = $outer->finished($trinomial->brackets(), $inside);
        $why = match (true) {
            $inside => 'factor.complete.why-inside',
            $trinomial->negative => 'factor.complete.why-outside',
            !$trinomial->content->isOne() => 'factor.complete.why-content',
            default => 'factor.complete.why',
        };

        return [new Section(Phase::Finishing, [new Step(
            id: 'complete',
            title: Message::of('factor.complete.title'),
            why: Message::of($why),
            lines: [$outer->result($answer)],
            watch: $inside ? Slip::MinusOneTwice : Slip::NotFactoredCompletely,
        )]), $answer];
    }

    /** The common factor with its sign and the letter, where the last term is missing. */
    private function commonTerm(Trinomial $trinomial): Term
    {
        $content = $trinomial->negative ? $trinomial->content->negated() : $trinomial->content;

        return new Term($content, Monomial::power($trinomial->letter, 1));
    }
}
