<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Working\Outer;

/**
 * Why scaling works, on the same trinomial: a comes out of all terms, the constant gets the denominator a², the two
 * fractions appear, a is handed back.
 */
final class ScaleWhy extends FactorMethod
{
    public function id(): string
    {
        return 'scale-why';
    }

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return Scale::refused($trinomial)
            ?? ($trinomial->isPrime() ? Message::of('scale.refusal-prime') : null);
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        [$p, $q] = $trinomial->pair() ?? throw new \LogicException('A prime trinomial was not refused.');
        $a = Numeral::of($trinomial->a);
        $fractions = array_map(static fn(int $number): Polynomial => $trinomial->linear(
            1,
            Rational::fraction($number, $trinomial->a),
        ), [$p, $q]);
        $last = new Quotient(Numeral::of(abs($trinomial->c)), $a);
        $squared = new Quotient(Numeral::of(abs($trinomial->product())), new Power($a, Numeral::of(2)));
        $steps = [
            new Step(
                id: 'take-a-out',
                title: Message::of('scale-why.out.title', ['a' => $a]),
                why: Message::of('scale-why.out.why'),
                lines: [$outer->line($a, $this->inside($trinomial, $last))],
            ),
            new Step(
                id: 'square-below',
                title: Message::of('scale-why.below.title'),
                why: Message::of('scale-why.below.why', ['a' => $a]),
                lines: [$outer->line($a, $this->inside($trinomial, $squared))],
            ),
            new Step(
                id: 'find-fractions',
                title: Message::of('scale-why.find.title'),
                why: Message::of('scale-why.find.why', [
                    'left' => Numeral::of($p), 'right' => Numeral::of($q),
                    'product' => Numeral::of($trinomial->product()), 'sum' => Numeral::of($trinomial->b), 'a' => $a,
                ]),
                lines: [
                    Line::side(Sum::of([Numeral::of($p), Numeral::of($q)]), Numeral::of($trinomial->b)),
                    $outer->line($a, Scale::over($trinomial, $p), Scale::over($trinomial, $q)),
                ],
            ),
            ...(Integers::gcd($trinomial->a, $p) > 1 || Integers::gcd($trinomial->a, $q) > 1 ? [new Step(
                id: 'reduce',
                title: Message::of('scale.reduce.title'),
                why: Message::of('scale.reduce.why'),
                lines: [$outer->line($a, $fractions[0]->toExpression(), $fractions[1]->toExpression())],
            )] : []),
            Brackets::step($trinomial, $outer, 'scale-why.back'),
        ];

        return new Work([new Section(Phase::Writing, $steps)], 0, 1, Message::of('advice.scale-why'), true);
    }

    /** x² + (b/a)x + constant, with the constant's sign. */
    private function inside(Trinomial $trinomial, Expression $constant): Expression
    {
        $letters = $trinomial->second === null ? [] : [new Letter($trinomial->second)];
        $terms = [$trinomial->term(1, 2)->toExpression()];
        if ($trinomial->b !== 0) {
            $middle = new Quotient(Numeral::of(abs($trinomial->b)), Numeral::of($trinomial->a));
            $terms[] = Product::of([$middle, new Letter($trinomial->letter), ...$letters])->signed($trinomial->b < 0);
        }
        $last = $letters === [] ? $constant : Product::of([$constant, new Power($letters[0], Numeral::of(2))]);
        $terms[] = $last->signed($trinomial->c < 0);

        return Sum::of($terms);
    }
}
