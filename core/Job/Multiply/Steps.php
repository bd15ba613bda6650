<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Working\FractionWork;

/** The steps that several ways to multiply have in common. */
final class Steps
{
    /**
     * One single product, with the working of fractions.
     *
     * @return non-empty-list<Line> the last ends in the product
     */
    public static function productLines(Term $left, Term $right): array
    {
        return FractionWork::product(
            $left,
            $right,
            Product::apart([$left->toExpression(), $right->toExpression()]),
            new Marked($left->times($right)->toExpression(), Mark::written()),
        );
    }

    /**
     * Of some pairs, the first in which exponents add and a letter stands without one, and the first in which a number
     * alone meets a letter: there it is said how they count.
     *
     * @param list<array{Term, Term}> $pairs in the order in which they are multiplied
     *
     * @return list<array{Term, Term}>
     */
    public static function counted(Stage $stage, array $pairs): array
    {
        $first = [];
        foreach ($stage->number === 1 ? $pairs : [] as [$left, $right]) {
            $degrees = [$left->monomial->letters()->degree, $right->monomial->letters()->degree];
            $kind = match (true) {
                $left->monomial->letters()->sharesLetterWith($right->monomial->letters()) =>
                    \in_array(1, $degrees, true) ? 'letter' : null,
                min($degrees) === 0 && max($degrees) > 0 => 'number',
                default => null,
            };
            if ($kind !== null) {
                $first[$kind] ??= [$left, $right];
            }
        }

        // Where no exponents add, there is nothing to count.
        return isset($first['letter']) ? array_values($first) : [];
    }

    /** Sign, then number, then letter. */
    private static function productWhy(Term $left, Term $right, bool $isCounted): Message
    {
        $signs = match (true) {
            !$left->coefficient->isNegative() && !$right->coefficient->isNegative() => 'both-plus',
            $left->coefficient->isNegative() && $right->coefficient->isNegative() => 'both-minus',
            default => 'mixed',
        };
        [$own, $other] = [$left->monomial->letters(), $right->monomial->letters()];
        $letters = $own->times($other)->exponents === []
            ? 'none'
            : match (true) {
                $own->sharesLetterWith($other) => $isCounted ? 'added-counted' : 'added',
                $own->degree > 0 && $other->degree > 0 => 'joined',
                default => $isCounted ? 'kept-counted' : 'kept',
            };
        [$first, $second] = array_map(
            static fn(Term $term): Term => new Term($term->coefficient->absolute(), $term->monomial->constants()),
            [$left, $right],
        );
        $isOne = static fn(Term $number): bool => $number->toExpression()->isOne();

        return Message::of('product.cell-why', [
            'sign' => Message::of('product.sign.' . $signs),
            'number' => Message::of(match (true) {
                $isOne($first) && $isOne($second) => 'product.number.one',
                $isOne($first), $isOne($second) => 'product.number.kept',
                FractionWork::has($left, $right)
                    && !$left->coefficient->isInteger()
                    && !$right->coefficient->isInteger() => 'product.number.fraction',
                default => 'product.number.product',
            }, [
                'left' => $first->toExpression(),
                'right' => $second->toExpression(),
                'product' => $first->times($second)->toExpression(),
            ]),
            'letters' => Message::of('product.letters.' . $letters, [
                'left' => $own->toExpression(),
                'right' => $other->toExpression(),
                'product' => $own->times($other)->toExpression(),
            ] + match ($letters) {
                'added-counted' => [
                    'letter' => $letter = ($own->degree === 1 ? $own : $other)->toExpression(),
                    'one' => new Power($letter, Numeral::of(1)),
                ],
                'kept-counted' => ['none' => new Power(
                    new Letter((string) array_key_first(($own->degree > 0 ? $own : $other)->exponents)),
                    Numeral::of(0),
                )],
                default => [],
            }),
        ]);
    }

    /**
     * One single product worked out.
     *
     * @param bool $isCounted whether it is said that a letter without an exponent counts as its first power
     */
    public static function product(
        string $id,
        Message $title,
        Term $left,
        Term $right,
        ?Figure $figure,
        bool $isCounted = false,
    ): Step {
        $asked = Product::apart([$left->toExpression(), $right->toExpression()]);
        $product = $left->times($right)->toExpression();

        return new Step(
            id: $id,
            title: $title,
            why: self::productWhy($left, $right, $isCounted),
            lines: self::productLines($left, $right),
            figure: $figure,
            question: Question::form(
                Message::of('product.cell-ask', ['product' => $asked]),
                new Identity($asked, $product),
                $product,
            ),
            watch: self::productWatch($left, $right),
        );
    }

    private static function productWatch(Term $left, Term $right): ?Slip
    {
        return match (true) {
            $left->coefficient->isNegative() || $right->coefficient->isNegative() => Slip::SignOfProduct,
            !$left->monomial->sharesLetterWith($right->monomial) => null,
            $left->monomial->degree > 1 && $right->monomial->degree > 1 => Slip::ExponentsMultiplied,
            default => Slip::ExponentsNotAdded,
        };
    }

