<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Figure\ArcsFigure;
use Runel\Demonstration\Figure\Total;
use Runel\Demonstration\Figure\WholeNumberTwinFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Term;
use Runel\Style\PlacesOrder;
use Runel\Working\FractionWork;

/**
 * Multiplying degree by degree: each coefficient of the answer at once, from the pairs whose exponents add to its
 * degree.
 */
final class ByDegree extends MultiplyMethod
{
    public function id(): string
    {
        return 'by-degree';
    }

    protected function refusalOf(MultiplicationPlan $plan): ?Message
    {
        foreach ($plan->worked() as $stage) {
            if ($stage->pair->letter === null) {
                return Message::of('arcs.refusal-letters');
            }
            if (!$stage->pair->placed) {
                return Message::of('arcs.refusal-single');
            }
        }

        return null;
    }

    protected function advice(MultiplicationPlan $plan): Message
    {
        $pair = $plan->worked()[0]->pair;

        return match (true) {
            \count($plan->worked()) > 1 => Message::of('arcs.advice-stages', [
                'count' => $plan->work(),
                'stages' => \count($plan->worked()),
            ]),
            $pair->isTwoBinomials() && $pair->product->degree() === 2 => Message::of('arcs.advice-small'),
            $pair->product->hasFractions() => Message::of('arcs.advice-fractions'),
            default => Message::of('arcs.advice', ['count' => \count($pair->groups)]),
        };
    }

    protected function work(Stage $stage, Task $task): array
    {
        $pair = $stage->pair;
        $degree = $pair->product->degree();
        $figure = ArcsFigure::blank(
            Steps::expressions($pair->leftTerms),
            Steps::expressions($pair->rightTerms),
            $pair->product->toExpression(),
        );
        $setUp = $pair->hasGaps() ? [Steps::gaps($stage, null)] : [];
        $places = Numeral::of($degree + 1);
        $counted = Sum::of([Numeral::of($pair->left->degree()), Numeral::of($pair->right->degree()), Numeral::of(1)]);
        $setUp[] = new Step(
            id: $stage->id('blanks'),
            title: Message::of('arcs.blanks.title', ['count' => $degree + 1]),
            why: Message::of(self::countsPowers($stage) ? 'arcs.blanks.why-powers' : 'arcs.blanks.why', [
                'left' => $pair->left->degree(),
                'right' => $pair->right->degree(),
                'degree' => $degree,
                'count' => $degree + 1,
                'letter' => new Letter($pair->letter ?? ''),
                'one' => new Power(new Letter($pair->letter ?? ''), Numeral::of(1)),
                'none' => new Power(new Letter($pair->letter ?? ''), Numeral::of(0)),
            ]),
            figure: $figure,
            question: Question::count(
                Message::of('arcs.blanks.ask'),
                new Identity($counted, $places),
                $places,
                $pair->product->toExpression(),
            ),
        );
        $twin = $stage->isLast() ? WholeNumberTwinFigure::of(
            $pair->left->coefficients($pair->letter ?? ''),
            $pair->right->coefficients($pair->letter ?? ''),
        ) : null;
        $steps = [];
        foreach (self::order($degree, $task->style->get(PlacesOrder::class)) as $power) {
            $figure = $figure->write(new Total($power, $pair->total($power)->toExpression()));
            $twin = $twin?->summed($power);
            $steps[] = $this->place($stage, $power, $degree, $figure, $twin);
        }
        $sections = [
            $stage->section(Phase::SettingUp, $setUp),
            $stage->section(
                Phase::Multiplying,
                $steps,
                Message::of('outcome.places', ['count' => \count($steps)]),
            ),
            $stage->section(Phase::Collecting, [Steps::standardForm($stage, $figure->quiet())]),
        ];
        if ($twin !== null) {
            $sections[] = $stage->section(Phase::Twin, $this->twin($stage, $twin));
        }

        return $sections;
    }

    /** Whether a letter without an exponent and a lone number stand there: how they count is said once. */
    private static function countsPowers(Stage $stage): bool
    {
        $degrees = array_map(
            static fn(Term $term): ?int => $term->coefficient->isZero() ? null : $term->monomial->degree,
            [...$stage->pair->leftTerms, ...$stage->pair->rightTerms],
        );

        return $stage->number === 1 && \in_array(0, $degrees, true) && \in_array(1, $degrees, true);
    }

