<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Style\Moving;

/** A number over one root, or over a power of one, that equals a number: 6/√x + 1 = 4. Both sides times the root. */
final readonly class RootBelow
{
    /**
     * @param Equation        $cleared  without the line
     * @param Expression      $term     the fraction
     * @param Expression      $root     what it is multiplied by
     * @param Expression|null $beside   a number beside the fraction
     * @param Rational        $value    what the fraction equals
     * @param bool            $isTurned whether the sides are exchanged for that
     */
    private function __construct(
        private Equation $equation,
        public Equation $cleared,
        private Expression $term,
        private Expression $root,
        private ?Expression $beside,
        private Rational $value,
        private bool $isTurned,
    ) {}

    /** Null where it is no such equation. */
    public static function of(Equation $equation, string $letter): ?self
    {
        return self::read($equation, $letter)
            ?? self::read(new Equation($equation->right, $equation->left), $letter, true);
    }

    private static function read(Equation $equation, string $letter, bool $isTurned = false): ?self
    {
        $terms = $equation->left->terms();
        $right = $equation->right->number();
        $open = array_values(array_filter($terms, static fn(Expression $term): bool => Letters::holds($term, $letter)));
        $term = $open[0] ?? null;
        $beside = array_values(array_filter($terms, static fn(Expression $one): bool => $one !== $term))[0] ?? null;
        $number = $beside === null ? Rational::zero() : $beside->number();
        if ($right === null || $number === null || $term === null || \count($open) > 1 || \count($terms) > 2) {
            return null;
        }
        $fraction = $term->bare();
        $isNegative = $term instanceof Negative;
        $front = Rational::one();
        if ($fraction instanceof Product && \count($fraction->factors) === 2) {
            // 2 · 1/√x, as a power with a minus in its exponent comes out.
            [$front, $fraction] = [$fraction->factors[0]->number() ?? Rational::zero(), $fraction->factors[1]];
        }
        $root = $fraction instanceof Quotient && $fraction->numerator->number() !== null
            ? self::root($fraction->denominator, $letter)
            : null;
        $value = $right->minus($number);
        if ($root === null || !$fraction instanceof Quotient || $value->isZero()) {
            return null;
        }
        $above = ($fraction->numerator->number() ?? Rational::zero())->times($front)->dividedBy($root[1]);
        $size = $value->absolute();
        $times = Product::withFront(Numeral::of($size), $root[0]);

        return $above->isZero() ? null : new self(
            $equation,
            new Equation(
                Numeral::of($isNegative ? $above->negated() : $above),
                $times->signed($value->isNegative()),
            ),
            $term,
            $root[0],
            $beside,
            $value,
            $isTurned,
        );
    }

    /** @return array{Expression, Rational}|null the root or its power, and the number it is multiplied by */
    private static function root(Expression $below, string $letter): ?array
    {
        $factors = $below->factors();
        $last = $factors[\count($factors) - 1];
        $base = $last->base();
        $number = \count($factors) === 1 ? Rational::one() : $factors[0]->number();
        $isOne = Inside::count($below, static fn(Node $part): bool => $part instanceof Root) === 1;

        return $base instanceof Root && Letters::holds($base, $letter) && $isOne && \count($factors) < 3
            && $number !== null && !$number->isZero() ? [$last, $number] : null;
    }

    /** @return non-empty-list<Step> */
    public function steps(Moving $moving): array
    {
        $alone = new Equation($this->term, Numeral::of($this->value));
        $move = new ToBothSides(Operation::Multiply, $this->root, [$this->root]);
        $both = new Equation(
            Product::apart([$this->term, $this->root]),
            Product::apart([$alone->right, $this->root]),
        );

        return [
            ...($this->isTurned ? [new Step(
                id: 'turn-sides',
                title: Message::of('factor.swap.title'),
                why: Message::of('powers.raised.below-swap'),
                lines: [Line::equivalent($this->equation, new SwapSides())],
            )] : []),
            ...($this->beside === null ? [] : [NumberBeside::taken(
                $this->equation,
                $this->beside,
                $alone,
                Message::of('powers.raised.below-beside'),
                $moving,
                isAsked: false,
            )]),
            new Step(
                id: 'clear-root',
                title: Message::of('powers.raised.below-title', ['root' => $this->root]),
                why: Message::of('powers.raised.below-why', ['root' => $this->root]),
                lines: $moving === Moving::Across
                    ? [Line::equivalent($this->cleared, $move)]
                    : [Line::equivalent($both, $move), Line::equivalent($this->cleared, new Rewrite())],
            ),
        ];
    }
}
