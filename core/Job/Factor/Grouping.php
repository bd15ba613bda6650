<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Option;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
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
use Runel\Working\Outer;

/** A trinomial with its middle split in two: grouped in pairs, their factors taken out, then the common bracket. */
final readonly class Grouping
{
    /** @var array{Term, Term} */
    private array $first;
    /** @var array{Term, Term} */
    private array $second;
    private int $firstFactor;
    /** Takes the sign of the second group's first term, so that both brackets come out the same. */
    private int $secondFactor;
    private Polynomial $bracket;

    /** @param array{int, int} $pair what the middle is split into, in the order of the split */
    public function __construct(private Trinomial $trinomial, private Outer $outer, array $pair)
    {
        [$p, $q] = $pair;
        $this->first = [$trinomial->term($trinomial->a, 2), $trinomial->term($p, 1)];
        $this->second = [$trinomial->term($q, 1), $trinomial->term($trinomial->c, 0)];
        $this->firstFactor = Integers::gcd($trinomial->a, $p);
        $this->secondFactor = Integers::gcd($q, $trinomial->c) * ($q < 0 ? -1 : 1);
        $this->bracket = $trinomial->linear(
            intdiv($trinomial->a, $this->firstFactor),
            intdiv($p, $this->firstFactor),
        );
    }

    /**
     * @param list<Option> $options what may be chosen where the middle is split
     *
     * @return non-empty-list<Step>
     */
    public function steps(array $options): array
    {
        return [$this->split($options), $this->grouped(), $this->takenOut(), $this->commonBracket()];
    }

    /** @return array{Polynomial, Polynomial} the common bracket, and what is left in front */
    public function brackets(): array
    {
        return [$this->bracket, $this->trinomial->linear($this->firstFactor, $this->secondFactor)];
    }

    /** @param list<Option> $options */
    private function split(array $options): Step
    {
        return new Step(
            id: 'split',
            title: Message::of('factor.split.title'),
            why: Message::of('factor.split.why', [
                'left' => $this->first[1]->toExpression(),
                'right' => $this->second[0]->toExpression(),
                'middle' => $this->trinomial->term($this->trinomial->b, 1)->toExpression(),
            ]),
            lines: [$this->outer->line(Sum::of([
                $this->first[0]->toExpression(),
                new Marked($this->first[1]->toExpression(), Mark::written()),
                new Marked($this->second[0]->toExpression(), Mark::written()),
                $this->second[1]->toExpression(),
            ]))],
            options: $options,
        );
    }

    /** Where the second group starts with a minus, that stands in front and every sign inside is turned. */
    private function grouped(): Step
    {
        $turns = $this->secondFactor < 0;
        $second = $turns
            ? new Negative(Term::sum([$this->second[0]->negated(), $this->second[1]->negated()]))
            : Term::sum($this->second);

        return new Step(
            id: 'group',
            title: Message::of('factor.group.title'),
            why: Message::of($turns ? 'factor.group.why-minus' : 'factor.group.why'),
            lines: [$this->outer->line(Sum::of([Term::sum($this->first), $second]))],
            watch: $turns ? Slip::MinusNotCarried : null,
        );
    }

    private function takenOut(): Step
    {
        $turns = $this->secondFactor < 0;
        $group = Term::sum($this->first);
        $out = $this->trinomial->linear($this->firstFactor, 0)->toExpression();

        return new Step(
            id: 'take-out',
            title: Message::of('factor.take-out.title'),
            why: Message::of($turns ? 'factor.take-out.why-minus' : 'factor.take-out.why'),
            lines: [$this->outer->line($this->factored())],
            question: Question::expression(
                Message::of('factor.take-out.ask', ['group' => $group]),
                new Identity($group, Product::of([$out, $this->bracket->toExpression()])),
                $out,
            ),
            watch: $turns ? Slip::MinusNotCarried : null,
        );
    }

    private function commonBracket(): Step
    {
        [$bracket, $left] = array_map(
            static fn(Polynomial $factor): Expression => $factor->toExpression(),
            $this->brackets(),
        );
        $accepted = Product::of([$bracket, $left]);

        return new Step(
            id: 'common-bracket',
            title: Message::of('factor.common-bracket.title', ['bracket' => $bracket]),
            why: Message::of('factor.common-bracket.why', ['bracket' => $bracket, 'left' => $left]),
            lines: [$this->outer->line($bracket, $left)],
            question: Question::form(
                Message::of('factor.common-bracket.ask'),
                new Identity($this->factored(), $accepted),
                $accepted,
            ),
        );
    }

    /** Each pair with its factor in front of the bracket. */
    private function factored(): Expression
    {
        $size = abs($this->secondFactor);
        $second = Product::of([
            $this->trinomial->second === null
                ? Numeral::of($size)
                : $this->trinomial->linear(0, $size)->toExpression(),
            $this->bracket->toExpression(),
        ]);

        return Sum::of([
            Product::of([
                $this->trinomial->linear($this->firstFactor, 0)->toExpression(),
                $this->bracket->toExpression(),
            ]),
            $second->signed($this->secondFactor < 0),
        ]);
    }
}
