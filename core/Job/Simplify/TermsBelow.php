<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\RadicalSum;
use Runel\Algebra\RootFactors;
use Runel\Demonstration\Answer\SimplifiedAnswer;
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
use Runel\Expression\Pi;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\SameTerms;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;

/** Products of sums in which single terms stand below a line, as (x + 1/x)²: multiplied out and collected. */
final readonly class TermsBelow
{
    /** All exponents are whole. */
    private const PARTS = 1;

    /** @param list<Expression> $divisors what stands below a line */
    private function __construct(private Expression $whole, private Expression $result, private array $divisors) {}

    /** Null of anything else, and where nothing is multiplied. */
    public static function of(Task $task): ?self
    {
        return $task->once(self::class, static function () use ($task): ?self {
            $whole = $task->problem->node;
            if (!$whole instanceof Expression || $task->problem->polynomial !== null || Letters::of($whole) === []
                || Inside::holds($whole, Root::class) || Inside::holds($whole, Pi::class)) {
                return null;
            }
            $isProduct = static fn(Expression $term): bool => \count(RootFactors::of($term->bare()) ?? []) > 1;
            $divisors = self::divisors($whole);
            if ($divisors === null || array_filter($whole->terms(), $isProduct) === []) {
                return null;
            }
            $result = RadicalSum::of($whole, self::PARTS)?->toExpression();
            $result = $result === null ? null : Polynomial::tryFrom($result)?->toExpression() ?? $result;

            return $result === null || $result->equals($whole) ? null : new self($whole, $result, $divisors);
        });
    }

    /** @return list<Expression>|null what stands below lines, single terms all of them; null where a sum does */
    private static function divisors(Node $node): ?array
    {
        if ($node instanceof Quotient && Inside::holds($node, Sum::class)) {
            return null;
        }
        $divisors = $node instanceof Quotient && Letters::of($node->denominator) !== [] ? [$node->denominator] : [];
        foreach ($node->children() as $child) {
            $own = self::divisors($child);
            if ($own === null) {
                return null;
            }
            array_push($divisors, ...$own);
        }

        return $divisors;
    }

    /** Whether single terms stand there, above and below lines, no two of them alike. */
    public static function isCollected(Expression $line): bool
    {
        $sum = Inside::holds($line, Root::class) ? null : RadicalSum::of($line, self::PARTS)?->toExpression();

        return $sum !== null && SameTerms::are($sum, $line);
    }

    public function demonstration(Task $task, string $method): Demonstration
    {
        $products = new RootProducts(self::product(...), self::collected(...), 'simplify.terms.multiply-why');
        [$steps, $reached] = $products->multiplied($this->whole);
        $opened = Sum::of(array_merge(...array_map(
            static fn(Expression $term): array => $term instanceof Negative && $term->operand instanceof Sum
                ? array_map(static fn(Expression $part): Expression => $part->negated(), $term->operand->terms)
                : [$term],
            $reached->terms(),
        )));
        if (!$opened->equals($reached)) {
            $steps[] = new Step(
                id: 'minus',
                title: Message::of('simplify.terms.minus.title'),
                why: Message::of('simplify.terms.minus.why'),
                lines: [Line::equal($opened)],
                watch: Slip::MinusNotCarried,
            );
        }
        $steps = SimplifyDemonstration::withoutResult($steps, $this->result);
        $sections = [
            new Section(Phase::Reading, [
                new Step(
                    id: 'read',
                    role: Role::Reading,
                    title: Message::of('factor.read.title'),
                    why: Message::of('simplify.terms.read'),
                    lines: [Line::given($this->whole)],
                ),
                ...ExcludedValues::of($this->whole, $this->divisors)->steps(),
            ]),
            ...($steps === [] ? [] : [new Section(Phase::Multiplying, $steps)]),
            new Section(Phase::Finishing, [new Step(
                id: 'result',
                title: Message::of($opened->equals($this->result)
                    ? 'simplify.result.title'
                    : 'simplify.terms.collect.title'),
                why: Message::of($opened->equals($this->result)
                    ? 'simplify.terms.result-why'
                    : 'simplify.terms.collect.why'),
                lines: [Line::result($this->result)],
                question: Question::expression(
                    Message::of('simplify.ask'),
                    new Identity($this->whole, $this->result),
                    $this->result,
                ),
            )]),
        ];

        return new Demonstration(
            task: $task,
            job: SimplifyFamily::JOB,
            method: $method,
            forecast: Forecast::of(sections: $sections, advice: Message::of('simplify.terms.advice')),
            sections: $sections,
            answer: new SimplifiedAnswer($this->result),
            checking: fn(): array => [PutBeside::check($this->whole, $this->result)],
        );
    }

    /** @return array{Expression, Expression} two terms side by side, with the sign of both in front, and multiplied */
    private static function product(Expression $one, Expression $other): array
    {
        $size = Product::apart([$one->bare(), $other->bare()]);
        $isNegative = $one instanceof Negative !== $other instanceof Negative;

        return [$size->signed($isNegative), self::collected(Product::of([$one, $other]))];
    }

    private static function collected(Expression $whole): Expression
    {
        $sum = RadicalSum::of($whole, self::PARTS) ?? throw new \LogicException('It was read before.');

        return $sum->toExpression();
    }
}
