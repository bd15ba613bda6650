<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

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
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
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
        $value = RadicalShape::value($whole);

        return $value !== null && $value->isReal() && RadicalShape::hasForm(self::prepared($whole)[1])
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
        $value = RadicalShape::value($whole) ?? throw new \LogicException('It was not refused.');
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
            $below = $node instanceof Power ? $node->turnedOver() : null;

            return $below !== null && Inside::holds($below, Root::class)
                ? new Quotient(Numeral::of(1), $below)
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
        while ($cleared < self::MOST_WITHIN && ($fraction = SurdBelow::within($reached)) !== null) {
            $in = static fn(Expression $part): Expression => Rewriter::everywhere(
                $reached,
                static fn(Node $node): ?Node => $node->equals($fraction) ? $part : null,
            );
            [$steps[], $worked] = SurdBelow::removed($fraction, $in, $cleared++);
            $reached = $in($worked);
        }

        return [$steps, $reached];
    }

    /** @return array{list<Step>, Expression} every root by itself, then the whole with what they are */
    private function simplified(Expression $whole): array
    {
        $steps = [];
        $known = [];
        foreach (RadicalShape::roots($whole) as $root) {
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
            $value = RadicalShape::isFlat($term) ? RadicalShape::value($term) : null;
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
            $one = RadicalShape::isShapedTerm($bare) ? $bare : OneFraction::of($bare) ?? $bare;

            return $one->signedLike($term);
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
                [$steps[], $fraction] = SurdBelow::removed($fraction, $in, $before + \count($steps));
            }
            $whole = $in($fraction);
            $terms[$place] = $fraction->signedLike($term);
        }

        return [$steps, $whole];
    }

    /**
     * Two terms multiplied: a root of the product of what stands under both, and that made simple.
     *
     * @return array{Expression, Expression}
     */
    private static function product(Expression $one, Expression $other): array
    {
        [$first, $second] = [RadicalShape::value($one), RadicalShape::value($other)];
        $product = $first === null || $second === null
            ? throw new \LogicException('It was evaluated.')
            : $first->times($second);
        $simple = SurdWritten::of($product);

        return [self::underOneRoot($first, $second) ?? $simple, $simple];
    }

    private static function collected(Expression $whole): Expression
    {
        return SurdWritten::of(RadicalShape::value($whole) ?? throw new \LogicException('It was evaluated.'));
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
        $size = Product::withFront(Numeral::of($before->absolute()), $root);

        return $size->signed($before->isNegative());
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
