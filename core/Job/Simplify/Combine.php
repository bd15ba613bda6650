<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\BookShape;
use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Answer\SimplifiedAnswer;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Judging\Form;
use Runel\Law\Claim\Denominator;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;

/** Fractions added and subtracted over their least common denominator; fractions within a fraction cleared with it. */
final readonly class Combine implements Method
{
    public function id(): string
    {
        return 'combine';
    }

    public function job(): string
    {
        return SimplifyFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        return self::read($task) === null ? new MethodDoesNotApply(Message::of('simplify.combine.refusal')) : null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $read = self::read($task) ?? throw new \LogicException('It was not refused.');
        $node = $task->problem->node;
        $whole = $node instanceof Expression ? $node : throw new \LogicException('It is an expression.');
        [$before, $within, $fractions] = $read;
        [$steps, $top, $bottom, $divisors] = $fractions instanceof FractionSum
            ? self::added($fractions)
            : self::within($fractions);
        $steps = [...$before, ...$steps];
        $divisors = [...$within, ...$divisors];
        $excluded = ExcludedValues::of($whole, $divisors);
        $result = Numeral::of(0);
        $why = 'result-why';
        $reached = $steps === [] ? [] : $steps[\count($steps) - 1]->lines;
        $last = $reached === [] ? null : $reached[\count($reached) - 1]->node;
        array_push($steps, ...$excluded->steps());
        if (!$top->isZero()) {
            $reducing = new Reducing(FactoredPolynomial::unknownFirst($top), $bottom);
            if (!$reducing->isReduced()) {
                $factored = $reducing->factored();
                if (!$last?->equals($factored)) {
                    $steps[] = new Step(
                        id: 'factor',
                        title: Message::of('simplify.cancel.factor.title'),
                        why: Message::of('simplify.cancel.factor.why'),
                        lines: [...FactoredSides::lines([$top->toExpression()]), Line::equal($factored)],
                    );
                }
                $steps[] = $reducing->step();
                $why = $reducing->turns() ? 'result-why-turned' : $why;
            }
            $result = $reducing->result();
            // Nothing was cancelled: it stands as the clearing left it, a difference below as well.
            if ($fractions instanceof ClearedWithin && $reducing->isReduced()) {
                $result = BookShape::of($result) ?? $result;
            }
        }

        return SimplifyDemonstration::of(
            $task,
            $this->id(),
            $whole,
            $steps,
            new SimplifiedAnswer($result, $excluded->letter, $excluded->values),
            $why,
        );
    }

    /** @return array{list<Step>, Polynomial, FactoredPolynomial, list<Expression>} */
    private static function added(FractionSum $sum): array
    {
        $common = $sum->common();
        $below = $common->toExpression();
        $factored = FactoredSides::lines($sum->denominators());
        $top = $sum->top();
        $written = new Quotient($sum->cleared(), $below);
        $collected = self::fraction($top, $common);
        $expanded = $sum->expanded();
        $steps = [
            ...($factored === [] ? [] : [new Step(
                id: 'factor-below',
                title: Message::of('clear.factor.title'),
                why: Message::of('clear.factor.why'),
                lines: $factored,
            )]),
            ...($sum->makings() === [] ? [] : [new Step(
                id: 'common-denominator',
                title: Message::of('clear.common.title', ['denominator' => $below]),
                why: Message::of('clear.common.why'),
                lines: $sum->makings(),
                question: self::asked($below, array_map(
                    static fn(array $term): Expression => $term[1]->bottom->toExpression(),
                    $sum->terms,
                )),
            )]),
            // Where all have one denominator, they stand so already.
            ...($expanded->equals($sum->written()) ? [] : [new Step(
                id: 'expand',
                title: Message::of('simplify.combine.expand.title', ['denominator' => $below]),
                why: Message::of('simplify.combine.expand.why'),
                lines: [Line::equal($expanded)],
                watch: Slip::FractionsAddedAcross,
            )]),
        ];
        if (!$written->equals($expanded)) {
            $steps[] = new Step(
                id: 'one',
                title: Message::of('simplify.combine.one.title'),
                why: Message::of('simplify.combine.one.why'),
                lines: [Line::equal($written)],
                watch: Slip::MinusNotCarried,
            );
        }
        $isInOrder = Form::isCollected($sum->cleared()) && \count($sum->cleared()->terms()) === \count($top->terms);
        if (!$top->isZero() && !$collected->equals($written) && !$isInOrder) {
            $steps[] = new Step(
                id: 'collect',
                title: Message::of('simplify.combine.collect.title'),
                why: Message::of('simplify.combine.collect.why'),
                lines: [Line::equal($collected)],
            );
        }

        return [$steps, $top, $common, $sum->denominators()];
    }

    /**
     * @param list<Expression> $denominators
     *
     * @return Question|null null where there are several letters, and sums below
     */
    private static function asked(Expression $common, array $denominators): ?Question
    {
        $letters = [];
        foreach ($denominators as $denominator) {
            $letters += Letters::of($denominator);
        }

        $areTerms = array_filter(
            $denominators,
            static fn(Expression $denominator): bool => Inside::holds($denominator, Sum::class),
        ) === [];

        return \count($letters) !== 1 && !$areTerms ? null : Question::form(
            Message::of('clear.common.ask'),
            new Denominator($common, $denominators, $areTerms ? null : (string) array_key_first($letters)),
            $common,
        );
    }

    /**
     * Above and below times the common denominator of all fractions within.
     *
     * @return array{non-empty-list<Step>, Polynomial, FactoredPolynomial, list<Expression>}
     */
    private static function within(ClearedWithin $cleared): array
    {
        return [
            [$cleared->step('clear-within', Line::equal(...))],
            $cleared->top,
            FactoredPolynomial::unknownFirst($cleared->bottom),
            $cleared->divisors(),
        ];
    }

    private static function fraction(Polynomial $top, FactoredPolynomial $bottom): Expression
    {
        $above = BookShape::ordered($top->toExpression());

        return $bottom->isOne() ? $above : new Quotient($above, $bottom->toExpression());
    }

    /** Whether all that is in parentheses stands above a number, with more than one term. */
    public static function isOfFractions(Task $task): bool
    {
        $node = $task->problem->node;
        $isBroken = static fn(Expression $term): bool => $term instanceof Quotient && $term->denominator->isNumber()
            && $term->numerator instanceof Sum;

        return $node instanceof Sum && array_filter($node->terms, static fn(Expression $term): bool
            => !$isBroken($term->bare()) && Inside::holds($term, Sum::class)) === []
            && array_filter($node->terms, static fn(Expression $term): bool => $isBroken($term->bare())) !== [];
    }

    /** Whether a fraction with letters above stands in a sum, over whatever number. */
    private static function hasLettersAbove(Sum $sum): bool
    {
        return array_filter($sum->terms, static fn(Expression $term): bool => $term->bare() instanceof Quotient
            && Letters::of($term->bare()->numerator) !== []) !== [];
    }

    /**
     * What is done within before anything is added, what may not be 0 there, and a sum, or one above and one below.
     *
     * @return array{list<Step>, list<Expression>, FractionSum|ClearedWithin}|null
     */
    private static function read(Task $task): ?array
    {
        return $task->once(self::class, static function () use ($task): ?array {
            $node = $task->problem->node;
            // A root below is no letter: it is taken away from there first.
            if (!$node instanceof Expression || Letters::of($node) === []) {
                return null;
            }
            [$steps, $plain] = self::turnedOver($node);
            if ($plain instanceof Sum) {
                $sum = FractionSum::of($plain);
                $inner = $sum === null ? InnerFractions::of($plain) : null;
                $sum ??= $inner?->sum;

                return $sum === null || $sum->common()->isOne()
                    || ($sum->common()->isNumber() && !self::hasLettersAbove($plain))
                    ? null
                    : [[...$steps, ...($inner->steps ?? [])], $inner->divisors ?? [], $sum];
            }
            if (!$plain instanceof Quotient) {
                return null;
            }
            [$more, $divisors, $plain] = self::clearedInside($plain);
            $within = ClearedWithin::of($plain);

            return $within === null ? null : [[...$steps, ...$more], $divisors, $within];
        });
    }

    /** @return array{list<Step>, Expression} powers with negative exponents as fractions */
    private static function turnedOver(Expression $whole): array
    {
        $plain = Rewriter::everywhere($whole, static function (Node $node): ?Node {
            $factors = match (true) {
                $node instanceof Product => $node->factors,
                $node instanceof Power => [$node],
                default => [],
            };
            $below = array_filter(array_map(
                static fn(Expression $factor): ?Expression => $factor instanceof Power ? $factor->turnedOver() : null,
                $factors,
            ));
            $above = array_values(array_diff_key($factors, $below));

            return $below === [] ? null : new Quotient(
                $node instanceof Product && $above !== [] ? Product::of($above) : Numeral::of(1),
                Product::of(array_values($below)),
            );
        });

        return $plain->equals($whole) ? [[], $whole] : [[new Step(
            id: 'turn-over',
            title: Message::of('simplify.turn-over.title'),
            why: Message::of('simplify.turn-over.why'),
            lines: [Line::equal($plain)],
        )], $plain];
    }

    /**
     * Fractions within fractions, above or below, that have fractions within again: those first.
     *
     * @return array{list<Step>, list<Expression>, Quotient}
     */
    private static function clearedInside(Quotient $fraction): array
    {
        $steps = [];
        $divisors = [];
        [$above, $below] = [$fraction->numerator, $fraction->denominator];
        $over = static fn(Expression $sum): Expression => new Quotient($sum, $below);
        $inner = $above instanceof Sum && FractionSum::of($above) === null
            ? InnerFractions::of($above, $over, 'clear-above')
            : null;
        if ($inner !== null) {
            [$steps, $divisors, $above] = [$inner->steps, $inner->divisors, $inner->sum->written()];
        }
        $under = static fn(Expression $sum): Expression => new Quotient($above, $sum);
        $inner = $below instanceof Sum && FractionSum::of($below) === null
            ? InnerFractions::of($below, $under, 'clear-below')
            : null;
        if ($inner !== null) {
            array_push($steps, ...$inner->steps);
            array_push($divisors, ...$inner->divisors);
            $below = $inner->sum->written();
        }

        return [$steps, $divisors, new Quotient($above, $below)];
    }
}
