<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\CommonTerm;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Working\Outer;

/** Two pairs of terms with a factor in common that shows once a special form is written as a product. */
final readonly class PairsByIdentity
{
    /**
     * @param array{Expression, Expression}             $pairs   as they stand, the second without a minus before it
     * @param array{list<Polynomial>, list<Polynomial>} $left    what each pair is beside the bracket
     * @param array{list<Polynomial>, list<Polynomial>} $all     the factors of each, what is common to it first
     * @param bool                                      $isTaken whether the second pair is taken away
     */
    private function __construct(
        private array $pairs,
        public Polynomial $bracket,
        private array $left,
        private array $all,
        private bool $isTaken,
    ) {}

    /**
     * @param non-empty-list<Term> $first
     * @param non-empty-list<Term> $second
     * @param string               $main   the letter by which terms are put in order; empty where they tell
     */
    public static function of(array $first, array $second, string $main): ?self
    {
        $isTaken = $second[0]->coefficient->isNegative();
        $own = $isTaken ? array_map(static fn(Term $term): Term => $term->negated(), $second) : $second;
        $ways = array_map(
            static fn(array $pair): array => self::factors(Polynomial::ofTerms($pair, $main)),
            [$first, $own],
        );
        foreach ($ways[0] as $one) {
            foreach ($ways[1] as $other) {
                $isPlain = \count($one) === 2 && \count($other) === 2;
                $shared = $isPlain ? null : self::shared($one, $other);
                if ($shared !== null) {
                    [$place, $number, $turned] = $shared;

                    return new self(
                        [Term::sum($first), Term::sum($own)],
                        $one[$place],
                        [self::without($one, $place), self::without($turned, $number)],
                        [$one, $turned],
                        $isTaken,
                    );
                }
            }
        }

        return null;
    }

    /**
     * What stands beside the bracket once it is taken out, collected.
     */
    public function left(): Polynomial
    {
        [$one, $other] = array_map(self::multiplied(...), $this->left);

        return $this->isTaken ? $one->minus($other) : $one->plus($other);
    }

    /** @return non-empty-list<Step> */
    public function steps(Outer $outer): array
    {
        [$one, $other] = array_map(self::written(...), $this->all);
        $taken = Sum::of([$one, $other->signed($this->isTaken)]);
        $bracket = $this->bracket->toExpression();
        $beside = Sum::of([self::written($this->left[0]), self::written($this->left[1])->signed($this->isTaken)]);
        $left = $this->left()->toExpression();
        $sides = [];
        foreach ([[$this->pairs[0], $one], [$this->pairs[1], $other]] as [$pair, $product]) {
            $sides = $pair->equals($product) ? $sides : [...$sides, Line::side($pair, $product)];
        }

        return [
            new Step(
                id: 'take-out',
                title: Message::of('structure.grouping.identity.title'),
                why: Message::of('structure.grouping.identity.why', ['bracket' => $bracket]),
                lines: [...$sides, $outer->line($taken)],
            ),
            new Step(
                id: 'common-bracket',
                title: Message::of('factor.common-bracket.title', ['bracket' => $bracket]),
                why: Message::of('structure.bracket.why', ['bracket' => $bracket]),
                lines: $beside->equals($left)
                    ? [$outer->line($bracket, $left)]
                    : [$outer->line($bracket, $beside), $outer->line($bracket, $left)],
                question: Question::form(
                    Message::of('factor.common-bracket.ask'),
                    new Identity($taken, $accepted = Product::of([$bracket, $left])),
                    $accepted,
                ),
            ),
        ];
    }

    /** @return non-empty-list<non-empty-list<Polynomial>> what is common to the pair, then the factors of the rest */
    private static function factors(Polynomial $pair): array
    {
        $common = CommonTerm::of($pair);
        $term = $common->negative ? $common->term()->negated() : $common->term();
        $out = Polynomial::ofTerms([$term], $pair->main);
        $special = SpecialPowers::ofTwo($common->rest);

        return [[$out, $common->rest], ...($special === null ? [] : [[$out, ...$special[2]]])];
    }

    /**
     * @param non-empty-list<Polynomial> $one
     * @param non-empty-list<Polynomial> $other
     *
     * @return array{int, int, non-empty-list<Polynomial>}|null the place of the bracket in both, and the second's
     *                                                          factors, turned where it stood there with other signs
     */
    private static function shared(array $one, array $other): ?array
    {
        foreach ($one as $place => $factor) {
            foreach ($place === 0 ? [] : $other as $number => $own) {
                if ($number > 0 && ($factor->equals($own) || $factor->equals($own->negated()))) {
                    $turned = $factor->equals($own) ? $other : array_map(
                        static fn(Polynomial $part, int $at): Polynomial => $at === 0 || $at === $number
                            ? $part->negated()
                            : $part,
                        $other,
                        array_keys($other),
                    );

                    return [$place, $number, $turned];
                }
            }
        }

        return null;
    }

    /**
     * @param non-empty-list<Polynomial> $factors
     *
     * @return list<Polynomial>
     */
    private static function without(array $factors, int $place): array
    {
        unset($factors[$place]);

        return array_values($factors);
    }

    /** @param list<Polynomial> $factors */
    private static function multiplied(array $factors): Polynomial
    {
        return array_reduce(
            $factors,
            static fn(Polynomial $product, Polynomial $factor): Polynomial => $product->times($factor),
            Polynomial::constant(1),
        );
    }

    /** @param list<Polynomial> $factors the common term first, a minus of it before all */
    private static function written(array $factors): Expression
    {
        $front = $factors[0];
        $isNegative = $front->terms[0]->coefficient->isNegative() && \count($front->terms) === 1;
        $front = $isNegative ? $front->negated() : $front;
        $rest = \array_slice($factors, 1);
        $product = Product::of([
            ...($front->value()?->isOne() === true && $rest !== [] ? [] : $front->toExpression()->factors()),
            ...array_map(static fn(Polynomial $factor): Expression => $factor->toExpression(), $rest),
        ]);

        return $product->signed($isNegative);
    }
}
