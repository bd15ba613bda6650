<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Working\Identities;
use Runel\Working\Outer;

/**
 * Sum and difference of two cubes, the difference of two squares in higher powers, and a fourth power to which a square
 * is added and taken away (S. Germain): one after another, until nothing of the kind is left.
 */
final class SpecialPowers extends SpecialStructure
{
    protected function look(Task $task, Polynomial $rest, Outer $outer): ?SeenStructure
    {
        $factors = [$rest];
        $steps = [];
        $kinds = [];
        for ($round = 0; $round < 6; ++$round) {
            $place = null;
            foreach ($factors as $at => $factor) {
                $found = self::found($factor);
                if ($found !== null) {
                    $place = $at;
                    [$kind, $roots, $parts] = $found;
                    array_splice($factors, $at, 1, $parts);
                    $kinds[] = $kind;
                    array_push($steps, ...self::steps($kind, $roots, $factor, $factors, $outer, \count($kinds)));
                    break;
                }
            }
            if ($place === null) {
                break;
            }
        }
        // What two squares alone come to is done as a quadratic already.
        if ($steps === [] || $rest->degree() < 3 && $kinds === ['difference']) {
            return null;
        }

        return new SeenStructure(
            [new Section(Phase::Writing, $steps)],
            $factors,
            Message::of("structure.special.advice-$kinds[0]"),
        );
    }

    /**
     * The first structure that fits: difference of squares before cubes.
     *
     * @return array{string, array{Term, Term}, non-empty-list<Polynomial>}|null its kind, what is raised, the factors
     */
    private static function found(Polynomial $whole): ?array
    {
        return self::ofTwo($whole) ?? self::cube($whole) ?? self::addedSquare($whole);
    }

    /**
     * A difference of two squares, a sum or a difference of two cubes.
     *
     * @return array{string, array{Term, Term}, non-empty-list<Polynomial>}|null its kind, what is raised, the factors
     */
    public static function ofTwo(Polynomial $whole): ?array
    {
        return self::squares($whole) ?? self::cubes($whole);
    }

    /**
     * p³ + 3p²q + 3pq² + q³, in whatever order.
     *
     * @return array{string, array{Term, Term}, non-empty-list<Polynomial>}|null
     */
    private static function cube(Polynomial $whole): ?array
    {
        foreach (\count($whole->terms) === 4 ? $whole->terms : [] as $place => $first) {
            foreach (\array_slice($whole->terms, $place + 1) as $last) {
                [$p, $q] = [
                    $first->coefficient->isNegative() ? null : $first->root(3),
                    ($last->coefficient->isNegative() ? $last->negated() : $last)->root(3),
                ];
                $second = $last->coefficient->isNegative() ? $q?->negated() : $q;
                $sum = $p === null || $second === null ? null : Polynomial::ofTerms([$p, $second], $whole->main);
                if ($p !== null && $second !== null && $sum !== null && \count($sum->terms) === 2
                    && $sum->times($sum)->times($sum)->equals($whole)) {
                    return ['cube', [$p, $second], [$sum, $sum, $sum]];
                }
            }
        }

        return null;
    }

    /** @return array{string, array{Term, Term}, non-empty-list<Polynomial>}|null */
    private static function squares(Polynomial $whole): ?array
    {
        if (\count($whole->terms) !== 2 || $whole->degree() < 2) {
            return null;
        }
        [$first, $second] = $whole->terms;
        if ($first->coefficient->isNegative() || !$second->coefficient->isNegative()) {
            return null;
        }
        [$p, $q] = [$first->root(2), $second->negated()->root(2)];

        return $p === null || $q === null ? null : ['difference', [$p, $q], [
            Polynomial::ofTerms([$p, $q->negated()], $whole->main),
            Polynomial::ofTerms([$p, $q], $whole->main),
        ]];
    }

    /** @return array{string, array{Term, Term}, non-empty-list<Polynomial>}|null */
    private static function cubes(Polynomial $whole): ?array
    {
        if (\count($whole->terms) !== 2 || $whole->degree() < 3) {
            return null;
        }
        [$first, $second] = $whole->terms;
        $isMinus = $second->coefficient->isNegative();
        [$p, $q] = [$first->root(3), ($isMinus ? $second->negated() : $second)->root(3)];
        if ($p === null || $q === null) {
            return null;
        }
        $mixed = $p->times($q);

        return [$isMinus ? 'cubes-minus' : 'cubes-plus', [$p, $q], [
            Polynomial::ofTerms([$p, $isMinus ? $q->negated() : $q], $whole->main),
            Polynomial::ofTerms(
                [$p->times($p), $isMinus ? $mixed : $mixed->negated(), $q->times($q)],
                $whole->main,
            ),
        ]];
    }

    /**
     * p⁴ + b p²q² + q⁴ = (p² + q²)² − (2 − b)p²q², where the second is a square;
     * so for p² − q² and −2 − b.
     *
     * @return array{string, array{Term, Term}, non-empty-list<Polynomial>}|null
     */
    private static function addedSquare(Polynomial $whole): ?array
    {
        $terms = $whole->terms;
        if (\count($terms) < 2 || \count($terms) > 3 || \count(FactoredPolynomial::of($whole)->factors) > 1) {
            return null;
        }
        $last = $terms[\count($terms) - 1];
        [$p, $q] = [$terms[0]->root(2), $last->root(2)];
        if ($p === null || $q === null || $p->monomial->degree < 2) {
            return null;
        }
        $double = new Term($p->coefficient->times($q->coefficient)->times(Rational::of(2)), $p->times($q)->monomial);
        $middle = \count($terms) === 3 ? $terms[1] : new Term(Rational::zero(), $double->monomial);
        if ($middle->monomial->key !== $double->monomial->key) {
            return null;
        }
        foreach ([[$q, $double], [$q->negated(), $double->negated()]] as [$second, $twice]) {
            $missing = new Term($twice->coefficient->minus($middle->coefficient), $double->monomial);
            $root = $missing->isZero() || $missing->coefficient->isNegative() ? null : $missing->root(2);
            if ($root !== null) {
                $square = Polynomial::ofTerms([$p, $second], $whole->main);
                $taken = Polynomial::ofTerms([$root]);

                return ['added', [$p, $second], [$square->minus($taken), $square->plus($taken)]];
            }
        }

        return null;
    }

