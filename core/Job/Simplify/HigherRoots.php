<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\NthRoot;
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
use Runel\Expression\Inside;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Slip\Slip;

/** Numbers with roots from the third on: each root made as small as it can be, like ones collected. */
final readonly class HigherRoots
{
    /**
     * @param Expression                              $whole as it stands
     * @param non-empty-list<array{Root, Expression}> $roots each once, and what it is simplified
     * @param Expression                              $put   each root replaced by what it is
     */
    private function __construct(private Expression $whole, private array $roots, private Expression $put) {}

    /** Null of anything else, and where it is written most simply. */
    public static function of(Expression $whole): ?self
    {
        if (Letters::of($whole) !== [] || Inside::holds($whole, Pi::class)) {
            return null;
        }
        $roots = [];
        foreach (self::roots($whole) as $root) {
            $simple = $root->index > 2 ? self::simple($root) : null;
            if ($simple === null) {
                return null;
            }
            $roots[] = [$root, $simple];
        }
        if ($roots === []) {
            return null;
        }
        $put = Rewriter::everywhere($whole, static function (Node $node) use ($roots): ?Node {
            foreach ($roots as [$root, $simple]) {
                if ($node instanceof Root && $node->equals($root)) {
                    return $simple;
                }
            }

            return null;
        });
        $self = new self($whole, $roots, $put);
        $result = $self->result();

        return $result === null || $result->equals($whole) ? null : $self;
    }

    public function demonstrate(Task $task, string $method): Demonstration
    {
        $result = $this->result() ?? throw new \LogicException('It was read before.');
        $steps = [];
        foreach ($this->roots as [$root, $simple]) {
            if (!$simple->equals($root)) {
                $steps[] = self::simplified($root, $simple, \count($steps) + 1);
            }
        }
        $isCollected = !$this->put->equals($result);
        if ($isCollected && !$this->put->equals($this->whole)) {
            $steps[] = new Step(
                id: 'put',
                title: Message::of('simplify.radicals.put.title'),
                why: Message::of('simplify.radicals.put.why'),
                lines: [Line::equal($this->put)],
            );
        }
        $isSum = $isCollected && $this->put instanceof Sum;
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of('simplify.radicals.read'),
                lines: [Line::given($this->whole)],
            )]),
            ...($steps === [] ? [] : [new Section(Phase::Tidying, $steps)]),
            new Section(Phase::Finishing, [new Step(
                id: 'result',
                title: Message::of($isSum ? 'simplify.radicals.collect.title' : 'simplify.result.title'),
                why: Message::of($isSum ? 'simplify.radicals.collect.why-index' : 'simplify.radicals.result-why-index'),
                lines: [Line::result($result)],
                question: Question::expression(
                    Message::of('simplify.ask'),
                    new Identity($this->whole, $result),
                    $result,
                ),
                watch: $isSum ? Slip::RootOfSumSplit : null,
            )]),
        ];

        return new Demonstration(
            task: $task,
            job: SimplifyFamily::JOB,
            method: $method,
            forecast: Forecast::of(
                sections: $sections,
                roots: Inside::holds($result, Root::class),
                advice: Message::of('simplify.radicals.advice'),
            ),
            sections: $sections,
            answer: new SimplifiedAnswer($result),
            checking: fn(): array => [$this->check($result)],
        );
    }

    private static function simplified(Root $root, Expression $simple, int $number): Step
    {
        $radicand = $root->radicand->number() ?? throw new \LogicException('A number stands under it.');
        $known = NthRoot::of($radicand->absolute(), $root->index) ?? throw new \LogicException('It was read before.');
        $lines = [];
        $before = $root;
        if ($radicand->isNegative()) {
            $before = new Negative($known->written());
            $lines[] = Line::side($root, $before);
        }
        $power = $known->coefficient->power($root->index);
        if ($radicand->isInteger() && !$known->isRational()) {
            $split = new Root(Product::apart([Numeral::of($power), Numeral::of($known->inside)]), $root->index);
            $split = $radicand->isNegative() ? new Negative($split) : $split;
            $lines[] = Line::side($before, $split);
            $before = $split;
        }

        return new Step(
            id: "root-$number",
            title: Message::of('simplify.radicals.root.title', ['root' => $root]),
            why: $known->isRational()
                ? Message::of('simplify.radicals.root.why-whole')
                : Message::of($radicand->isNegative()
                    ? 'simplify.radicals.root.why-minus'
                    : 'powers.simplify.why', ['index' => $root->index]),
            lines: [...$lines, ...($before->equals($simple) ? [] : [Line::side($before, $simple)])],
            question: Question::expression(
                Message::of('quadratic.simplify.ask', ['root' => $root]),
                new Identity($root, $simple),
                $simple,
            ),
            watch: Slip::RootNotSimplified,
        );
    }

    /** Like roots collected, in the order in which they stand; null where a term is more than a number and a root. */
    private function result(): ?Expression
    {
        $sums = [];
        $roots = [];
        foreach ($this->put->terms() as $term) {
            $read = self::term($term);
            if ($read === null) {
                return null;
            }
            [$number, $root] = $read;
            $key = $root === null ? '' : "$root->index {$root->radicand->number()}";
            $sums[$key] = ($sums[$key] ?? Rational::zero())->plus($number);
            $roots[$key] = $root;
        }
        $terms = [];
        foreach (array_filter($sums, static fn(Rational $sum): bool => !$sum->isZero()) as $key => $sum) {
            $size = self::written($sum->absolute(), $roots[$key]);
            $terms[] = $sum->isNegative() ? new Negative($size) : $size;
        }

        return $terms === [] ? Numeral::of(0) : Sum::of($terms);
    }

    private static function written(Rational $number, ?Root $root): Expression
    {
        if ($root === null) {
            return Numeral::of($number);
        }
        $top = $number->numerator();
        $size = $top->isOne() ? $root : Product::of([Numeral::of($top), $root]);

        return $number->isInteger() ? $size : new Quotient($size, Numeral::of($number->denominator()));
    }

    /** @return array{Rational, Root|null}|null a number, and the root it stands before */
    private static function term(Expression $term): ?array
    {
        if ($term instanceof Negative) {
            $read = self::term($term->operand);

            return $read === null ? null : [$read[0]->negated(), $read[1]];
        }
        $below = $term instanceof Quotient ? $term->denominator->number() : Rational::one();
        if ($below === null || $below->isZero()) {
            return null;
        }
        $above = $term instanceof Quotient ? $term->numerator : $term;
        $number = Rational::one();
        $root = null;
        foreach ($above->factors() as $factor) {
            $own = $factor->number();
            $inner = $own === null && !$factor instanceof Root ? self::term($factor) : null;
            if (($own === null && !$factor instanceof Root && ($inner === null || $factor->equals($above)))
                || ($root !== null && $own === null)) {
                return null;
            }
            $number = $number->times($own ?? $inner[0] ?? Rational::one());
            $root = $factor instanceof Root ? $factor : $inner[1] ?? $root;
        }

        return [$number->dividedBy($below), $root];
    }

    private static function simple(Root $root): ?Expression
    {
        $radicand = $root->radicand->number();
        if ($radicand === null || $radicand->isZero() || ($radicand->isNegative() && $root->index % 2 === 0)) {
            return null;
        }
        $simple = NthRoot::of($radicand->absolute(), $root->index)?->simplified();

        return $simple === null || !$radicand->isNegative()
            ? $simple
            : ($simple->number() === null ? new Negative($simple) : Numeral::of($simple->number()->negated()));
    }

    private function check(Expression $result): Check
    {
        $value = RealNumber::of($result) ?? throw new \LogicException('It is real.');

        return new Check(
            kind: CheckKind::Substitution,
            title: Message::of('simplify.radicals.check.title'),
            why: Message::of('simplify.radicals.check.why', [
                'value' => Numeral::of(Rational::ofDecimal($value->toDecimal(3))->asDecimal()),
            ]),
            lines: [Line::side($this->whole, $result)],
            holds: true,
        );
    }

    /** @return list<Root> each once */
    private static function roots(Node $node): array
    {
        $roots = $node instanceof Root ? [$node] : [];
        foreach ($node instanceof Root ? [] : $node->children() as $child) {
            foreach (self::roots($child) as $root) {
                $isKnown = array_filter($roots, static fn(Root $one): bool => $one->equals($root)) !== [];
                $roots = $isKnown ? $roots : [...$roots, $root];
            }
        }

        return $roots;
    }
}