    /** @return non-empty-list<int> the powers in the order in which their places are filled */
    private static function order(int $degree, PlacesOrder $order): array
    {
        if ($order === PlacesOrder::Falling) {
            return range($degree, 0);
        }
        $inner = $degree > 1 ? range($degree - 1, 1) : [];
        if ($order === PlacesOrder::Inwards) {
            // From both ends: the place with the most pairs comes last.
            usort($inner, static fn(int $one, int $other): int => [min($one, $degree - $one), -$one]
                <=> [min($other, $degree - $other), -$other]);
        }

        return [$degree, 0, ...$inner];
    }

    private function place(
        Stage $stage,
        int $power,
        int $degree,
        ArcsFigure $figure,
        ?WholeNumberTwinFigure $twin,
    ): Step {
        $pair = $stage->pair;
        $pairs = self::making($pair, $power);
        $terms = array_map(static fn(array $one): Term => $one[0]->times($one[1]), $pairs);
        $products = array_map(
            static fn(array $one): Expression => Product::apart([$one[0]->toExpression(), $one[1]->toExpression()]),
            $pairs,
        );
        $total = $pair->total($power);
        $name = match ($power) {
            $degree => 'first',
            0 => 'last',
            1 => 'single',
            default => 'middle',
        };
        $parameters = [
            'degree' => $power,
            'count' => \count($products),
            'letter' => $pair->groups[$power]->toExpression(),
        ];
        $sum = Sum::of($products);
        $written = new Marked($total->toExpression(), Mark::ofDegree($power));
        $lines = [];
        $worked = Term::sum($terms);
        if (\count($terms) === 1) {
            $lines = FractionWork::product(...[...$pairs[0], $sum, $written]);
        } elseif ($terms !== []) {
            $common = FractionWork::toCommonDenominator($terms);
            $lines = FractionWork::chain($sum, [$worked, ...$common], $written);
        }

        return new Step(
            id: $stage->id("degree-$power"),
            title: Message::of("arcs.place.title-$name", $parameters),
            why: Message::of(\count($products) === 0 ? 'arcs.place.why-none' : "arcs.place.why-$name", $parameters),
            lines: $lines,
            figure: $figure,
            question: $products === [] ? null : Question::form(
                Message::of('arcs.place.ask', $parameters),
                new Identity($sum, $accepted = $total->toExpression()),
                $accepted,
            ),
            aside: $twin,
        );
    }

    /** @return list<array{Term, Term}> the terms of both factors that make a power together */
    private static function making(Pair $pair, int $power): array
    {
        $pairs = [];
        foreach ($pair->leftTerms as $left) {
            foreach ($pair->rightTerms as $right) {
                $isThere = !$left->isZero() && !$right->isZero();
                if ($isThere && $left->monomial->degree + $right->monomial->degree === $power) {
                    $pairs[] = [$left, $right];
                }
            }
        }

        return $pairs;
    }

    /** @return non-empty-list<Step> the same with 10 for the letter: only the carrying is new */
    private function twin(Stage $stage, WholeNumberTwinFigure $twin): array
    {
        [$steps, $whole] = WholeNumberPlaces::steps(
            $twin,
            static fn(int $power): string => $stage->id("twin-$power"),
        );

        return [
            new Step(
                id: $stage->id('twin'),
                title: Message::of('arcs.twin.title', ['left' => $twin->left(), 'right' => $twin->right()]),
                why: Message::of('arcs.twin.why', ['letter' => $stage->pair->letter ?? '']),
                figure: $twin->quiet(),
            ),
            ...$steps,
            new Step(
                id: $stage->id('twin-product'),
                title: Message::of('places.product.title'),
                why: Message::of('places.product.why'),
                lines: [Line::side(Product::of(
                    [Numeral::of($twin->left()), Numeral::of($twin->right())],
                ), Numeral::of($twin->product()))],
                figure: $whole,
            ),
        ];
    }
}
