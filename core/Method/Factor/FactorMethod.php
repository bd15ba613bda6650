<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

use Runel\Demonstration\Answer;
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
use Runel\Method\Method;
use Runel\Notation\Ascii;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Problem\Job;
use Runel\Problem\Trinomial;
use Runel\Slip\Slip;

/**
 * What all ways to factor a quadratic share: standard form, common factor, −1, reading the signs, the verdict
 * beforehand, the finish and the checks. A way to factor only says how the trinomial itself is hunted and written.
 */
abstract class FactorMethod implements Method
{
    public function job(): Job
    {
        return Job::Factor;
    }

    final public function refusal(Task $task): ?Message
    {
        $trinomial = self::trinomial($task);
        if ($trinomial === null) {
            return Message::of('factor.refusal-not-quadratic');
        }
        if ($trinomial->c === 0 && !$this->takesMissingLast()) {
            return Message::of('factor.refusal-common');
        }

        return $this->refusalOf($trinomial);
    }

    final public function demonstrate(Task $task): Demonstration
    {
        $trinomial = self::trinomial($task) ?? throw new \LogicException('A problem that is not quadratic was not refused.');
        $outer = Outer::of($task->problem, $trinomial);
        $work = $this->work($trinomial, $outer, $task);
        $sections = [$this->reading($task, $trinomial, $outer), ...$work->sections];
        [$finish, $answer] = $this->finish($task, $trinomial, $outer);
        $sections[] = $finish;
        $steps = array_sum(array_map(static fn(Section $section): int => \count($section->steps), $sections));
        $fractions = $trinomial->whole->hasFractions() || $work->fractions;

        return new Demonstration(
            $task->problem,
            $this->job(),
            $this->id(),
            $task->style,
            new Forecast($steps, $work->trials, $work->products, $fractions, false, $work->advice),
            $sections,
            Answer::expression($answer),
            $this->checks($task, $trinomial, $answer),
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

    final protected static function trinomial(Task $task): ?Trinomial
    {
        return $task->problem->polynomial === null ? null : Trinomial::of($task->problem->polynomial);
    }

    /** @return array{Polynomial, Polynomial} the two linear factors of a trinomial that is not prime */
    final protected static function brackets(Trinomial $trinomial): array
    {
        [[$m, $r], [$n, $s]] = $trinomial->factors() ?? throw new \LogicException('A prime trinomial has no brackets.');

        return [$trinomial->linear($m, $r), $trinomial->linear($n, $s)];
    }

    final protected static function number(int $value): Expression
    {
        return Term::constant(Rational::of($value))->toExpression();
    }

    private function reading(Task $task, Trinomial $trinomial, Outer $outer): Section
    {
        $given = $task->problem->node;
        $steps = [new Step('read', Message::of('factor.read.title'), Message::of($given instanceof Equation ? 'factor.read.why-equation' : 'factor.read.why'), [Line::given($given)])];
        $standard = $trinomial->whole->toExpression();
        $written = $given instanceof Equation ? ($given->right instanceof Numeral && $given->right->value->isZero() ? $given->left : null) : $given;
        if ($written === null || Ascii::write($written) !== Ascii::write($standard)) {
            $steps[] = new Step(
                'standard-form',
                Message::of($written === null ? 'factor.standard.title-zero' : 'factor.standard.title'),
                Message::of($written === null ? 'factor.standard.why-zero' : 'factor.standard.why'),
                [$outer->written($standard)],
                question: $written === null ? null : Question::form(Message::of('factor.standard.ask'), $standard),
            );
        }
        $inside = $trinomial->negative ? $trinomial->primitive()->negated() : $trinomial->primitive();
        if (!$trinomial->content->isOne()) {
            $content = Numeral::of($trinomial->content);
            $steps[] = new Step(
                'common-factor',
                Message::of('factor.content.title', ['content' => $content]),
                Message::of($trinomial->content->isInteger() ? 'factor.content.why' : 'factor.content.why-fraction', ['content' => $content]),
                [$outer->written(Product::of([$content, $inside->toExpression()]))],
                question: Question::number(Message::of('factor.content.ask'), $content),
                watch: Slip::CommonFactorForgotten,
            );
        }
        if ($trinomial->negative) {
            $steps[] = new Step('minus-one', Message::of('factor.minus.title'), Message::of('factor.minus.why'), [$outer->line($trinomial->primitive()->toExpression())], watch: Slip::MinusNotCarried);
        }
        if ($trinomial->c !== 0) {
            $steps[] = $this->signs($trinomial);
            if ($task->style->is('verdict', 'shown')) {
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

        return new Step('signs', Message::of($trinomial->c > 0 ? 'factor.signs.title-sum' : 'factor.signs.title-difference'), Message::of("factor.signs.$key", [
            'last' => self::number($trinomial->c),
            'middle' => self::number($trinomial->b),
        ]), watch: Slip::SignsInWrongBrackets);
    }

    private function verdict(Trinomial $trinomial): Step
    {
        $root = $trinomial->root();
        $discriminant = Sum::of([
            ...($trinomial->b === 0 ? [] : [new Power(Numeral::of($trinomial->b), Numeral::of(2))]),
            new Negative(Product::of([Numeral::of(4), Numeral::of($trinomial->a), Numeral::of($trinomial->c)])),
        ]);

        return new Step(
            'verdict',
            Message::of($root === null ? 'factor.verdict.title-prime' : 'factor.verdict.title'),
            Message::of($root === null ? ($trinomial->discriminant() < 0 ? 'factor.verdict.why-negative' : 'factor.verdict.why-prime') : 'factor.verdict.why', ['root' => self::number($root ?? 0), 'value' => self::number($trinomial->discriminant())]),
            [Line::side($discriminant, self::number($trinomial->discriminant()))],
            question: Question::number(Message::of('factor.verdict.ask'), self::number($trinomial->discriminant())),
        );
    }

    /** @return array{Section, Expression} the finish and the answer */
    private function finish(Task $task, Trinomial $trinomial, Outer $outer): array
    {
        if ($trinomial->c === 0) {
            $answer = Product::of([$this->commonTerm($trinomial)->toExpression(), $trinomial->linear($trinomial->a, $trinomial->b)->toExpression()]);

            return [new Section(Phase::Finishing, [new Step('complete', Message::of('factor.complete.title'), Message::of('factor.complete.why-common'), [$outer->result($answer)])]), $answer];
        }
        if ($trinomial->isPrime()) {
            $answer = $outer->wrap([$trinomial->primitive()->toExpression()]);
            $steps = $task->style->is('verdict', 'held') ? [$this->verdict($trinomial)] : [];
            $steps[] = new Step('prime', Message::of('factor.prime.title'), Message::of('factor.prime.why'), [$outer->result($answer)]);

            return [new Section(Phase::Finishing, $steps), $answer];
        }
        $inside = $trinomial->negative && $task->style->is('minus-one', 'inside');
        $answer = $outer->finished(self::brackets($trinomial), $inside);
        $why = match (true) {
            $inside => 'factor.complete.why-inside',
            $trinomial->negative => 'factor.complete.why-outside',
            !$trinomial->content->isOne() => 'factor.complete.why-content',
            default => 'factor.complete.why',
        };

        return [new Section(Phase::Finishing, [new Step(
            'complete',
            Message::of('factor.complete.title'),
            Message::of($why),
            [$outer->result($answer)],
            watch: $inside ? Slip::MinusOneTwice : Slip::NotFactoredCompletely,
        )]), $answer];
    }

    /** The common factor with its sign and the letter, where the last term is missing. */
    private function commonTerm(Trinomial $trinomial): Term
    {
        $content = $trinomial->negative ? $trinomial->content->negated() : $trinomial->content;

        return new Term($content, Monomial::power($trinomial->letter, 1));
    }

    /** @return list<Check> */
    private function checks(Task $task, Trinomial $trinomial, Expression $answer): array
    {
        return [MultiplyBack::check($answer, $trinomial->whole, $task->style), ...$this->ownChecks($trinomial), ...MultiplyBack::byValues($answer, $trinomial->whole)];
    }
}
