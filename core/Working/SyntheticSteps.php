<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Algebra\SyntheticDivision;
use Runel\Demonstration\Figure\TableauFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Reason;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\Solves;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;

/** A synthetic division written number by number: brought down, multiplied, added. */
final class SyntheticSteps
{
    /**
     * The tableau with nothing but the corner and the coefficients.
     *
     * @param Expression       $whole  what the coefficients belong to
     * @param list<Expression> $scaled the quotient's coefficients where the divisor's leading one is not 1
     * @param Rational|null    $scale  that leading coefficient
     */
    public static function tableau(
        SyntheticDivision $row,
        string $letter,
        Expression $whole,
        array $scaled = [],
        ?Rational $scale = null,
    ): TableauFigure {
        $degree = \count($row->top) - 1;

        return new TableauFigure(
            Numeral::of($row->root),
            SyntheticDivision::written($row->top),
            SyntheticDivision::written($row->products),
            SyntheticDivision::written($row->sums),
            array_map(
                static fn(int $power): Expression => Monomial::power($letter, $power)->toExpression(),
                range($degree, 0),
            ),
            $whole,
            $scaled,
            $scale === null ? null : Numeral::of($scale),
        );
    }

    /** Which number goes into the corner. */
    public static function corner(Polynomial $divisor, string $letter, Rational $root): Step
    {
        $value = Numeral::of($root);
        $written = $divisor->toExpression();

        return new Step(
            id: 'corner',
            title: Message::of('divide.corner.title', ['value' => $value]),
            why: Message::of('divide.corner.why', [
                'divisor' => $written,
                'solution' => new Equation(new Letter($letter), $value),
            ]),
            lines: Arithmetic::lines(Substitution::into($written, $letter, $value)),
            question: Question::number(
                Message::of('divide.corner.ask', ['divisor' => $written]),
                new Solves(new Equation($written, Numeral::of(0)), $letter, $value),
                $value,
            ),
            watch: $root->isZero() ? null : Slip::DivisorSignNotTurned,
        );
    }

    public static function setUp(TableauFigure $tableau, Expression $dividend, bool $gaps): Step
    {
        return new Step(
            id: 'set-up',
            title: Message::of('divide.set-up.title'),
            why: Message::of($gaps ? 'divide.set-up.why-gaps' : 'divide.set-up.why'),
            figure: $tableau,
            question: $gaps ? self::places(
                Message::of('divide.set-up.ask'),
                \count($tableau->top) - 1,
                $dividend,
            ) : null,
            watch: $gaps ? Slip::MissingPlaceholder : null,
        );
    }

    /**
     * How many places a dividend of some degree needs: one more than the degree, whatever terms are missing.
     *
     * @param Expression $counted the dividend
     */
    public static function places(Message $prompt, int $degree, Expression $counted): Question
    {
        $places = Numeral::of($degree + 1);

        return Question::count(
            $prompt,
            new Identity(Sum::of([Numeral::of($degree), Numeral::of(1)]), $places),
            $places,
            $counted,
        );
    }

    /** @return non-empty-list<Step> one a number; the last one writes the remainder */
    public static function numbers(TableauFigure $tableau): array
    {
        $tableau = $tableau->next();
        $steps = [new Step(
            id: 'bring-down',
            title: Message::of('divide.down.title', ['number' => $tableau->top[0]]),
            why: Message::of('divide.down.why'),
            figure: $tableau,
            reason: Reason::Synthetic,
        )];
        for ($place = 1; $place < \count($tableau->top); ++$place) {
            $tableau = $tableau->next();
            $steps[] = self::multiply($tableau, $place);
            $tableau = $tableau->next();
            $steps[] = self::add($tableau, $place);
        }

        return $steps;
    }

    /**
     * What the finished row says.
     *
     * @param Polynomial $quotient what x − r leaves, r being the divisor's root
     */
    public static function readOff(Polynomial $dividend, Polynomial $quotient, TableauFigure $tableau): Step
    {
        return new Step(
            id: 'read-off',
            title: Message::of('divide.read-off.title'),
            why: Message::of('divide.read-off.why', [
                'degree' => $dividend->degree() - 1,
                'quotient' => $quotient->toExpression(),
            ]),
            figure: $tableau,
            reason: Reason::Synthetic,
        );
    }

    private static function multiply(TableauFigure $tableau, int $place): Step
    {
        $sum = $tableau->sums[$place - 1];
        $product = $tableau->products[$place - 1];
        $written = Product::apart([$tableau->corner, $sum]);
        $line = Line::side($written, new Marked($product, Mark::written()));

        return new Step(
            id: "multiply-$place",
            title: Message::of('divide.multiply.title', ['product' => $written]),
            why: Message::of($place === 1 ? 'divide.multiply.why' : 'divide.multiply.why-again', [
                'top' => $tableau->top[$place],
            ]),
            lines: [$line],
            figure: $tableau,
            question: Question::about($line, Message::of('product.cell-ask', ['product' => $written])),
            reason: Reason::Synthetic,
        );
    }

    private static function add(TableauFigure $tableau, int $place): Step
    {
        $last = $place === \count($tableau->top) - 1;
        [$top, $product] = [$tableau->top[$place], $tableau->products[$place - 1]];
        $written = Sum::of([$top, $product]);
        $sum = $tableau->sums[$place];
        $line = Line::side($written, new Marked($sum, Mark::written()));
        $changes = !$written->equals($sum);
        $isZero = static fn(Expression $number): bool => $number instanceof Numeral && $number->value->isZero();

        return new Step(
            id: "add-$place",
            title: Message::of($last ? 'divide.add.title-last' : 'divide.add.title'),
            why: Message::of(match (true) {
                $last && $isZero($sum) => 'divide.add.why-zero',
                $last => 'divide.add.why-last',
                $place === \count($tableau->top) - 2 => 'divide.add.why-constant',
                default => 'divide.add.why',
            }, ['power' => $tableau->powers[$place + 1] ?? $sum]),
            lines: $changes ? [$line] : [],
            figure: $tableau,
            question: $changes ? Question::about(
                $line,
                Message::of('divide.add.ask', ['top' => $top, 'product' => $product]),
            ) : null,
            watch: $place === 1 ? Slip::SubtractedNotAdded : null,
            reason: Reason::Synthetic,
        );
    }
}