    /**
     * One kind of like terms added up.
     *
     * @param list<Term> $terms what is added; zeros are left out of the line
     */
    public static function collect(
        string $id,
        array $terms,
        Term $total,
        int $ink,
        Message $title,
        ?Figure $figure,
    ): Step {
        $terms = self::withoutZeros($terms);
        $negatives = \count(array_filter($terms, static fn(Term $term): bool => $term->coefficient->isNegative()));
        $mixed = $negatives > 0 && $negatives < \count($terms);
        if ($terms === []) {
            return new Step(id: $id, title: $title, why: Message::of('product.collect.why-nothing'), figure: $figure);
        }
        $common = FractionWork::toCommonDenominator($terms);
        $asked = Term::sum($terms);
        $why = match (true) {
            \count($terms) === 1 => 'product.collect.why-alone',
            $total->isZero() => \count($terms) > 2
                ? 'product.collect.why-cancel-together'
                : 'product.collect.why-cancel',
            $common !== [] => 'product.collect.why-fractions',
            $mixed => 'product.collect.why-mixed',
            default => 'product.collect.why-same',
        };

        return new Step(
            id: $id,
            title: $title,
            why: Message::of($why, ['total' => $total->toExpression(), 'count' => \count($terms)]),
            lines: self::collectLines($terms, $total, $ink),
            figure: $figure,
            question: \count($terms) === 1 ? null : Question::form(
                Message::of('product.collect.ask', ['sum' => $asked]),
                new Identity($asked, $accepted = $total->toExpression()),
                $accepted,
            ),
            watch: match (true) {
                $total->isZero() => null,
                $mixed => Slip::LargerSignLost,
                $negatives > 0 && \count($terms) > 1 => Slip::SignsIgnored,
                \count($terms) > 2 => Slip::TermMissed,
                default => null,
            },
            aside: $mixed ? Heaps::figure($terms, $total) : null,
        );
    }

    /**
     * @param list<Term> $terms what is added; zeros are left out
     *
     * @return list<Line> none where there is only one
     */
    public static function collectLines(array $terms, Term $total, int $ink): array
    {
        $terms = self::withoutZeros($terms);
        if (\count($terms) < 2) {
            return [];
        }
        $sum = Sum::of(array_map(static fn(Term $term): Expression => new Marked(
            $term->toExpression(),
            Mark::ofDegree($ink),
        ), $terms));

        return FractionWork::chain(
            $sum,
            FractionWork::toCommonDenominator($terms),
            new Marked($total->toExpression(), Mark::written()),
        );
    }

    /**
     * @param list<Term> $terms
     *
     * @return list<Term>
     */
    private static function withoutZeros(array $terms): array
    {
        return array_values(array_filter($terms, static fn(Term $term): bool => !$term->isZero()));
    }

    /** A minus in front of a whole: every term of it changes its sign. */
    public static function turn(Stage $stage): Step
    {
        $pair = $stage->pair;
        $whole = Pair::isMinusOne($pair->left) ? $pair->right : $pair->left;
        $turned = $pair->product->toExpression();

        return new Step(
            id: $stage->id('turn'),
            title: Message::of('product.turn.title'),
            why: Message::of('product.turn.why', ['count' => \count($whole->terms)]),
            lines: [$stage->closing()],
            question: Question::form(
                Message::of('product.turn.ask'),
                new Identity(new Negative($whole->toExpression()), $turned),
                $turned,
            ),
            watch: \count($whole->terms) > 1 ? Slip::MinusNotCarried : null,
        );
    }

    /**
     * The stage's closing step: the terms in falling order, zeros gone.
     *
     * @param bool $hasPlaces whether a missing power stood in the work as a 0
     */
    public static function standardForm(Stage $stage, ?Figure $figure, bool $hasPlaces = true): Step
    {
        $next = ($stage->rest[0] ?? null) === null || !Pair::isMinusOne($stage->rest[0]) ? 'next' : 'turned';
        $kinds = $hasPlaces ? \count($stage->pair->groups) : $stage->pair->kinds();
        $missing = $kinds - \count($stage->pair->product->terms);

        $accepted = $stage->pair->product->toExpression();
        $factors = Product::of([$stage->pair->left->toExpression(), $stage->pair->right->toExpression()]);

        return new Step(
            id: $stage->id('standard-form'),
            title: Message::of($stage->isLast() ? 'product.standard.title' : "product.standard.title-$next"),
            why: Message::of(
                $stage->isLast()
                    ? ($missing > 0 ? 'product.standard.why-gone' : 'product.standard.why')
                    : "product.standard.why-$next",
            ),
            lines: [$stage->closing()],
            figure: $figure,
            question: Question::form(
                Message::of('product.standard.ask'),
                new Identity($factors, $accepted),
                $accepted,
            ),
        );
    }

    /** Every missing power written in with a 0. */
    public static function gaps(Stage $stage, ?Figure $figure): Step
    {
        $pair = $stage->pair;
        $written = Product::of([Sum::of(
            self::expressions($pair->leftTerms, true),
        ), Sum::of(self::expressions($pair->rightTerms, true))]);

        return new Step(
            id: $stage->id('gaps'),
            title: Message::of('product.gaps.title'),
            why: Message::of('product.gaps.why'),
            lines: [Line::equal($stage->whole($written))],
            figure: $figure,
            watch: Slip::MissingPlaceholder,
        );
    }

    /**
     * @param list<Term> $terms
     *
     * @return list<Expression> placeholders marked as just written on request
     */
    public static function expressions(array $terms, bool $markZeros = false): array
    {
        return array_map(static fn(Term $term): Expression => $markZeros && $term->isZero()
            ? new Marked($term->toExpression(), Mark::written())
            : $term->toExpression(), $terms);
    }
}
