<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\CommonTerm;
use Runel\Algebra\Trinomial;
use Runel\Demonstration\Figure\TwoSquaresFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Reason;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Working\Identities;
use Runel\Working\Outer;

/** The special forms: perfect square, difference of squares, and a common letter. */
final class SpecialForms extends FactorMethod
{
    public function id(): string
    {
        return 'special';
    }

    protected function refusalOfCommon(CommonTerm $common): ?Message
    {
        return match (true) {
            $common->isOne() => Message::of('factor.refusal-nothing'),
            $common->leavesNothing() => null,
            default => Message::of('factor.refusal-rest', ['rest' => $common->rest->toExpression()]),
        };
    }

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return self::isSquare($trinomial) || self::isDifference($trinomial)
            ? null
            : Message::of('special-form.refusal');
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        $square = self::isSquare($trinomial);
        [$first, $last] = $this->roots($trinomial);
        $identities = Identities::beside($trinomial->primitive()->letters());
        $minus = $square && $trinomial->b < 0;
        [$product, $sum] = $square ? $identities->square($minus) : $identities->difference();
        $lines = [Line::side($sum, $product)];
        foreach ([[$first, $trinomial->term($trinomial->a, 2)], [$last, $trinomial->term(abs($trinomial->c), 0)]] as [
            $root,
            $term,
        ]) {
            $power = new Power($root->toExpression(), Numeral::of(2));
            if (!$power->equals($term->toExpression())) {
                $lines[] = Line::side($term->toExpression(), $power);
            }
        }
        $steps = [new Step(
            id: 'recognise',
            title: Message::of($square ? 'special-form.square.title' : 'special-form.difference.title'),
            why: Message::of($square ? 'special-form.square.why' : 'special-form.difference.why', [
                'p' => $identities->p, 'q' => $identities->q,
                'first' => $first->toExpression(), 'last' => $last->toExpression(),
            ]),
            lines: $lines,
            reason: $square ? Reason::SquareOfSum : Reason::DifferenceOfSquares,
        )];
        if ($square) {
            $middle = Product::apart([Numeral::of(2), $first->toExpression(), $last->toExpression()]);
            $line = Line::side($middle, $trinomial->term(abs($trinomial->b), 1)->toExpression());
            $steps[] = new Step(
                id: 'middle',
                title: Message::of('special-form.middle.title'),
                why: Message::of($minus ? 'special-form.middle.why-minus' : 'special-form.middle.why'),
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
            $square ? null : new TwoSquaresFigure($first->toExpression(), $last->toExpression()),
        );

        return new Work([
            new Section(Phase::Writing, $steps),
        ], 0, $square ? 3 : 2, Message::of($square ? 'advice.special-square' : 'advice.special-difference'));
    }

    protected function hunts(): bool
    {
        return false;
    }

    private static function isSquare(Trinomial $trinomial): bool
    {
        return $trinomial->discriminant() === 0 && Integers::squareRoot($trinomial->a) !== null;
    }

    private static function isDifference(Trinomial $trinomial): bool
    {
        return $trinomial->b === 0 && $trinomial->c < 0 && !$trinomial->isPrime()
            && Integers::squareRoot($trinomial->a) !== null;
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
