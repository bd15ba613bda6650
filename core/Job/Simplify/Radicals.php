<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\Conjugate;
use Runel\Algebra\RootFactors;
use Runel\Algebra\SquareRoot;
use Runel\Algebra\SurdWritten;
use Runel\Demonstration\Answer\SimplifiedAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\SameTerms;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Method;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Number\Surd;
use Runel\Slip\Slip;
use Runel\Working\Quadratic\RootLines;

/** Numbers with roots: each root simplified, like roots collected, no square root left below a line. */
final readonly class Radicals implements Method
{
    /** So many fractions within factors lose the root below them. */
    private const MOST_WITHIN = 6;

    public function id(): string
    {
        return 'radicals';
    }

    public function job(): string
    {
        return SimplifyFamily::JOB;
    }

    public function refusal(Task $task): ?Refusal
    {
        $node = $task->problem->node;

        return $node instanceof Expression && (self::canGoOn($node) || self::withLetters($node) !== null)
            ? null
            : new MethodDoesNotApply(Message::of('simplify.radicals.refusal'));
    }

    private static function withLetters(Expression $whole): MonomialRoots|RootConjugate|null
    {
        return MonomialRoots::of($whole) ?? RootConjugate::of($whole);
    }

    /** Whether it is a number with square roots that is not written most simply. */
    public static function canGoOn(Expression $whole): bool
    {
        if (Letters::of($whole) !== [] || !Inside::holds($whole, Root::class) || Inside::holds($whole, Pi::class)) {
            return false;
        }
        $value = self::value($whole);

        return $value !== null && $value->isReal() && self::isShaped(self::prepared($whole)[1])
            && !self::isWritten(SurdWritten::of($value), $whole);
    }

    /** Whether the same terms stand there, in whatever order. */
    private static function isWritten(Expression $result, Expression $whole): bool
    {
        if ($result instanceof Quotient && $whole instanceof Quotient) {
            return $result->denominator->equals($whole->denominator)
                && self::isWritten($result->numerator, $whole->numerator);
        }

        return SameTerms::are($result, $whole);
    }

    public function demonstrate(Task $task): Demonstration
    {
        $node = $task->problem->node;
        $whole = $node instanceof Expression ? $node : throw new \LogicException('It is an expression.');
        $withLetters = self::withLetters($whole);
        if ($withLetters !== null) {
            return $withLetters->demonstrate($task, $this->id());
        }
        $value = self::value($whole) ?? throw new \LogicException('It was not refused.');
        $result = SurdWritten::of($value);
        [$steps, $reached] = self::prepared($whole);
        $cleared = \count(array_filter($steps, static fn(Step $step): bool => $step->watch !== null));
        $products = new RootProducts(self::product(...), self::collected(...));
        $multiplied = static fn(Expression $part): array => $products->multiplied($part);
        $rationalised = fn(Expression $part): array => $this->rationalised($part, $cleared);
        foreach ([$this->simplified(...), $this->joined(...), $multiplied, $rationalised] as $part) {
            [$own, $reached] = $part($reached);
            array_push($steps, ...$own);
        }
        $steps = SimplifyDemonstration::withoutResult($steps, $result);
        $isCollected = !$reached->equals($result);
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of('simplify.radicals.read'),
                lines: [Line::given($whole)],
            )]),
            ...($steps === [] ? [] : [new Section(Phase::Tidying, $steps)]),
            new Section(Phase::Finishing, [new Step(
                id: 'result',
                title: Message::of($isCollected && $reached instanceof Sum
                    ? 'simplify.radicals.collect.title'
                    : 'simplify.result.title'),
                why: Message::of(match (true) {
                    $isCollected && $reached instanceof Sum => 'simplify.radicals.collect.why',
                    !Inside::holds($result, Root::class) => 'simplify.radicals.result-why-none',
                    default => 'simplify.radicals.result-why',
                }),
                lines: [Line::result($result)],
                question: Question::expression(Message::of('simplify.ask'), new Identity($whole, $result), $result),
                watch: $isCollected && $reached instanceof Sum ? Slip::RootOfSumSplit : null,
            )]),
        ];

        return new Demonstration(
            task: $task,
            job: $this->job(),
            method: $this->id(),
            forecast: Forecast::of(
                sections: $sections,
                roots: $value->toRational() === null,
                advice: Message::of('simplify.radicals.advice'),
            ),
            sections: $sections,
            answer: new SimplifiedAnswer($result),
            checking: static fn(): array => [self::check($whole, $result, $value)],
        );
    }

    /**
     * What comes first within a product: a power with a negative exponent goes below a line, and in a sum that is a
     * factor no root stays below one.
     *
     * @return array{list<Step>, Expression}
     */
    private static function prepared(Expression $whole): array
    {
        $steps = [];
        $reached = Rewriter::everywhere($whole, static function (Node $node): ?Node {
            $exponent = $node instanceof Power ? $node->exponent->number()?->toInt() ?? 0 : 0;

            return $node instanceof Power && $exponent < 0 && Inside::holds($node->base, Root::class)
                ? new Quotient(Numeral::of(1), $exponent === -1
                    ? $node->base
                    : new Power($node->base, Numeral::of(-$exponent)))
                : null;
        });
        if (!$reached->equals($whole)) {
            $steps[] = new Step(
                id: 'turn-over',
                title: Message::of('simplify.turn-over.title'),
                why: Message::of('simplify.turn-over.why'),
                lines: [Line::equal($reached)],
            );
        }
        $cleared = 0;
        while ($cleared < self::MOST_WITHIN && ($fraction = self::rootBelowWithin($reached)) !== null) {
            $in = static fn(Expression $part): Expression => Rewriter::everywhere(
                $reached,
                static fn(Node $node): ?Node => $node->equals($fraction) ? $part : null,
            );
            [$steps[], $worked] = self::withoutRootBelow($fraction, $in, $cleared++);
            $reached = $in($worked);
        }

        return [$steps, $reached];
    }

    /** A fraction over a root in a sum that is a factor; null where there is none. */
    private static function rootBelowWithin(Expression $whole): ?Quotient
    {
        foreach ($whole->terms() as $term) {
            $factors = $term->bare()->factors();
            foreach ($factors as $factor) {
                $sum = $factor instanceof Power ? $factor->base : $factor;
                foreach ($sum instanceof Sum && $sum !== $whole ? $sum->terms : [] as $part) {
                    $fraction = $part->bare();
                    $isOver = $fraction instanceof Quotient && !Inside::holds($fraction, Sum::class)
                        && Inside::holds($fraction->denominator, Root::class);
                    if ($isOver && self::canLoseRoots(self::value($fraction->denominator))) {
                        return $fraction;
                    }
                }
            }
        }

        return null;
    }

    /** @return array{list<Step>, Expression} every root by itself, then the whole with what they are */
    private function simplified(Expression $whole): array
    {
        $steps = [];
        $known = [];
        foreach (self::roots($whole) as $root) {
            $radicand = $root->radicand->number();
            $square = $radicand === null ? null : SquareRoot::of($radicand);
            $lines = $square === null ? [] : RootLines::of($square);
            if ($square === null || $lines === []) {
                continue;
            }
            $known[] = [$root, $square->simplified()];
            $steps[] = new Step(
                id: 'root-' . (\count($known)),
                title: Message::of('simplify.radicals.root.title', ['root' => $root]),
                why: match (true) {
                    $square->isRational() => Message::of('simplify.radicals.root.why-whole'),
                    $radicand?->isInteger() === true => RootLines::why($square),
                    default => Message::of('simplify.radicals.root.why-fraction'),
                },
                lines: $lines,
                question: Question::expression(
                    Message::of('quadratic.simplify.ask', ['root' => $root]),
                    new Identity($root, $simple = $square->simplified()),
                    $simple,
                ),
                watch: Slip::RootNotSimplified,
            );
        }
        if ($known === []) {
            return [[], $whole];
        }
        $put = Rewriter::everywhere($whole, static function (Node $node) use ($known): ?Node {
            foreach ($known as [$root, $simple]) {
                if ($node instanceof Expression && $node->equals($root)) {
                    return $simple;
                }
            }

            return null;
        });
        if (!$put->equals($whole) && !$whole instanceof Root) {
            $steps[] = new Step(
                id: 'put',
                title: Message::of('simplify.radicals.put.title'),
                why: Message::of('simplify.radicals.put.why'),
                lines: array_map(Line::equal(...), $put instanceof Sum ? [$put, ...self::gathered($put)] : [$put]),
            );
        }

        return [$steps, $put];
    }

    /**
     * The numbers before each root multiplied, while like roots still stand apart.
     *
     * @return list<Expression> none where nothing is to be multiplied, or nothing is alike
     */
    private static function gathered(Sum $put): array
    {
        $terms = [];
        $roots = [];
        foreach ($put->terms as $term) {
            $value = self::isFlat($term) ? self::value($term) : null;
            if ($value === null || \count($value->parts) !== 1) {
                return [];
            }
            $terms[] = SurdWritten::of($value);
            $roots[] = array_key_first($value->parts);
        }
        $gathered = Sum::of($terms);
        $isAlike = \count(array_unique($roots)) < \count($roots);

        return !$isAlike || $gathered->equals($put) ? [] : [$gathered];
    }

    /** @return array{list<Step>, Expression} each term in which fractions are multiplied as one fraction */
    private function joined(Expression $whole): array
    {
        $terms = array_map(static function (Expression $term): Expression {
            $bare = $term->bare();
            $one = self::isShapedTerm($bare) ? $bare : OneFraction::of($bare) ?? $bare;

            return $term instanceof Negative ? new Negative($one) : $one;
        }, $whole->terms());
        $joined = Sum::of($terms);

        return $joined->equals($whole) ? [[], $whole] : [[new Step(
            id: 'one',
            title: Message::of('simplify.cancel.one.title'),
            why: Message::of('simplify.cancel.one.why'),
            lines: [Line::equal($joined)],
        )], $joined];
    }

    /**
     * @param int $before so many fractions were treated before
     *
     * @return array{list<Step>, Expression} each fraction with a root below it by itself
     */
    private function rationalised(Expression $whole, int $before): array
    {
        $steps = [];
        $terms = $whole->terms();
        foreach ($terms as $place => $term) {
            $in = static fn(Expression $part): Expression => RootProducts::inPlace($terms, $place, $part);
            $fraction = $term->bare();
            // Of three terms below, the first turn leaves two.
            while ($fraction instanceof Quotient && Inside::holds($fraction->denominator, Root::class)) {
                [$steps[], $fraction] = self::withoutRootBelow($fraction, $in, $before + \count($steps));
            }
            $whole = $in($fraction);
            $terms[$place] = $term instanceof Negative ? new Negative($fraction) : $fraction;
        }

        return [$steps, $whole];
    }

    /**
     * Above and below times what takes the root away below.
     *
     * @param \Closure(Expression): Expression $in     the whole, with a part in the fraction's place
     * @param int                              $before so many fractions were treated before
     *
     * @return array{Step, Expression} how, and what it becomes
     */
    private static function withoutRootBelow(Quotient $whole, \Closure $in, int $before): array
    {
        $below = self::value($whole->denominator) ?? throw new \LogicException('It was evaluated.');
        $number = $below->toRational();
        if ($number !== null) {
            return self::withNumberBelow($whole, $number, $in, $before);
        }
        $isOne = \count($below->parts) === 1;
        $parts = $below->parts;
        $by = $isOne
            ? new Root(Numeral::of((int) array_key_first($parts)), 2)
            : Conjugate::of($whole->denominator) ?? SurdWritten::of(self::conjugate($below));
        $product = $below->times(self::value($by) ?? $below);
        $above = self::value($whole->numerator)?->times(self::value($by) ?? $below)
            ?? throw new \LogicException('It was evaluated.');
        // 1 · √2 over √2 · √2: what is done above and below is to be seen.
        $times = static fn(Expression $side): Expression => $isOne && $side->terms() === [$side]
            ? Product::apart([...$side->factors(), $by])
            : Product::of([$side, $by]);
        $written = new Quotient($times($whole->numerator), $times($whole->denominator));
        $left = SurdWritten::of($product);
        $worked = $left->isOne() ? SurdWritten::of($above) : new Quotient(SurdWritten::of($above), $left);

        return [new Step(
            id: 'rationalise' . ($before === 0 ? '' : '-' . ($before + 1)),
            title: Message::of('simplify.radicals.below.title', ['by' => $by]),
            why: Message::of(match (true) {
                $isOne => 'simplify.radicals.below.why',
                $product->toRational() === null => 'simplify.radicals.below.why-fewer',
                default => 'simplify.radicals.below.why-conjugate',
            }),
            lines: [
                Line::equal($in($written)),
                Line::side($written->denominator, $left),
                Line::equal($in($worked)),
            ],
            watch: $isOne ? Slip::RootNotSimplified : Slip::ConjugateSign,
        ), $worked];
    }

    /**
     * What stands below is a number, though roots stand in it.
     *
     * @param \Closure(Expression): Expression $in
     *
     * @return array{Step, Expression}
     */
    private static function withNumberBelow(Quotient $whole, Rational $number, \Closure $in, int $before): array
    {
        $below = Numeral::of($number);
        $worked = $number->isOne() ? $whole->numerator : new Quotient($whole->numerator, $below);

        return [new Step(
            id: 'rationalise' . ($before === 0 ? '' : '-' . ($before + 1)),
            title: Message::of('simplify.radicals.below-number.title'),
            why: Message::of('simplify.radicals.below-number.why'),
            lines: [Line::side($whole->denominator, $below), Line::equal($in($worked))],
            watch: Slip::RootNotSimplified,
        ), $worked];
    }

    /**
     * Two terms multiplied: a root of the product of what stands under both, and that made simple.
     *
     * @return array{Expression, Expression}
     */
    private static function product(Expression $one, Expression $other): array
    {
        [$first, $second] = [self::value($one), self::value($other)];
        $product = $first === null || $second === null
            ? throw new \LogicException('It was evaluated.')
            : $first->times($second);
        $simple = SurdWritten::of($product);

        return [self::underOneRoot($first, $second) ?? $simple, $simple];
    }

    private static function collected(Expression $whole): Expression
    {
        return SurdWritten::of(self::value($whole) ?? throw new \LogicException('It was evaluated.'));
    }

    /** 3√2 times √6 as 3√12; null where either has more than one root, or both have the same. */
    private static function underOneRoot(Surd $first, Surd $second): ?Expression
    {
        $roots = [...array_keys($first->parts), ...array_keys($second->parts)];
        if (\count($roots) !== 2 || $roots[0] === $roots[1] || \in_array(1, $roots, true)) {
            return null;
        }
        $before = $first->parts[$roots[0]]->times($second->parts[$roots[1]]);
        $root = new Root(Numeral::of($roots[0] * $roots[1]), 2);
        $size = $before->absolute()->isOne() ? $root : Product::of([Numeral::of($before->absolute()), $root]);

        return $before->isNegative() ? new Negative($size) : $size;
    }

    /** @return list<Root> each once */
    private static function roots(Node $node): array
    {
        $roots = $node instanceof Root ? [$node] : [];
        foreach ($node->children() as $child) {
            foreach (self::roots($child) as $root) {
                if (array_filter($roots, static fn(Root $one): bool => $one->equals($root)) === []) {
                    $roots[] = $root;
                }
            }
        }

        return $roots;
    }

    /** Whether it has a form that is worked line by line here. */
    private static function isShaped(Expression $whole): bool
    {
        foreach (self::roots($whole) as $root) {
            $radicand = $root->radicand->number();
            $isSquare = $root->index === 2 && $radicand !== null && !$radicand->isNegative();
            if (!$isSquare || SquareRoot::of($radicand) === null) {
                return false;
            }
        }

        return self::isMadeOfTerms($whole);
    }

    private static function isMadeOfTerms(Expression $whole): bool
    {
        foreach ($whole->terms() as $term) {
            $bare = $term->bare();
            $one = self::isShapedTerm($bare) ? $bare : OneFraction::of($bare);
            if ($one === null || !self::isShapedTerm($one)) {
                return false;
            }
        }

        return true;
    }

    /** Whether a term is worked as it stands: a product, or a fraction whose denominator can lose its roots. */
    private static function isShapedTerm(Expression $term): bool
    {
        if (self::isFlat($term)) {
            return true;
        }
        if ($term instanceof Quotient) {
            return self::isMadeOfTerms($term->numerator) && self::isMadeOfTerms($term->denominator)
                && self::canLoseRoots(self::value($term->denominator));
        }
        $factors = RootFactors::of($term) ?? [];

        return $factors !== [] && array_filter(
            $factors,
            static fn(Expression $factor): bool => !self::isFlat($factor),
        ) === [];
    }

    /** Whether turning the sign of one root after the other comes to a number without any. */
    private static function canLoseRoots(?Surd $below): bool
    {
        if ($below === null || $below->isZero()) {
            return false;
        }
        if (\count($below->parts) < 2) {
            return true;
        }
        $product = self::conjugate($below)->times($below);

        return \count($product->parts) < \count($below->parts) && self::canLoseRoots($product);
    }

    /** A sum of numbers times roots, or such a product. */
    private static function isFlat(Expression $whole): bool
    {
        foreach ($whole->terms() as $term) {
            $bare = $term->bare();
            $isBelow = Inside::some($bare, static fn(Node $part): bool => $part instanceof Quotient
                && Inside::holds($part->denominator, Root::class));
            if ($isBelow || Inside::holds($bare, Sum::class)) {
                return false;
            }
        }

        return true;
    }

    /** The same with the sign of one root turned. */
    private static function conjugate(Surd $value): Surd
    {
        $parts = $value->parts;
        $root = max([1, ...array_keys($parts)]);

        return $value->minus(
            Surd::rational($parts[$root]->times(Rational::of(2)))->times(Surd::rootOf(Rational::of($root))),
        );
    }

    private static function value(Expression $whole): ?Surd
    {
        try {
            return Evaluation::at(new Surds(), [])->of($whole);
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }
    }

    private static function check(Expression $whole, Expression $result, Surd $value): Check
    {
        $squared = $value->times($value)->toRational();
        // A single root is checked by its square, anything else by its value.
        $isSingle = $squared !== null && !$result->isNumber();

        return new Check(
            kind: CheckKind::Substitution,
            title: Message::of('simplify.radicals.check.title'),
            why: match (true) {
                $isSingle => Message::of('simplify.radicals.check.why-square'),
                $result->number() !== null => Message::of('simplify.radicals.check.why-exact', ['value' => $result]),
                default => Message::of('simplify.radicals.check.why', [
                    'value' => Numeral::of(Rational::ofDecimal($value->toDecimal(3))->asDecimal()),
                ]),
            },
            lines: $isSingle
                ? [
                    Line::side(new Power($whole, Numeral::of(2)), Numeral::of($squared)),
                    Line::side(new Power($result, Numeral::of(2)), Numeral::of($squared)),
                ]
                : [Line::side($whole, $result)],
            holds: true,
        );
    }
}
