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
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\PairOrder;
use Runel\Working\Outer;

/**
 * Factoring by scaling: x² + bx + ac is factored, both constants are divided by a, what is left of a moves in front of
 * x.
 */
final class Scale extends FactorMethod
{
    public function id(): string
    {
        return 'scale';
    }

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return self::refused($trinomial);
    }

    /** Why a cannot be shared out again, or null where it can: 1, or with a factor that is no denominator's. */
    public static function refused(Trinomial $trinomial): ?Message
    {
        return match (true) {
            $trinomial->a === 1 => Message::of('scale.refusal'),
            $trinomial->content() > 1 => Message::of('scale.refusal-content', [
                'content' => Numeral::of($trinomial->content()),
            ]),
            default => null,
        };
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        $search = PairSearch::of($trinomial->product(), $trinomial->b, $task->style->get(PairOrder::class));
        $scaled = Sum::of([
            $trinomial->term(1, 2)->toExpression(),
            ...($trinomial->b === 0 ? [] : [$trinomial->term($trinomial->b, 1)->toExpression()]),
            $trinomial->term($trinomial->product(), 0)->toExpression(),
        ]);
        $scale = new Step(
            id: 'scale',
            title: Message::of('scale.scale.title'),
            why: Message::of('scale.scale.why', ['a' => Numeral::of($trinomial->a), 'scaled' => $scaled]),
            lines: [Line::side(Product::apart(
                [Numeral::of($trinomial->a), Numeral::of($trinomial->c)],
            ), Numeral::of($trinomial->product()))],
            watch: Slip::ScaledFactorsGiven,
        );
        $sections = [new Section(Phase::SettingUp, [$scale]), new Section(
            Phase::Hunting,
            $search->steps(),
            outcome: $search->outcome(),
        )];
        $pair = $trinomial->pair();
        if ($pair !== null) {
            $sections[] = new Section(Phase::Writing, $this->unscale($trinomial, $outer, $pair, $scaled));
        }

        return new Work($sections, $search->looked(), 1, Advice::pairs('scale', $search), $pair !== null);
    }

    /**
     * @param array{int, int} $pair
     *
     * @return list<Step>
     */
    private function unscale(Trinomial $trinomial, Outer $outer, array $pair, Expression $scaled): array
    {
        [$p, $q] = $pair;
        $divided = array_map(static fn(int $number): Expression => self::over($trinomial, $number), $pair);
        $reduced = array_map(static fn(int $number): Expression => $trinomial->linear(
            1,
            Rational::fraction($number, $trinomial->a),
        )->toExpression(), $pair);
        $a = Numeral::of($trinomial->a);

        return [
            new Step(
                id: 'scaled-factors',
                title: Message::of('scale.factored.title'),
                why: Message::of('scale.factored.why'),
                lines: [Line::side($scaled, Product::of(
                    [$trinomial->linear(1, $p)->toExpression(), $trinomial->linear(1, $q)->toExpression()],
                ))],
                watch: Slip::ScaledFactorsGiven,
            ),
            new Step(id: 'divide', title: Message::of(
                'scale.divide.title',
                ['a' => $a],
            ), why: Message::of('scale.divide.why', ['a' => $a]), lines: [$outer->line($a, ...$divided)]),
            ...($this->reduces($trinomial, $pair) ? [new Step(
                id: 'reduce',
                title: Message::of('scale.reduce.title'),
                why: Message::of('scale.reduce.why'),
                lines: [$outer->line($a, ...$reduced)],
            )] : []),
            ...$this->handBack($trinomial, $outer),
            Brackets::step($trinomial, $outer, 'factor.brackets.why-denominators'),
        ];
    }

    /** @param array{int, int} $pair */
    private function reduces(Trinomial $trinomial, array $pair): bool
    {
        return Integers::gcd($trinomial->a, $pair[0]) > 1 || Integers::gcd($trinomial->a, $pair[1]) > 1;
    }

    /**
     * The number in front shared out: each factor gets the denominator that is left in it.
     *
     * @return list<Step> none where only one factor has a denominator, since then nothing is shared
     */
    private function handBack(Trinomial $trinomial, Outer $outer): array
    {
        $factors = $trinomial->factors() ?? [];
        $parts = [];
        foreach ($factors as [$m, $r]) {
            $bracket = $trinomial->linear(1, Rational::fraction($r, $m))->toExpression();
            $parts[] = $m === 1 ? $bracket : Product::of([Numeral::of($m), $bracket]);
        }
        if (array_filter($factors, static fn(array $factor): bool => $factor[0] === 1) !== []) {
            return [];
        }

        return [new Step(
            id: 'hand-back',
            title: Message::of('scale.hand-back.title', ['a' => Numeral::of($trinomial->a)]),
            why: Message::of('scale.hand-back.why'),
            lines: [$outer->line(Product::apart($parts))],
        )];
    }

    /** x + p/a, not reduced. */
    public static function over(Trinomial $trinomial, int $number): Expression
    {
        $quotient = new Quotient(
            Term::constant(abs($number))->toExpression(),
            Term::constant($trinomial->a)->toExpression(),
        );
        $last = $trinomial->second === null ? $quotient : Product::of([$quotient, new Letter($trinomial->second)]);

        return Sum::of([new Letter($trinomial->letter), $last->signed($number < 0)]);
    }
}
