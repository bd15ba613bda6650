<?php

declare(strict_types=1);

namespace Runel\Method\Factor;

use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Trinomial;

/** Why scaling works, on the same trinomial: a comes out of all terms, the constant gets the denominator a², the two fractions appear, a is handed back. */
final class ScaleWhy extends FactorMethod
{
    public function id(): string
    {
        return 'scale-why';
    }

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return match (true) {
            $trinomial->a === 1 => Message::of('scale.refusal'),
            $trinomial->isPrime() => Message::of('scale.refusal-prime'),
            default => null,
        };
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        [$p, $q] = $trinomial->pair() ?? throw new \LogicException('A prime trinomial was not refused.');
        $a = self::number($trinomial->a);
        $fractions = array_map(static fn(int $number): Polynomial => $trinomial->linear(1, Rational::fraction($number, $trinomial->a)), [$p, $q]);
        $last = new Quotient(self::number(abs($trinomial->c)), $a);
        $squared = new Quotient(self::number(abs($trinomial->product())), new Power($a, Numeral::of(2)));
        $steps = [
            new Step('take-a-out', Message::of('scale-why.out.title', ['a' => $a]), Message::of('scale-why.out.why'), [$outer->line($a, $this->inside($trinomial, $last))]),
            new Step('square-below', Message::of('scale-why.below.title'), Message::of('scale-why.below.why', ['a' => $a]), [$outer->line($a, $this->inside($trinomial, $squared))]),
            new Step('find-fractions', Message::of('scale-why.find.title'), Message::of('scale-why.find.why', [
                'left' => self::number($p), 'right' => self::number($q), 'product' => self::number($trinomial->product()), 'sum' => self::number($trinomial->b), 'a' => $a,
            ]), [Line::side(Sum::of([self::number($p), self::number($q)]), self::number($trinomial->b)), $outer->line($a, $fractions[0]->toExpression(), $fractions[1]->toExpression())]),
            Brackets::step($trinomial, $outer, 'scale-why.back'),
        ];

        return new Work([new Section(Phase::Writing, $steps)], 0, 1, Message::of('advice.scale-why'), true);
    }

    /** x² + (b/a)x + constant, with the constant's sign. */
    private function inside(Trinomial $trinomial, Expression $constant): Expression
    {
        $wrap = static fn(Expression $number, int $coefficient): Expression => $coefficient < 0 ? new Negative($number) : $number;
        $letters = $trinomial->second === null ? [] : [new Letter($trinomial->second)];
        $terms = [$trinomial->term(1, 2)->toExpression()];
        if ($trinomial->b !== 0) {
            $terms[] = $wrap(Product::of([new Quotient(self::number(abs($trinomial->b)), self::number($trinomial->a)), new Letter($trinomial->letter), ...$letters]), $trinomial->b);
        }
        $terms[] = $wrap($letters === [] ? $constant : Product::of([$constant, new Power($letters[0], Numeral::of(2))]), $trinomial->c);

        return Sum::of($terms);
    }
}
