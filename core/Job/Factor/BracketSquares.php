<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\BookShape;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Working\Identities;
use Runel\Working\Outer;

/** A square minus a square, at least one of them of a sum: (2x + 1)² − (x − 3)². Nothing is multiplied out. */
final class BracketSquares extends StructureMethod
{
    public function id(): string
    {
        return 'special';
    }

    protected function refused(): Message
    {
        return Message::of('special-form.refusal');
    }

    protected function look(Task $task, Polynomial $rest, Outer $outer): ?SeenStructure
    {
        $typed = self::difference($task);
        if ($typed === null) {
            return null;
        }
        [$node, $minuend, $taken] = $typed;
        [$first, $second] = [self::root($minuend), self::root($taken)];
        if ($first === null || $second === null || (!$first instanceof Sum && !$second instanceof Sum)) {
            return null;
        }
        [$less, $more] = [
            Polynomial::fromExpression($first)->minus(Polynomial::fromExpression($second)),
            Polynomial::fromExpression($first)->plus(Polynomial::fromExpression($second)),
        ];
        if ($less->isZero() || $more->isZero() || $less->isConstant() || $more->isConstant()) {
            return null;
        }

        return new SeenStructure(
            [new Section(Phase::Writing, $this->steps($node, $first, $second, $less, $more))],
            [$less, $more],
            Message::of('structure.special.advice-difference'),
            0,
            [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of('structure.special.read-squares'),
                lines: [Line::given($node)],
            )],
        );
    }

    /** @return non-empty-list<Step> */
    private function steps(
        Sum $whole,
        Expression $first,
        Expression $second,
        Polynomial $less,
        Polynomial $more,
    ): array {
        [$product, $sum] = Identities::beside(Polynomial::fromExpression($whole)->letters())->difference();
        $written = Product::of([
            Sum::of([...$first->terms(), new Negative($second)]),
            Sum::of([...$first->terms(), ...$second->terms()]),
        ]);
        $tidied = Product::of(array_map(
            static fn(Polynomial $factor): Expression => BookShape::ordered($factor->toExpression()),
            [$less, $more],
        ));

        return [
            new Step(
                id: 'special-1',
                title: Message::of('structure.special.title-difference', ['part' => $whole]),
                why: Message::of('structure.special.why-difference', ['first' => $first, 'second' => $second]),
                lines: [Line::side($sum, $product), Line::equal($written)],
                watch: Slip::MinusNotCarried,
            ),
            new Step(
                id: 'tidied',
                title: Message::of('structure.special.title-tidied'),
                why: Message::of('structure.special.why-tidied'),
                lines: [Line::equal($tidied)],
                question: Question::form(
                    Message::of('structure.special.ask-tidied'),
                    new Identity($whole, $tidied),
                    $tidied,
                ),
            ),
        ];
    }

    /** What is squared: a sum, with a number before it or none, or one term; null where it is no square. */
    private static function root(Expression $term): ?Expression
    {
        $factors = $term->factors();
        $last = $factors[\count($factors) - 1];
        if ($last instanceof Power && $last->base instanceof Sum && $last->exponent->number()?->toInt() === 2) {
            $front = \count($factors) === 1 ? Rational::one() : $factors[0]->number()?->squareRoot();
            $base = Polynomial::tryFrom($last->base);
            if ($front === null || \count($factors) > 2 || $base === null || $base->isConstant()) {
                return null;
            }

            return $front->isOne() ? $last->base : $base->scaledBy($front)->toExpression();
        }
        $polynomial = Polynomial::tryFrom($term);
        $single = $polynomial !== null && \count($polynomial->terms) === 1 ? $polynomial->terms[0] : null;
        $number = $single?->coefficient->squareRoot();
        $isSquare = $single !== null && $number !== null && array_filter(
            $single->monomial->exponents,
            static fn(int $exponent): bool => $exponent % 2 === 1,
        ) === [];

        return !$isSquare ? null : (new Term($number, Monomial::of(array_map(
            static fn(int $exponent): int => intdiv($exponent, 2),
            $single->monomial->exponents,
        ))))->toExpression();
    }
}
