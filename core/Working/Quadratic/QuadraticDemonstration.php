<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\Quadratic;
use Runel\Demonstration\Answer\Answer;
use Runel\Demonstration\Answer\AnswerType;
use Runel\Demonstration\Answer\SolutionsAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\CurveFigure;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Method\Method;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Working\Arithmetic;
use Runel\Working\Known;

/** What all roads to the solutions of a quadratic share: the forecast and the checks. */
final class QuadraticDemonstration
{
    /** @param non-empty-list<Section> $sections */
    public static function of(
        Task $task,
        Quadratic $quadratic,
        Method $method,
        array $sections,
        Answer $answer,
        bool $roots,
        Message $advice,
    ): Demonstration {
        $sections = self::drawn($sections, $quadratic, $answer);
        [$sections, $answer] = Decimals::of($task, $sections, $answer, $quadratic->letter);
        $fractions = array_filter(
            [$quadratic->b->dividedBy($quadratic->a), $quadratic->c->dividedBy($quadratic->a)],
            static fn($value): bool => !$value->isInteger(),
        ) !== [];

        return new Demonstration(
            task: $task,
            job: $method->job(),
            method: $method->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: $fractions,
                roots: $roots,
                advice: $advice,
            ),
            sections: $sections,
            answer: $answer,
            checking: static fn(): array => self::checks($task, $quadratic, $answer),
        );
    }

    /**
     * The parabola beside the last step: its numbers are the step's.
     *
     * @param non-empty-list<Section> $sections
     *
     * @return non-empty-list<Section>
     */
    private static function drawn(array $sections, Quadratic $quadratic, Answer $answer): array
    {
        $polynomial = Polynomial::ofCoefficients($quadratic->letter, [$quadratic->a, $quadratic->b, $quadratic->c]);
        $place = $quadratic->b->negated()->dividedBy(Rational::of(2)->times($quadratic->a));
        $value = $quadratic->discriminant()->negated()->dividedBy(Rational::of(4)->times($quadratic->a));
        $curve = new CurveFigure(
            $quadratic->letter,
            $polynomial->toExpression(),
            Numeral::of($place),
            Numeral::of($value),
            Numeral::of($quadratic->c),
            $answer instanceof SolutionsAnswer && !$quadratic->discriminant()->isNegative()
                ? $answer->solutions()
                : [],
        );
        $last = $sections[\count($sections) - 1];
        $steps = $last->steps;
        $step = array_pop($steps);
        $sections[\count($sections) - 1] = $step === null ? $last : $last->withSteps([
            ...$steps,
            $step->withFigure($curve),
        ]);

        return array_values($sections);
    }

    /** @return non-empty-list<Check> */
    private static function checks(Task $task, Quadratic $quadratic, Answer $answer): array
    {
        $checks = [];
        $solutions = [];
        $node = $answer->node();
        $equations = $node instanceof Alternatives ? $node->equations : ($node instanceof Equation ? [$node] : []);
        $original = $task->problem->node;
        if ($answer->type() === AnswerType::Solutions && $original instanceof Equation) {
            foreach ($equations as $equation) {
                $solutions[] = $equation->right;
                $checks[] = self::substituted($original, $quadratic->letter, $equation->right);
            }
        }
        if (\count($solutions) === 2) {
            $checks[] = self::sumAndProduct($quadratic, $solutions[0], $solutions[1]);
        }
        $checks[] = self::discriminant($task, $quadratic);

        return $checks;
    }

    /** A solution put into the original, both sides worked out apart. */
    public static function substituted(Equation $equation, string $letter, Expression $solution): Check
    {
        $lines = [];
        foreach ([$equation->left, $equation->right] as $side) {
            $put = Substitution::into($side, $letter, $solution);
            if ($put !== $side) {
                array_push($lines, ...self::workedOut($put));
            }
        }
        if ($lines === []) {
            // Roots too large to be multiplied out line by line: both sides are compared as they stand.
            $lines[] = Line::side(
                Substitution::into($equation->left, $letter, $solution),
                Substitution::into($equation->right, $letter, $solution),
            );
        }

        return new Check(
            kind: CheckKind::Substitution,
            title: Message::of('quadratic.check.put', ['solution' => $solution]),
            why: Message::of('check.solution.why'),
            lines: $lines,
            holds: true,
        );
    }

    /** @return list<Line> */
    private static function workedOut(Expression $written): array
    {
        try {
            return Arithmetic::lines($written);
        } catch (NoExactValue) {
            return RootArithmetic::lines($written);
        }
    }

    private static function sumAndProduct(Quadratic $quadratic, Expression $first, Expression $second): Check
    {
        $like = $quadratic->like();
        $sum = Numeral::of($quadratic->b->negated()->dividedBy($quadratic->a)->like($like));
        $product = Numeral::of($quadratic->c->dividedBy($quadratic->a)->like($like));
        $multiplied = Product::apart([$first, $second]);

        return new Check(
            kind: CheckKind::SumAndProduct,
            title: Message::of('quadratic.check.sum-product'),
            why: Message::of('quadratic.check.sum-product-why', ['sum' => $sum, 'product' => $product]),
            lines: [
                Line::side(Sum::of([$first, $second]), $sum),
                ...(self::workedOut($multiplied) ?: [Line::side($multiplied, $product)]),
            ],
            holds: true,
        );
    }

    /** Of the equation as it was worked with: with everything on one side, and without fractions. */
    private static function discriminant(Task $task, Quadratic $quadratic): Check
    {
        $whole = Known::standardForm($task)->whole ?? throw new \LogicException('No quadratic was not refused.');
        $coefficients = array_map(
            static fn(int $power): Rational => $whole->coefficient($quadratic->letter, $power)->plain(),
            [2, 1, 0],
        );
        $value = $quadratic->discriminant();
        $key = $value->isZero() ? 'one' : ($value->isNegative() ? 'none' : 'two');

        return new Check(
            kind: CheckKind::Discriminant,
            title: Message::of("quadratic.check.discriminant-$key"),
            why: Message::of('quadratic.check.discriminant-why'),
            lines: Arithmetic::lines(FormulaWritten::discriminant(...$coefficients)),
            holds: true,
        );
    }
}
