<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\BookShape;
use Runel\Algebra\Conjugate;
use Runel\Algebra\FactoredPolynomial;
use Runel\Algebra\RadicalSum;
use Runel\Algebra\RootedSum;
use Runel\Demonstration\Answer\SimplifiedAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Message\TooLarge;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;

/** A fraction whose denominator is a sum or difference with a root of letters, freed of it by the conjugate. */
final readonly class RootConjugate
{
    /**
     * @param list<Step> $simplified how its roots were made small
     * @param Quotient   $whole      with them
     */
    private function __construct(
        private Expression $given,
        private array $simplified,
        private Quotient $whole,
        private Expression $by,
        private RootedSum $above,
        private RootedSum $conjugate,
        private Polynomial $below,
    ) {}

    /** Null of anything else. */
    public static function of(Expression $given): ?self
    {
        [$simplified, $whole] = SimplifiedRoots::of($given, 2);
        $below = $whole->below();
        $hasLetters = $below !== null && Inside::some($below, static fn(Node $part): bool => $part instanceof Root
            && Letters::of($part) !== []);
        $by = $below !== null && $hasLetters ? Conjugate::of($below) : null;
        if (!$whole instanceof Quotient || $by === null) {
            return null;
        }
        try {
            [$above, $own, $conjugate] = array_map(RootedSum::of(...), [$whole->numerator, $whole->denominator, $by]);
            $product = $own === null || $conjugate === null ? null : $own->times($conjugate)?->polynomial();
        } catch (TooLarge) {
            return null;
        }

        // Like roots below are one term once they are collected.
        $isNone = $above === null || $above->isZero() || $own?->count() !== 2 || $conjugate === null
            || $product === null || $product->isZero() || $above->times($conjugate) === null;

        return $isNone ? null : new self($given, $simplified, $whole, $by, $above, $conjugate, $product);
    }

    public function demonstrate(Task $task, string $method): Demonstration
    {
        $below = BookShape::ordered($this->below->toExpression());
        $over = static fn(Expression $above): Expression => $below->isOne() ? $above : new Quotient($above, $below);
        $top = $this->whole->numerator;
        [$steps, $result] = $this->above->polynomial() === null
            ? $this->multiplied($over)
            : $this->cancelled($this->above->polynomial(), $over);
        $written = new Quotient(Product::of([$top, $this->by]), Product::of([$this->whole->denominator, $this->by]));
        array_unshift($steps, new Step(
            id: 'rationalise',
            title: Message::of('simplify.radicals.below.title', ['by' => $this->by]),
            why: Message::of('simplify.radicals.below.why-conjugate'),
            lines: [
                Line::equal($written),
                ...$this->squares($written->denominator, $below),
                Line::equal($over($top->isOne() ? $this->by : Product::of([$top, $this->by]))),
            ],
            watch: Slip::ConjugateSign,
        ));
        $steps = [...$this->simplified, ...SimplifyDemonstration::withoutResult($steps, $result)];
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of('simplify.radicals.read-conjugate'),
                lines: [Line::given($this->given)],
            )]),
            new Section(Phase::Tidying, $steps),
            new Section(Phase::Finishing, [new Step(
                id: 'result',
                title: Message::of('simplify.result.title'),
                why: Message::of(Inside::holds($result, Quotient::class)
                    ? 'simplify.radicals.result-why-conjugate'
                    : 'simplify.radicals.result-why-gone'),
                lines: [Line::result($result)],
                question: Question::expression(
                    Message::of('simplify.ask'),
                    new Identity($this->given, $result),
                    $result,
                ),
            )]),
        ];

        return new Demonstration(
            task: $task,
            job: SimplifyFamily::JOB,
            method: $method,
            forecast: Forecast::of(
                sections: $sections,
                roots: Inside::holds($result, Root::class),
                advice: Message::of('simplify.radicals.advice-conjugate'),
            ),
            sections: $sections,
            answer: new SimplifiedAnswer($result),
            checking: fn(): array => [PutBeside::checkRoots($this->given, $result)],
        );
    }

    /** @return list<Line> sum times difference as the square of the one minus that of the other, and what that is */
    private function squares(Expression $product, Expression $below): array
    {
        [$first, $second] = $this->whole->denominator->terms();
        // The term whose sign was turned is the one whose square is taken away.
        $turnsFirst = $first instanceof Negative && !$second instanceof Negative;
        [$plus, $minus] = $turnsFirst ? [$second, $first] : [$first, $second];
        $squared = static fn(Expression $term): Expression => new Power($term->bare(), Numeral::of(2));
        $squares = Sum::of([$squared($plus), new Negative($squared($minus))]);

        return [Line::side($product, $squares), Line::side($squares, $below)];
    }

    /**
     * What stands above has no root: it may have a factor in common with what stands below now.
     *
     * @param \Closure(Expression): Expression $over
     *
     * @return array{list<Step>, Expression}
     */
    private function cancelled(Polynomial $above, \Closure $over): array
    {
        $reducing = new Reducing(FactoredPolynomial::of($above), FactoredPolynomial::of($this->below));
        $result = $this->beside($reducing->result());
        // A number that goes into the conjugate and what is left below is taken out of both.
        if ($result instanceof Quotient && $result->denominator->isNumber() && $result->numerator->equals($this->by)) {
            $result = RadicalSum::of($result, 2)?->overOne() ?? $result;
        }
        if ($reducing->isReduced()) {
            return [[], $result];
        }
        $steps = [];
        $factored = $this->beside($reducing->factored());
        if (!$factored->equals($over(Product::of([$this->whole->numerator, $this->by])))) {
            $steps[] = new Step(
                id: 'factor',
                title: Message::of('simplify.cancel.factor.title'),
                why: Message::of('simplify.cancel.factor.why'),
                lines: [Line::equal($factored)],
            );
        }
        $strike = $reducing->step();
        $struck = $strike->lines[0]->node;
        if ($struck instanceof Expression) {
            $steps[] = $strike->withLines([Line::equal($this->beside($struck))]);
        }

        return [$steps, $result];
    }

    /** The conjugate beside what else stands above. */
    private function beside(Expression $rest): Expression
    {
        $terms = $rest->terms();
        $isMinus = array_filter($terms, static fn(Expression $term): bool => !$term instanceof Negative) === [];
        $bare = $isMinus
            ? Sum::of(array_map(static fn(Expression $term): Expression => $term->bare(), $terms))
            : $rest;
        $above = $bare->above();
        if ($above->isOne() && !$bare instanceof Quotient) {
            return $isMinus
                ? BookShape::ordered(Sum::of(array_map(
                    static fn(Expression $term): Expression => $term->negated(),
                    $this->by->terms(),
                )))
                : $this->by;
        }
        $product = Product::withFront($above, $this->by);
        $written = $bare->withAbove($product);

        return $written->signed($isMinus);
    }

    /**
     * Roots stand above, too: both are multiplied out.
     *
     * @param \Closure(Expression): Expression $over
     *
     * @return array{list<Step>, Expression}
     */
    private function multiplied(\Closure $over): array
    {
        $product = $this->above->times($this->conjugate) ?? throw new \LogicException('It was read before.');
        $common = $product->common(FactoredPolynomial::of($this->below));
        $left = FactoredPolynomial::of($this->below)->over($common);
        // A difference below keeps its order; before a single term the minus stands before the line.
        $isMinus = $left->number->isNegative() && \count($left->polynomial()->terms) === 1;
        $below = BookShape::ordered(
            $isMinus ? $left->polynomial()->negated()->toExpression() : $left->polynomial()->toExpression(),
        );
        $above = $product->over($common)->toExpression();
        $written = $below->isOne() ? $above : new Quotient($above, $below);
        $result = $written->signed($isMinus);
        $singles = array_map(
            static fn(Expression $single): array => $single->terms(),
            $this->above->singles($this->conjugate),
        );
        $lines = [Line::equal($over(Sum::of(array_merge(...$singles))))];
        $collected = $over($product->toExpression());
        if (!$collected->equals($lines[0]->node)) {
            $lines[] = Line::equal($collected);
        }

        return [[new Step(
            id: 'multiply',
            title: Message::of('simplify.radicals.multiply.title'),
            why: Message::of('simplify.radicals.multiply.why-letters'),
            lines: $lines,
            watch: Slip::DoubleProductForgotten,
        )], $result];
    }
}
