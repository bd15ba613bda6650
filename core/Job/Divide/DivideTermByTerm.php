<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Same;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;

/** A division by a single term: every term is divided by it on its own, numbers by numbers, powers by powers. */
final class DivideTermByTerm extends DivideMethod
{
    public function id(): string
    {
        return 'term-by-term';
    }

    protected function refusalOf(Division $division): ?Message
    {
        return \count($division->divisor->terms) === 1
            ? null
            : Message::of('divide.term-by-term.refusal', ['divisor' => $division->divisor->toExpression()]);
    }

    protected function advice(Division $division): Message
    {
        return Message::of('divide.term-by-term.advice', ['count' => \count($division->dividend->terms)]);
    }

    protected function products(Division $division): int
    {
        return 0;
    }

    protected function keepsPlaces(): bool
    {
        return false;
    }

    protected function work(Division $division): array
    {
        $divided = array_values(array_filter(
            $division->dividend->terms,
            static fn(Term $term): bool => $term->monomial->degree >= $division->divisor->degree(),
        ));
        $steps = [];
        foreach ($divided as $place => $term) {
            $step = self::term($division, $term, $place + 1);
            // A fraction that cannot be reduced stands shared out already.
            $written = $step->lines[0]->node;
            if (!$written instanceof Equation || !Same::nodes($written->left, $written->right)) {
                $steps[] = $step;
            }
        }
        $dividing = new Section(
            Phase::Dividing,
            $steps,
            null,
            Message::of('outcome.part', ['part' => $division->quotient->toExpression()]),
        );

        return \count($division->dividend->terms) === 1
            ? [$dividing]
            : [new Section(Phase::SettingUp, [self::shared($division)]), $dividing];
    }

    private static function shared(Division $division): Step
    {
        return new Step(
            id: 'share',
            title: Message::of('divide.term-by-term.share.title', [
                'divisor' => $division->divisor->toExpression(),
            ]),
            why: Message::of('divide.term-by-term.share.why', ['divisor' => $division->divisor->toExpression()]),
            lines: [Line::equal(Sum::of(array_map(
                static fn(Term $term): Expression => $term->coefficient->isNegative()
                    ? new Negative(self::over($term->negated(), $division))
                    : self::over($term, $division),
                $division->dividend->terms,
            )))],
        );
    }

    private static function term(Division $division, Term $term, int $number): Step
    {
        $result = new Term(
            $term->coefficient->dividedBy($division->leading()),
            $term->monomial->over($division->divisor->terms[0]->monomial),
        );
        $degrees = [$term->monomial->degree, $division->divisor->degree()];
        $parameters = [
            'term' => $term->toExpression(),
            'divisor' => $division->divisor->toExpression(),
            'number' => Numeral::of($term->coefficient),
            'by' => Numeral::of($division->leading()),
            'value' => Numeral::of($result->coefficient),
            'above' => $degrees[0],
            'below' => $degrees[1],
            'left' => $degrees[0] - $degrees[1],
        ];
        $line = Line::side(self::over($term, $division), new Marked($result->toExpression(), Mark::written()));
        $powers = match (true) {
            $degrees[1] === 0 => 'number',
            $degrees[0] === $degrees[1] => 'gone',
            default => 'power',
        };

        return new Step(
            id: "term-$number",
            title: Message::of('divide.term-by-term.term.title', $parameters),
            why: Message::of(
                'divide.term-by-term.term.why-' . $powers . ($division->leading()->isOne() ? '' : '-scaled'),
                $parameters,
            ),
            lines: [$line],
            question: Question::about($line, Message::of('divide.term-by-term.term.ask', $parameters)),
            watch: $number === 1 && $degrees[1] > 0 ? Slip::QuotientDegree : null,
        );
    }

    private static function over(Term $term, Division $division): Quotient
    {
        return new Quotient($term->toExpression(), $division->divisor->toExpression());
    }
}
