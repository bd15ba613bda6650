<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Algebra\SyntheticDivision;
use Runel\Demonstration\Figure\BridgeFigure as BridgeFigure;
use Runel\Demonstration\Figure\BridgeStage;
use Runel\Demonstration\Figure\TableauFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Same;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Working\SyntheticSteps;

/** Long division struck down, stage by stage, until synthetic division stands there. */
final class Bridge extends DivideMethod
{
    public function id(): string
    {
        return 'bridge';
    }

    protected function refusalOf(Division $division): ?Message
    {
        $root = $division->root();
        $shape = ['divisor' => $division->divisor->toExpression()];

        return match (true) {
            $root === null => Message::of('divide.bridge.refusal-degree', $shape),
            $root->isZero() => Message::of('divide.bridge.refusal-letter', $shape),
            !$division->leading()->isOne() => Message::of('divide.bridge.refusal-leading', $shape),
            default => null,
        };
    }

    protected function advice(Division $division): Message
    {
        return Message::of('divide.bridge.advice');
    }

    protected function products(Division $division): int
    {
        return \count($division->quotient->terms) * \count($division->divisor->terms);
    }

    protected function work(Division $division): array
    {
        $figure = self::figure($division);
        $striking = [];
        foreach (BridgeStage::cases() as $stage) {
            $figure = $figure->at($stage);
            $idle = $stage === BridgeStage::Down && \count($figure->division->rounds) === 1;
            if ($stage !== BridgeStage::Whole && $stage !== BridgeStage::Turned && !$idle) {
                $striking[] = self::striking($figure);
            }
        }
        $terms = self::terms($figure);
        $numbers = self::numbers($figure->adding);

        return [
            new Section(Phase::SettingUp, [new Step(
                id: 'whole',
                title: Message::of('divide.bridge.whole.title'),
                why: Message::of('divide.bridge.whole.why', ['divisor' => $division->divisor->toExpression()]),
                figure: $figure->at(BridgeStage::Whole),
            )], null, Message::of('outcome.remainder', ['remainder' => $division->remainder->toExpression()])),
            new Section(
                Phase::Compressing,
                [...$striking, self::turning($division, $figure)],
                null,
                Message::of('outcome.corner', ['value' => $figure->adding->corner]),
            ),
            new Section(Phase::Writing, [
                new Step(
                    id: 'stands',
                    title: Message::of('divide.bridge.stands.title'),
                    why: Message::of('divide.bridge.stands.why', ['terms' => $terms, 'numbers' => $numbers]),
                    figure: $figure->adding,
                ),
                SyntheticSteps::readOff($division->dividend, $division->quotientBeforeScaling(), $figure->adding),
            ], null, Message::of('outcome.part', ['part' => $division->quotient->toExpression()])),
        ];
    }

    private static function figure(Division $division): BridgeFigure
    {
        $root = $division->root() ?? throw new \LogicException('No linear divisor was not refused.');
        $coefficients = $division->dividend->coefficients($division->letter);
        $row = SyntheticDivision::ofNumbers($coefficients === [] ? [Rational::zero()] : $coefficients, $root);
        $adding = SyntheticSteps::tableau($row, $division->letter, $division->dividend->toExpression())->finished();

        return new BridgeFigure(
            Rounds::figure($division)->subtracting()->finished(),
            self::subtracting($row, $adding, $division),
            $adding,
        );
    }

    /** The same tableau as long division leaves it: the divisor's own number, products to be taken away. */
    private static function subtracting(
        SyntheticDivision $row,
        TableauFigure $adding,
        Division $division,
    ): TableauFigure {
        $products = [];
        foreach ($row->products as $product) {
            $products[] = $product->negated();
        }

        return (new TableauFigure(
            Numeral::of($row->root->negated()),
            $adding->top,
            SyntheticDivision::written($products),
            $adding->sums,
            $adding->powers,
            $division->dividend->toExpression(),
            subtracts: true,
        ))->finished();
    }

    private static function striking(BridgeFigure $figure): Step
    {
        $stage = $figure->stage->value;

        return new Step(
            id: $stage,
            title: Message::of("divide.bridge.$stage.title"),
            why: Message::of("divide.bridge.$stage.why", ['corner' => $figure->subtracting->corner]),
            figure: $figure,
        );
    }

    /** The corner's sign is turned, so that every product turns, and what was subtracted is added. */
    private static function turning(Division $division, BridgeFigure $figure): Step
    {
        [$own, $turned] = [$figure->subtracting->corner, $figure->adding->corner];
        $lines = Same::nodes(new Negative($own), $turned)
            ? []
            : [Line::side(new Negative($own), new Marked($turned, Mark::written()))];
        foreach ($figure->subtracting->products as $place => $product) {
            $top = $figure->subtracting->top[$place + 1];
            $before = Sum::of([$top, new Negative($product)]);
            $after = Sum::of([$top, $figure->adding->products[$place]]);
            if (!$before->equals($after)) {
                $lines[] = Line::side($before, $after);
            }
        }

        return new Step(
            id: 'turned',
            title: Message::of('divide.bridge.turned.title', ['own' => $own, 'turned' => $turned]),
            why: Message::of('divide.bridge.turned.why', [
                'divisor' => $division->divisor->toExpression(),
                'turned' => $turned,
            ]),
            lines: $lines,
            figure: $figure->at(BridgeStage::Turned),
            question: Question::number(
                Message::of('divide.bridge.turned.ask', ['own' => $own]),
                new Identity(new Negative($own), $turned),
                $turned,
            ),
        );
    }

    /** How many terms long division has written. */
    private static function terms(BridgeFigure $figure): int
    {
        $division = $figure->division;
        $count = \count($division->dividend) + \count($division->divisor);
        foreach ($division->rounds as $round) {
            $count += 1 + \count($round->product) + \count($round->difference) + ($round->down === null ? 0 : 1);
        }

        return $count;
    }

    /** How many numbers a finished tableau holds. */
    private static function numbers(TableauFigure $tableau): int
    {
        return 1 + \count($tableau->top) + \count($tableau->products) + \count($tableau->sums);
    }
}
