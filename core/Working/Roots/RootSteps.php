<?php

declare(strict_types=1);

namespace Runel\Working\Roots;

use Runel\Demonstration\Figure\RootHuntFigure;
use Runel\Demonstration\Figure\RootTrial;
use Runel\Demonstration\Figure\RootVerdict;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Reason;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Working\Outer;
use Runel\Working\SyntheticSteps;

/** A search for rational roots told: candidates, what can be passed over, failures shortly, the hit as a tableau. */
final readonly class RootSteps
{
    /** So many failures are shown one by one; the others together. */
    private const ONE_BY_ONE = 4;

    public function __construct(private RootSearch $search, private string $letter, private Outer $outer) {}

    /** @return list<Section> one a round */
    public function sections(): array
    {
        $sections = [];
        $found = [];
        $several = \count($this->search->rounds) > 1;
        foreach ($this->search->rounds as $number => $round) {
            $steps = $this->search($round, $number + 1);
            $factor = $round->factor($this->letter);
            if ($factor !== null && $round->root !== null) {
                $steps[] = $this->hit($round, $round->root, $number + 1);
                $found[] = $factor;
                $steps[] = $this->carried($round, $factor, $found, $number + 1);
            }
            $sections[] = new Section(
                Phase::Hunting,
                $steps,
                $several ? $number + 1 : null,
                $round->root === null
                    ? Message::of('outcome.none')
                    : Message::of('outcome.number', ['value' => Numeral::of($round->root)]),
            );
        }

        return $sections;
    }

    /** @return list<Step> */
    private function search(RootRound $round, int $number): array
    {
        $values = [
            ...array_map(static fn(TriedRoot $tried): Rational => $tried->value, $round->tried),
            ...$round->open,
        ];
        if ($values === []) {
            return [$this->none($round, null, $number)];
        }
        [$hunt, $steps] = $this->candidates($round, $values, $number);

        return [...$steps, ...$this->judged($round, $hunt, $number)];
    }

    /** Where no candidate is left, or each has been judged. */
    private function none(RootRound $round, ?RootHuntFigure $hunt, int $number): Step
    {
        $isCubic = $this->search->rest->degree() === 3;

        return new Step(
            id: "none-$number",
            title: Message::of($hunt === null ? 'roots.none.title-left' : 'roots.none.title'),
            why: Message::of($isCubic ? 'roots.none.why-cubic' : 'roots.none.why', [
                'polynomial' => $round->polynomial->toExpression(),
            ]),
            figure: $hunt,
        );
    }

    /**
     * @param non-empty-list<Rational> $values
     *
     * @return array{RootHuntFigure, list<Step>}
     */
    private function candidates(RootRound $round, array $values, int $number): array
    {
        $hunt = new RootHuntFigure(
            $round->polynomial->toExpression(),
            $this->letter,
            array_map(static fn(Rational $value): RootTrial => new RootTrial(Numeral::of($value)), $values),
        );
        $monic = \count($round->candidates->firsts) === 1;
        $steps = [new Step(
            id: "candidates-$number",
            title: Message::of($number === 1 ? 'roots.candidates.title' : 'roots.candidates.title-again'),
            why: Message::of(match (true) {
                $number > 1 => 'roots.candidates.why-again',
                $monic => 'roots.candidates.why-monic',
                default => 'roots.candidates.why',
            }, [
                'last' => Numeral::of($round->polynomial->coefficient($this->letter, 0)),
                'first' => Numeral::of($round->polynomial->coefficient($this->letter, $round->polynomial->degree())),
                'polynomial' => $round->polynomial->toExpression(),
            ]),
            figure: $hunt,
        )];
        $skipped = array_filter(
            $round->tried,
            static fn(TriedRoot $tried): bool => $tried->verdict === RootVerdict::Sign,
        );
        if ($skipped === []) {
            return [$hunt, $steps];
        }
        $negative = array_values($skipped)[0]->value->isNegative();
        $hunt = $hunt->with(array_map(
            static fn(TriedRoot $tried): RootTrial => $tried->trial(),
            $skipped,
        ));
        $steps[] = new Step(
            id: "signs-$number",
            title: Message::of($negative ? 'roots.signs.title-negative' : 'roots.signs.title-positive'),
            why: Message::of($negative ? 'roots.signs.why-negative' : 'roots.signs.why-positive', [
                'letter' => $this->letter,
            ]),
            figure: $hunt,
        );

        return [$hunt, $steps];
    }

    /** @return list<Step> the failures, one by one as long as there are few, and what they let pass over */
    private function judged(RootRound $round, RootHuntFigure $hunt, int $number): array
    {
        $steps = [];
        $shown = 0;
        $together = [];
        $beyond = [];
        foreach ($round->tried as $place => $tried) {
            if ($tried->verdict === RootVerdict::Beyond) {
                $beyond[$place] = $tried->trial();
            } elseif ($tried->verdict === RootVerdict::Fails && $shown >= self::ONE_BY_ONE) {
                $together[$place] = $tried->trial();
            } elseif ($tried->verdict === RootVerdict::Fails) {
                ++$shown;
                $hunt = $hunt->with([$place => $tried->trial()]);
                $steps[] = $this->failure($round, $hunt, $tried, "try-$number-$shown", $shown === 1);
            }
        }
        if ($beyond !== []) {
            $hunt = $hunt->with($beyond);
            $steps[] = new Step(
                id: "beyond-$number",
                title: Message::of('roots.beyond.title', ['count' => \count($beyond)]),
                why: Message::of('roots.beyond.why'),
                figure: $hunt,
            );
        }
        if ($together !== []) {
            $hunt = $hunt->with($together);
            $steps[] = new Step(
                id: "others-$number",
                title: Message::of('roots.others.title', ['count' => \count($together)]),
                why: Message::of('roots.others.why'),
                figure: $hunt,
            );
        }
        if ($round->root === null) {
            $steps[] = $this->none($round, $hunt, $number);
        }

        return $steps;
    }

    /** @param bool $asks of the first one that fails: how a candidate is tried need not be asked again and again */
    private function failure(RootRound $round, RootHuntFigure $hunt, TriedRoot $tried, string $id, bool $asks): Step
    {
        $value = Numeral::of($tried->value);
        $remainder = $tried->trial()->remainder ?? throw new \LogicException('A failure leaves something over.');
        $line = Line::side(
            Substitution::into($round->polynomial->toExpression(), $this->letter, $value),
            $remainder,
        );

        return new Step(
            id: $id,
            title: Message::of('roots.try.title', ['value' => $value]),
            why: Message::of(match (true) {
                $tried->bounds && $tried->value->isNegative() => 'roots.try.why-lowest',
                $tried->bounds => 'roots.try.why-highest',
                default => 'roots.try.why',
            }, ['remainder' => $remainder]),
            lines: [$line],
            figure: $hunt,
            question: $asks ? Question::about($line, Message::of('roots.try.ask', ['value' => $value])) : null,
        );
    }

    private function hit(RootRound $round, Rational $root, int $number): Step
    {
        $row = array_values(array_filter(
            $round->tried,
            static fn(TriedRoot $tried): bool => $tried->verdict === RootVerdict::Fits,
        ))[0]->row ?? throw new \LogicException('A root without its row.');
        $scale = $root->denominator();
        $isScaled = !$scale->isOne();
        $tableau = SyntheticSteps::tableau(
            $row,
            $this->letter,
            $round->polynomial->toExpression(),
            $isScaled ? array_map(Numeral::of(...), $round->quotient->coefficients($this->letter)) : [],
            $isScaled ? $scale : null,
        )->finished();
        $value = Numeral::of($root);
        $zero = Numeral::of(0);

        return new Step(
            id: "hit-$number",
            title: Message::of('roots.hit.title', ['value' => $value]),
            why: Message::of($isScaled ? 'roots.hit.why-scaled' : 'roots.hit.why', [
                'scale' => Numeral::of($scale),
            ]),
            figure: $isScaled ? $tableau->next() : $tableau,
            reason: Reason::Synthetic,
            question: Question::number(
                Message::of('roots.try.ask', ['value' => $value]),
                new Identity(
                    Substitution::into($round->polynomial->toExpression(), $this->letter, $value),
                    $zero,
                ),
                $zero,
            ),
        );
    }

    /** @param non-empty-list<Polynomial> $found the factors so far, this one the last */
    private function carried(RootRound $round, Polynomial $factor, array $found, int $number): Step
    {
        $quotient = $round->quotient->toExpression();
        $factors = array_map(static fn(Polynomial $one): Expression => $one->toExpression(), $found);

        return new Step(
            id: "carry-$number",
            title: Message::of('roots.carry.title', ['factor' => $factor->toExpression()]),
            why: Message::of(match (true) {
                $round->quotient->degree() > 2 => 'roots.carry.why',
                default => 'roots.carry.why-quadratic',
            }, ['quotient' => $quotient]),
            lines: [$this->outer->line(...[...$factors, $quotient])],
        );
    }
}
