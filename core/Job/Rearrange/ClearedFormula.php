<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Algebra\LetteredQuadratic;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Move\Operation;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Embedded;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Slip\Slip;
use Runel\Working\Known;
use Runel\Working\LastLine;

/** A formula in which the wanted letter stands below a line, and which is a quadratic in it without: y = x + 1/x. */
final readonly class ClearedFormula
{
    /**
     * @param Expression $by       what both sides are multiplied by
     * @param Equation   $equation the formula without denominators
     * @param Task       $task     the same as a task of its own
     */
    private function __construct(
        private Equation $given,
        private Expression $by,
        private Equation $equation,
        public Task $task,
        public LetteredQuadratic $quadratic,
    ) {}

    /** Null of anything else. */
    public static function of(Task $task): ?self
    {
        return $task->once(self::class, static function () use ($task): ?self {
            $given = $task->problem->node;
            $subject = $task->problem->subject;
            if (!$given instanceof Equation || $subject === null) {
                return null;
            }
            $divisors = self::divisors($given);
            if (array_filter($divisors, static fn(Expression $one): bool => Letters::holds($one, $subject)) === []) {
                return null;
            }
            try {
                $equation = new Equation(
                    self::times($given->left, $divisors)->toExpression(),
                    self::times($given->right, $divisors)->toExpression(),
                );
                $own = new Task(Problem::of($equation, $subject), $task->style, $task->choices);
            } catch (NotPolynomial | DivisionByZero | Refusal) {
                return null;
            }
            $quadratic = Known::lettered($own);

            return $quadratic === null ? null : new self($given, Product::of($divisors), $equation, $own, $quadratic);
        });
    }

    /**
     * What is done first, then the work on the formula without denominators.
     *
     * @param non-empty-list<Section> $sections
     *
     * @return non-empty-list<Section>
     */
    public function before(array $sections): array
    {
        $words = ['by' => $this->by];

        return [
            new Section(Phase::Reading, [
                new Step(
                    id: 'read',
                    role: Role::Reading,
                    title: Message::of('factor.read.title'),
                    why: Message::of('rearrange.cleared.read', ['letter' => new Letter($this->quadratic->letter)]),
                    lines: [Line::given($this->given)],
                ),
                new Step(
                    id: 'clear',
                    title: Message::of('rearrange.cleared.title', $words),
                    why: Message::of('rearrange.cleared.why', $words),
                    lines: [Line::equivalent(
                        $this->equation,
                        new ToBothSides(Operation::Multiply, $this->by, [$this->by]),
                    )],
                    watch: Slip::FractionClearedOneTerm,
                ),
            ]),
            ...LastLine::ended(Embedded::onBranch($sections, 'cleared-', $this->equation, null, null)),
        ];
    }

    /** @return list<Expression> what stands below the lines of single terms, each once */
    private static function divisors(Equation $equation): array
    {
        $divisors = [];
        foreach ([...$equation->left->terms(), ...$equation->right->terms()] as $term) {
            $below = $term->bare()->below();
            $isKnown = $below === null || array_filter(
                $divisors,
                static fn(Expression $one): bool => $one->equals($below),
            ) !== [];
            $divisors = $isKnown ? $divisors : [...$divisors, $below];
        }

        return $divisors;
    }

    /**
     * A side times all divisors, multiplied out.
     *
     * @param list<Expression> $divisors
     *
     * @throws NotPolynomial  where something is left below a line
     * @throws DivisionByZero
     */
    private static function times(Expression $side, array $divisors): Polynomial
    {
        return Polynomial::fromExpression(Sum::of(array_map(static function (Expression $term) use (
            $divisors,
        ): Expression {
            $bare = $term->bare();
            $below = $bare->below();
            $others = array_filter($divisors, static fn(Expression $one): bool => $below?->equals($one) !== true);
            $product = Product::of([$bare->above(), ...array_values($others)]);

            return $product->signedLike($term);
        }, $side->terms())));
    }
}
