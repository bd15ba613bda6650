<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Option;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Style\PairOrder;
use Runel\Working\Outer;

/** Factoring by splitting the middle term: two numbers with product ac and sum b, then grouping. */
final class SplitMiddle extends FactorMethod
{
    /** Which of the two numbers comes first: small or large. */
    public const CHOICE = 'split';

    public function id(): string
    {
        return 'split-middle';
    }

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return null;
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        $search = PairSearch::of($trinomial->product(), $trinomial->b, $task->style->get(PairOrder::class));
        $sections = [new Section(Phase::Hunting, [PairSearch::productStep(
            $trinomial,
            'factor.product.why',
        ), ...$search->steps()], outcome: $search->outcome())];
        $pair = $trinomial->pair();
        if ($pair !== null) {
            $large = $task->choice(self::CHOICE) === 'large';
            $sections[] = new Section(
                Phase::Writing,
                $this->grouping($trinomial, $outer, $large ? [$pair[1], $pair[0]] : $pair, $large),
            );
        }

        return new Work($sections, $search->looked(), 1, Advice::pairs('split-middle', $search));
    }

    /**
     * @param array{int, int} $pair in the order of the split
     *
     * @return list<Step>
     */
    private function grouping(Trinomial $trinomial, Outer $outer, array $pair, bool $large): array
    {
        [$p, $q] = $pair;
        $first = [$trinomial->term($trinomial->a, 2), $trinomial->term($p, 1)];
        $second = [$trinomial->term($q, 1), $trinomial->term($trinomial->c, 0)];
        $split = Sum::of([
            $first[0]->toExpression(),
            new Marked($first[1]->toExpression(), Mark::written()),
            new Marked($second[0]->toExpression(), Mark::written()),
            $second[1]->toExpression(),
        ]);
        // The factor of the second group takes the sign of its first term, so that both brackets come out the same.
        $firstFactor = Integers::gcd($trinomial->a, $p);
        $secondFactor = Integers::gcd($q, $trinomial->c) * ($q < 0 ? -1 : 1);
        $bracket = $trinomial->linear(intdiv($trinomial->a, $firstFactor), intdiv($p, $firstFactor));
        $taken = $trinomial->linear($firstFactor, $secondFactor);
        $groups = Sum::of([Term::sum($first), self::group($second)]);
        $factored = Sum::of([
            Product::of([$trinomial->linear($firstFactor, 0)->toExpression(), $bracket->toExpression()]),
            self::times($secondFactor, $trinomial, $bracket),
        ]);
        $options = [];
        foreach (['small', 'large'] as $value) {
            $options[] = new Option(self::CHOICE, $value, Message::of(
                "factor.split.option-$value",
            ), ($value === 'large') === $large);
        }

        return [
            new Step(
                id: 'split',
                title: Message::of('factor.split.title'),
                why: Message::of('factor.split.why', [
                    'left' => $first[1]->toExpression(), 'right' => $second[0]->toExpression(),
                    'middle' => $trinomial->term($trinomial->b, 1)->toExpression(),
                ]),
                lines: [$outer->line($split)],
                options: $options,
            ),
            new Step(
                id: 'group',
                title: Message::of('factor.group.title'),
                why: Message::of($q < 0 ? 'factor.group.why-minus' : 'factor.group.why'),
                lines: [$outer->line($groups)],
                watch: $q < 0 ? Slip::MinusNotCarried : null,
            ),
            new Step(
                id: 'take-out',
                title: Message::of('factor.take-out.title'),
                why: Message::of($secondFactor < 0 ? 'factor.take-out.why-minus' : 'factor.take-out.why'),
                lines: [$outer->line($factored)],
                question: Question::expression(
                    Message::of('factor.take-out.ask', ['group' => $group = Term::sum($first)]),
                    new Identity($group, Product::of(
                        [$out = $trinomial->linear($firstFactor, 0)->toExpression(), $bracket->toExpression()],
                    )),
                    $out,
                ),
                watch: $secondFactor < 0 ? Slip::MinusNotCarried : null,
            ),
            new Step(
                id: 'common-bracket',
                title: Message::of('factor.common-bracket.title', ['bracket' => $bracket->toExpression()]),
                why: Message::of('factor.common-bracket.why', [
                    'bracket' => $bracket->toExpression(),
                    'left' => $taken->toExpression(),
                ]),
                lines: [$outer->line($bracket->toExpression(), $taken->toExpression())],
                question: Question::form(
                    Message::of('factor.common-bracket.ask'),
                    new Identity($factored, $accepted = Product::of(
                        [$bracket->toExpression(), $taken->toExpression()],
                    )),
                    $accepted,
                ),
            ),
        ];
    }

    /**
     * The second group in its bracket; where it starts with a minus, the minus stands in front and every sign inside is
     * turned.
     *
     * @param array{Term, Term} $terms
     */
    private static function group(array $terms): Expression
    {
        return $terms[0]->coefficient->isNegative()
            ? new Negative(Term::sum([$terms[0]->negated(), $terms[1]->negated()]))
            : Term::sum($terms);
    }

    private static function times(int $factor, Trinomial $trinomial, Polynomial $bracket): Expression
    {
        $last = $trinomial->second === null
            ? Numeral::of(abs($factor))
            : $trinomial->linear(0, abs($factor))->toExpression();
        $product = Product::of([$last, $bracket->toExpression()]);

        return $factor < 0 ? new Negative($product) : $product;
    }
}
