<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\RadicalSum;
use Runel\Algebra\RadicalTerm;
use Runel\Algebra\RealNumber;
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
use Runel\Expression\FractionalPower;
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Integers;
use Runel\Number\Rational;
use Runel\Slip\Slip;

/**
 * Roots of single terms: of letters, and of numbers where one has an index from 3 on. They are joined, each is made as
 * small as it can be, none is left below a line, like ones are collected.
 */
final readonly class MonomialRoots
{
    /** Roots of which no common index up to here is found are not worked with. */
    private const LARGEST_INDEX = 24;

    /**
     * @param Expression $given as it stands
     * @param Expression $whole with roots for powers whose exponents are fractions
     * @param int        $parts a multiple of the indexes in it
     */
    private function __construct(
        private Expression $given,
        private Expression $whole,
        private int $parts,
        private Expression $result,
    ) {}

    /** Null of anything else, and where it is written most simply. */
    public static function of(Expression $given): ?self
    {
        $whole = FractionalPower::everywhere($given) ?? $given;
        $parts = 1;
        $roots = SimplifiedRoots::roots($whole);
        foreach ($roots as $root) {
            $parts = Integers::lcm($parts, $root->index);
        }
        // Square roots of numbers alone are worked otherwise.
        $isSquares = $parts === 2 && $whole === $given && Letters::of($whole) === [];
        if ($parts === 1 || $isSquares || $parts > self::LARGEST_INDEX || Inside::holds($whole, Pi::class)) {
            return null;
        }
        $sum = RadicalSum::of($whole, $parts);
        $indexes = array_map(static fn(Root $root): int => $root->index, $roots);
        if ($sum === null || $sum->mixesNumbers(...$indexes)) {
            return null;
        }
        $result = $whole->bare() instanceof Quotient ? $sum->overOne() : $sum->toExpression();

        // A minus may stand before the line as well as before every term.
        $bare = $given->bare();
        $isSimple = $given instanceof Negative && $bare instanceof Quotient
            && RadicalSum::of($bare, $parts)?->overOne()->equals($bare) === true;

        return $isSimple || $result->equals($given) ? null : new self($given, $whole, $parts, $result);
    }

    public function demonstrate(Task $task, string $method): Demonstration
    {
        $steps = $this->whole->equals($this->given) ? [] : [new Step(
            id: 'roots',
            title: Message::of('simplify.radicals.roots.title'),
            why: Message::of('simplify.radicals.roots.why'),
            lines: [Line::equal($this->whole)],
        )];
        $reached = $this->whole;
        $products = new RootProducts($this->product(...), $this->collected(...));
        $parts = [
            $this->joined(...),
            fn(Expression $part): array => SimplifiedRoots::of($part, $this->parts, $this->result),
            $this->fromBelow(...),
            $products->multiplied(...),
        ];
        foreach ($parts as $part) {
            [$own, $reached] = $part($reached);
            array_push($steps, ...$own);
        }
        $steps = SimplifyDemonstration::withoutResult($steps, $this->result);
        $isCollected = $reached instanceof Sum && !$reached->equals($this->result)
            && (Inside::holds($reached, Root::class) || Letters::of($reached) !== []);
        $hasLetters = Letters::of($this->whole) !== [];
        $isAssumed = $hasLetters && $this->parts % 2 === 0;
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of($isAssumed ? 'simplify.radicals.read-letters' : 'simplify.radicals.read'),
                lines: [Line::given($this->given)],
            )]),
            ...($steps === [] ? [] : [new Section(Phase::Tidying, $steps)]),
            new Section(Phase::Finishing, [$this->finished($isCollected)]),
        ];

        return new Demonstration(
            task: $task,
            job: SimplifyFamily::JOB,
            method: $method,
            forecast: Forecast::of(
                sections: $sections,
                roots: Inside::holds($this->result, Root::class),
                advice: Message::of('simplify.radicals.advice'),
            ),
            sections: $sections,
            answer: new SimplifiedAnswer($this->result),
            checking: fn(): array => [
                $hasLetters ? PutBeside::checkRoots($this->whole, $this->result) : $this->check(),
            ],
        );
    }

    private function finished(bool $isCollected): Step
    {
        return new Step(
            id: 'result',
            title: Message::of($isCollected ? 'simplify.radicals.collect.title' : 'simplify.result.title'),
            why: Message::of(match (true) {
                !$isCollected && !Inside::holds($this->result, Root::class) => 'simplify.radicals.result-why-none',
                !$isCollected => 'simplify.radicals.result-why-index',
                Letters::of($this->whole) !== [] => 'simplify.radicals.collect.why-letters',
                default => 'simplify.radicals.collect.why-index',
            }),
            lines: [Line::result($this->result)],
            question: Question::expression(
                Message::of('simplify.ask'),
                new Identity($this->given, $this->result),
                $this->result,
            ),
            watch: $isCollected ? Slip::RootOfSumSplit : null,
        );
    }

    /** @return array{list<Step>, Expression} in each term the roots of one index under one root */
    private function joined(Expression $whole): array
    {
        $apart = [];
        $worked = [];
        foreach ($whole->terms() as $term) {
            $under = $this->underOne($term->bare());
            foreach ([&$apart, &$worked] as $which => &$terms) {
                $part = $under[$which] ?? $term->bare();
                $terms[] = $part->signedLike($term);
            }
            unset($terms);
        }

        return Sum::of($worked)->equals($whole) ? [[], $whole] : [[new Step(
            id: 'join',
            title: Message::of('simplify.radicals.join.title'),
            why: Message::of('simplify.radicals.join.why'),
            lines: [Line::equal(Sum::of($apart)), Line::equal(Sum::of($worked))],
        )], Sum::of($worked)];
    }

    /**
     * @return array{Expression, Expression}|null side by side under one root, and multiplied there; null of a term in
     *                                            which no two roots of one index stand
     */
    private function underOne(Expression $term): ?array
    {
        [$top, $front] = self::apart($term->above());
        [$bottom, $below] = $term instanceof Quotient ? self::apart($term->denominator) : [[], []];
        $index = $top === [] ? 0 : $top[0]->index;
        $isOther = fn(Expression $factor): bool => $factor instanceof Root
            ? $factor->index !== $index
            : RadicalTerm::of($factor, $this->parts) === null;
        if ($index === 0 || \count($top) + \count($bottom) < 2
            || array_filter([...$top, ...$bottom, ...$front, ...$below], $isOther) !== []) {
            return null;
        }
        $over = self::radicands($top);
        $under = $bottom === [] ? $over : new Quotient($over, self::radicands($bottom));
        $worked = RadicalTerm::of($under, 1)?->toExpression();
        if ($worked === null) {
            return null;
        }
        $write = static function (Expression $under) use ($front, $below, $index): Expression {
            $above = Product::of([...$front, new Root($under, $index)]);

            return $below === [] ? $above : new Quotient($above, Product::of($below));
        };

        return [$write($under), $write($worked)];
    }

    /** @return array{list<Step>, Expression} above and below times the root that makes what stands below whole */
    private function fromBelow(Expression $whole): array
    {
        $steps = [];
        $terms = $whole->terms();
        foreach ($terms as $place => $term) {
            $fraction = $term->bare();
            $below = $fraction instanceof Quotient ? RadicalTerm::of($fraction->denominator, $this->parts) : null;
            if (!$fraction instanceof Quotient || $below === null || $below->index() === 1) {
                continue;
            }
            $by = self::rest($below);
            $worked = new Quotient(
                $this->collected(Product::of([$fraction->numerator, $by])),
                $this->collected(Product::of([$fraction->denominator, $by])),
            );
            $written = new Quotient(
                Product::apart([...$fraction->numerator->factors(), $by]),
                Product::apart([...$fraction->denominator->factors(), $by]),
            );
            $lines = [];
            foreach ([$written, $worked] as $part) {
                $terms[$place] = $part->signedLike($term);
                $lines[] = Line::equal(Sum::of(array_values($terms)));
            }
            $steps[] = new Step(
                id: 'below' . ($steps === [] ? '' : '-' . (\count($steps) + 1)),
                title: Message::of('simplify.radicals.below.title', ['by' => $by]),
                why: $below->index() === 2
                    ? Message::of('simplify.radicals.below.why')
                    : Message::of('simplify.radicals.below.why-index', ['index' => $below->index()]),
                lines: $lines,
                watch: Slip::RootNotSimplified,
            );
        }

        return [$steps, Sum::of(array_values($terms))];
    }

    /** The root that makes a root whole, with the same index. */
    private static function rest(RadicalTerm $below): Expression
    {
        $index = $below->index();
        $root = RadicalTerm::of(new Root($below->radicand(), $index), $index);

        // 1 over the root has it above, over a whole number.
        $inverse = $root?->power(-1) ?? throw new \LogicException('It was read before.');

        return new Root($inverse->radicand(), $index);
    }

    /** @return array{list<Root>, list<Expression>} the factors that are roots, and the others */
    private static function apart(Expression $product): array
    {
        $roots = [];
        $others = [];
        foreach ($product->factors() as $factor) {
            if ($factor instanceof Root) {
                $roots[] = $factor;
            } elseif ($factor instanceof Product && $factor !== $product) {
                [$ownRoots, $ownOthers] = self::apart($factor);
                array_push($roots, ...$ownRoots);
                array_push($others, ...$ownOthers);
            } elseif (!$factor->isOne()) {
                $others[] = $factor;
            }
        }

        return [$roots, $others];
    }

    /** @param non-empty-list<Root> $roots */
    private static function radicands(array $roots): Expression
    {
        $under = array_map(static fn(Root $root): Expression => $root->radicand, $roots);

        return \count($under) === 1 ? $under[0] : Product::apart($under);
    }

    /** @return array{Expression, Expression} */
    private function product(Expression $one, Expression $other): array
    {
        $product = $this->collected(Product::of([$one, $other]));

        return [$product, $product];
    }

    private function collected(Expression $whole): Expression
    {
        return (RadicalSum::of($whole, $this->parts) ?? throw new \LogicException('It was read before.'))
            ->toExpression();
    }

    private function check(): Check
    {
        $value = RealNumber::of($this->result) ?? throw new \LogicException('It is real.');

        return new Check(
            kind: CheckKind::Substitution,
            title: Message::of('simplify.radicals.check.title'),
            why: $this->result->number() !== null
                ? Message::of('simplify.radicals.check.why-exact', ['value' => $this->result])
                : Message::of('simplify.radicals.check.why', [
                    'value' => Numeral::of(Rational::ofDecimal($value->toDecimal(3))->asDecimal()),
                ]),
            lines: [Line::side($this->whole, $this->result)],
            holds: true,
        );
    }
}