    /**
     * @param array{Term, Term}          $roots
     * @param non-empty-list<Polynomial> $all   the whole after it
     *
     * @return non-empty-list<Step>
     */
    private static function steps(
        string $kind,
        array $roots,
        Polynomial $part,
        array $all,
        Outer $outer,
        int $number,
    ): array {
        if ($kind === 'cube') {
            return [self::cubeStep($roots, $part, $all, $outer, $number)];
        }
        [$p, $q] = array_map(static fn(Term $term): Expression => $term->toExpression(), $roots);
        $lines = [];
        $words = ['first' => $p, 'second' => $q, 'part' => $part->toExpression()];
        if ($kind === 'added') {
            $square = new Power(Sum::of([$p, $q]), Numeral::of(2));
            $added = Polynomial::fromExpression($square)->minus($part)->toExpression();
            $root = Polynomial::fromExpression($square)->minus($part)->terms[0]->root(2);
            $lines[] = Line::side($part->toExpression(), Sum::of([$square, new Negative($added)]));
            $words['added'] = $added;
            $words['second'] = $q->bare();
            if ($root !== null) {
                $lines[] = Line::side($added, new Power($root->toExpression(), Numeral::of(2)));
            }
        } else {
            [$product, $sum] = self::identity($kind, $part->letters());
            $lines[] = Line::side($sum, $product);
            $index = $kind === 'difference' ? 2 : 3;
            foreach ([[$p, $part->terms[0]], [$q, $part->terms[1]]] as [$root, $term]) {
                $size = $term->coefficient->isNegative() ? $term->negated() : $term;
                $power = new Power($root, Numeral::of($index));
                if (!$power->equals($size->toExpression()) && !$size->toExpression()->isOne()) {
                    $lines[] = Line::side($size->toExpression(), $power);
                }
            }
        }
        $lines[] = $outer->line(...array_map(
            static fn(Polynomial $factor): Expression => $factor->toExpression(),
            $all,
        ));
        $isCubes = $kind === 'cubes-plus' || $kind === 'cubes-minus';
        // Of first powers its discriminant is −3 times a square; of higher ones it may split.
        $isPrime = max($roots[0]->monomial->degree, $roots[1]->monomial->degree) === 1;

        return [new Step(
            id: "special-$number",
            title: Message::of("structure.special.title-$kind", $words),
            why: Message::of(match (true) {
                $isCubes => 'structure.special.why-cubes' . ($isPrime ? '-prime' : ''),
                $kind === 'added' && $q instanceof Negative => 'structure.special.why-added-minus',
                default => "structure.special.why-$kind",
            }, $words),
            lines: $lines,
            watch: match ($kind) {
                'cubes-plus' => Slip::PowerOfSumSplit,
                'cubes-minus' => Slip::CubesMiddle,
                default => null,
            },
        )];
    }

    /**
     * @param array{Term, Term}          $roots
     * @param non-empty-list<Polynomial> $all   the whole after it
     */
    private static function cubeStep(array $roots, Polynomial $part, array $all, Outer $outer, int $number): Step
    {
        [$p, $q] = array_map(static fn(Term $term): Expression => $term->toExpression(), $roots);
        $size = $q->bare();
        [$cube, $sum] = Identities::beside($part->letters())->cube($q instanceof Negative);
        $lines = [Line::side($sum, $cube)];
        [$two, $three] = [Numeral::of(2), Numeral::of(3)];
        foreach ([
            new Power($p, $three),
            Product::apart([$three, new Power($p, $two), $size]),
            Product::apart([$three, $p, new Power($size, $two)]),
            new Power($size, $three),
        ] as $written) {
            $worked = Polynomial::fromExpression($written)->toExpression();
            $lines = $written->equals($worked) ? $lines : [...$lines, Line::side($written, $worked)];
        }
        $others = array_values(array_filter($all, static fn(Polynomial $factor): bool => !$factor->equals($all[0])));
        $lines[] = $others === [] ? $outer->line(new Power(Sum::of([$p, $q]), $three)) : $outer->line(...array_map(
            static fn(Polynomial $factor): Expression => $factor->toExpression(),
            $all,
        ));

        return new Step(
            id: "special-$number",
            title: Message::of('structure.special.title-cube', ['part' => $part->toExpression()]),
            why: Message::of('structure.special.why-cube', ['first' => $p, 'second' => $q]),
            lines: $lines,
            watch: Slip::PowerOfSumSplit,
        );
    }

    /**
     * In letters that the problem does not use.
     *
     * @param list<string> $used
     *
     * @return array{Expression, Expression} the product and the sum
     */
    private static function identity(string $kind, array $used): array
    {
        $identities = Identities::beside($used);

        return $kind === 'difference' ? $identities->difference() : $identities->cubes($kind === 'cubes-minus');
    }
}
