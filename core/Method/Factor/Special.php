<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Message\Message;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;

/** The special forms: perfect square, difference of squares, and a common letter. */
final class Special extends FactorMethod
{
    public function id(): string
    {
        return 'special';
    }

    protected function takesMissingLast(): bool
    {
        return true;
    }

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return $trinomial->c === 0 || self::isSquare($trinomial) || self::isDifference($trinomial)
            ? null
            : Message::of('special-form.refusal');
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        if ($trinomial->c === 0) {
            return new Work([new Section(Phase::Writing, [
                $this->commonLetter($trinomial, $outer),
            ])], 0, 0, Message::of('advice.special-common'));
        }
        $square = self::isSquare($trinomial);
        [$first, $last] = $this->roots($trinomial);
        $power = static fn(Term $term): Expression => new Power($term->toExpression(), Numeral::of(2));
        $lines = [
            Line::side($trinomial->term($trinomial->a, 2)->toExpression(), $power($first)),
            Line::side($trinomial->term(abs($trinomial->c), 0)->toExpression(), $power($last)),
        ];
        $steps = [new Step(
            id: 'recognise',
            title: Message::of($square ? 'special-form.square.title' : 'special-form.difference.title'),
            why: Message::of($square ? 'special-form.square.why' : 'special-form.difference.why'),
            lines: $lines,
        )];
        if ($square) {
            $middle = Product::of([Numeral::of(2), $first->toExpression(), $last->toExpression()]);
            $line = Line::side($middle, $trinomial->term(abs($trinomial->b), 1)->toExpression());
            $steps[] = new Step(
                id: 'middle',
                title: Message::of('special-form.middle.title'),
                why: Message::of($trinomial->b < 0 ? 'special-form.middle.why-minus' : 'special-form.middle.why'),
                lines: [$line],
                question: Question::about($line, Message::of('special-form.middle.ask', [
                    'first' => $first->toExpression(),
                    'last' => $last->toExpression(),
                ])),
                watch: Slip::DoubleProductForgotten,
            );
        }
        $steps[] = Brackets::step(
            $trinomial,
            $outer,
            $square ? 'special-form.square.write' : 'special-form.difference.write',
        );

        return new Work([
            new Section(Phase::Writing, $steps),
        ], 0, $square ? 3 : 2, Message::of($square ? 'advice.special-square' : 'advice.special-difference'));
    }

    private function commonLetter(Trinomial $trinomial, Outer $outer): Step
    {
        $letter = $trinomial->linear(1, 0)->toExpression();

        return new Step(
            id: 'common-letter',
            title: Message::of('special-form.common.title', ['letter' => $letter]),
            why: Message::of('special-form.common.why', ['letter' => $letter]),
            lines: [$outer->line($letter, $trinomial->linear($trinomial->a, $trinomial->b)->toExpression())],
            watch: $outer->isEquation() ? Slip::RootLost : null,
        );
    }

    private static function isSquare(Trinomial $trinomial): bool
    {
        return $trinomial->discriminant() === 0;
    }

    private static function isDifference(Trinomial $trinomial): bool
    {
        return $trinomial->b === 0 && $trinomial->c < 0 && !$trinomial->isPrime();
    }

    /** @return array{Term, Term} the terms whose squares are the first and the last one, both positive */
    private function roots(Trinomial $trinomial): array
    {
        $first = $trinomial->term($trinomial->a, 2)->coefficient->squareRoot() ?? throw new \LogicException(
            'The first term is no square.',
        );
        $last = $trinomial->term(abs($trinomial->c), 0)->coefficient->squareRoot() ?? throw new \LogicException(
            'The last term is no square.',
        );

        return [$trinomial->linear($first, 0)->terms[0], $trinomial->linear(0, $last)->terms[0]];
    }
}
