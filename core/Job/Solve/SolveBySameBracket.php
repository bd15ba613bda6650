<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\CommonBracket;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Move\Operation;
use Runel\Law\Move\Rewrite;
use Runel\Law\Move\SwapSides;
use Runel\Law\Move\ToBothSides;
use Runel\Message\Message;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Style\Moving;
use Runel\Working\BothSides;
use Runel\Working\Quadratic\Decimals;
use Runel\Working\TurnedBracket;

/**
 * An equation in which the same sum is a factor of every term, on one side or on both: taken out, never divided by,
 * and every factor set equal to 0.
 */
final readonly class SolveBySameBracket
{
    public function __construct(private QuadraticRoads $roads) {}

    /** Whether there is one, and a way for what is left. */
    public function isSeen(Task $task): bool
    {
        return self::common($task) !== null && $this->atZero($task)->open() === null;
    }

    public function demonstrate(Task $task): Demonstration
    {
        $equation = $task->problem->node;
        $common = self::common($task);
        if (!$equation instanceof Equation || $common === null) {
            throw new \LogicException('It was not seen.');
        }
        $factors = $this->atZero($task);
        [$solving, $solutions, $roots] = $factors->solved();
        [$sections, $answer] = Decimals::of(
            $task,
            [
                new Section(Phase::Reading, self::reading($equation, $common, $task->style->get(Moving::class))),
                new Section(Phase::Writing, [...self::turned($common), self::takenOut($common)]),
                ...$solving,
            ],
            $factors->answer($solutions),
            (string) $task->problem->letter(),
        );

        return new Demonstration(
            task: $task,
            job: SolveFamily::JOB,
            method: SolveByFactoring::ID,
            forecast: Forecast::of(
                sections: $sections,
                fractions: array_filter($solutions, FactorsAtZero::isFraction(...)) !== [],
                roots: $roots,
                advice: Message::of('structure.bracket.advice'),
            ),
            sections: $sections,
            answer: $answer,
            checking: static fn(): array => $factors->checks($solutions),
        );
    }

    /** Null where there is none, or nothing with the letter is left without it. */
    private static function common(Task $task): ?CommonBracket
    {
        return $task->once(self::class, static function () use ($task): ?CommonBracket {
            $equation = $task->problem->node;
            $whole = $task->problem->polynomial;
            $terms = $equation instanceof Equation ? self::terms($equation) : [];
            if ($task->problem->letter() === null || $whole === null || \count($terms) < 2
                || array_filter($whole->letters(), Monomial::isConstant(...)) !== []) {
                return null;
            }
            $common = CommonBracket::of($terms);
            $left = $common === null ? null : Polynomial::tryFrom(Sum::of($common->left));

            return $left === null || $left->isConstant() ? null : $common;
        });
    }

    /** @return list<Expression> all that is 0 in the end: of both sides, where neither is 0 */
    private static function terms(Equation $equation): array
    {
        $left = CommonBracket::terms($equation->left, $equation->right);
        $right = CommonBracket::terms($equation->right, $equation->left);

        return $left === [] ? $right : [...$left, ...self::opposite($right)];
    }

    /**
     * @param list<Expression> $terms
     *
     * @return list<Expression>
     */
    private static function opposite(array $terms): array
    {
        return array_map(static fn(Expression $term): Expression => $term->negated(), $terms);
    }

    /** @return list<Step> */
    private static function reading(Equation $equation, CommonBracket $common, Moving $moving): array
    {
        $isBoth = !$equation->left->isZero() && !$equation->right->isZero();
        $steps = [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: $isBoth && $common->opposite === null
                ? Message::of('solve.bracket.read-both', ['bracket' => $common->bracket])
                : TurnedBracket::read($common),
            lines: [Line::given($equation)],
        )];
        if ($isBoth) {
            $steps[] = new Step(
                id: 'one-side',
                title: Message::of('solve.bracket.one-side.title'),
                why: Message::of('solve.bracket.one-side.why', ['bracket' => $common->bracket]),
                lines: self::moved($equation, $moving),
                watch: Slip::RootLost,
            );
        } elseif ($equation->left->isZero()) {
            $steps[] = new Step(
                id: 'swap-sides',
                title: Message::of('factor.swap.title'),
                why: Message::of('solve.given.why-swap'),
                lines: [Line::equivalent(new Equation($equation->right, $equation->left), new SwapSides())],
            );
        }

        return $steps;
    }

    /** @return list<Line> what stands on the right taken from both sides */
    private static function moved(Equation $equation, Moving $moving): array
    {
        $right = $equation->right;
        $move = $right instanceof Negative
            ? new ToBothSides(Operation::Add, $right->operand)
            : new ToBothSides(Operation::Subtract, $right);
        $wanted = new Equation(Sum::of(self::terms($equation)), Numeral::of(0));
        [$own, $terms] = [
            CommonBracket::terms($equation->left, $right),
            CommonBracket::terms($right, $equation->left),
        ];
        $turned = self::opposite($terms);

        return $moving === Moving::Across ? [Line::equivalent($wanted, $move)] : [
            Line::equivalent(
                new Equation(BothSides::struck($own, $turned), BothSides::struck($terms, $turned)),
                $move,
            ),
            Line::equivalent($wanted, new Rewrite()),
        ];
    }

    /** @return list<Step> */
    private static function turned(CommonBracket $common): array
    {
        return $common->opposite === null ? [] : [TurnedBracket::step(
            $common,
            Line::equivalent(new Equation(Sum::of($common->terms), Numeral::of(0)), new Rewrite()),
        )];
    }

    private static function takenOut(CommonBracket $common): Step
    {
        $whole = Sum::of($common->terms);
        $written = Product::of([$common->bracket, Sum::of($common->left)]);
        $collected = Product::of(array_map(
            static fn(Polynomial $factor): Expression => $factor->toExpression(),
            self::factors($common),
        ));
        $lines = [];
        foreach ($collected->equals($written) ? [$written] : [$written, $collected] as $side) {
            $lines[] = Line::equivalent(new Equation($side, Numeral::of(0)), new Rewrite());
        }

        return new Step(
            id: 'common-bracket',
            title: Message::of('factor.common-bracket.title', ['bracket' => $common->bracket]),
            why: Message::of('structure.bracket.why', ['bracket' => $common->bracket]),
            lines: $lines,
            question: Question::form(
                Message::of('factor.common-bracket.ask'),
                new Identity($whole, $collected),
                $collected,
            ),
        );
    }

    /** @return array{Polynomial, Polynomial} */
    private static function factors(CommonBracket $common): array
    {
        return [Polynomial::fromExpression($common->bracket), Polynomial::fromExpression(Sum::of($common->left))];
    }

    private function atZero(Task $task): FactorsAtZero
    {
        $equation = $task->problem->node;
        $common = self::common($task);
        if (!$equation instanceof Equation || $common === null) {
            throw new \LogicException('It was not seen.');
        }
        [$bracket, $left] = self::factors($common);

        return new FactorsAtZero(
            [$bracket, $left],
            (string) $task->problem->letter(),
            $bracket->times($left),
            new Equation(Product::of([$bracket->toExpression(), $left->toExpression()]), Numeral::of(0)),
            $equation,
            $task,
            $this->roads,
        );
    }
}
