<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\LetteredQuadratic;
use Runel\Demonstration\Answer\FormulaAnswer;
use Runel\Demonstration\Check;
use Runel\Demonstration\CheckKind;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Line;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Method\Method;
use Runel\Polynomial\Polynomial;

/** What the ways to solve a quadratic with letters for numbers share: the answer, the forecast and the checks. */
final class LetteredDemonstration
{
    /**
     * @param non-empty-list<Section>    $sections
     * @param non-empty-list<Expression> $results  what the letter is
     * @param bool                       $hasRoot  whether a root is left in it
     */
    public static function of(
        Task $task,
        LetteredQuadratic $quadratic,
        Method $method,
        array $sections,
        array $results,
        bool $hasRoot,
        Message $advice,
    ): Demonstration {
        return new Demonstration(
            task: $task,
            job: $method->job(),
            method: $method->id(),
            forecast: Forecast::of(
                sections: $sections,
                fractions: $quadratic->a->value()?->isOne() !== true,
                roots: $hasRoot,
                advice: $advice,
            ),
            sections: $sections,
            answer: new FormulaAnswer($quadratic->letter, $results),
            checking: static fn(): array => self::checks($quadratic, $results),
        );
    }

    /**
     * The sum has to be −b/a and the product c/a: no other two have both.
     *
     * @param non-empty-list<Expression> $results
     *
     * @return non-empty-list<Check>
     */
    private static function checks(LetteredQuadratic $quadratic, array $results): array
    {
        [$first, $second] = [$results[0], $results[1] ?? $results[0]];
        $sum = self::over($quadratic->b->negated(), $quadratic->a);
        $product = self::over($quadratic->c, $quadratic->a);

        return [new Check(
            kind: CheckKind::SumAndProduct,
            title: Message::of('quadratic.check.sum-product'),
            why: Message::of('quadratic.check.sum-product-why', ['sum' => $sum, 'product' => $product]),
            lines: [
                Line::side(Sum::of([...$first->terms(), ...$second->terms()]), $sum),
                ...self::multiplied($first, $second, $product),
            ],
            holds: true,
        )];
    }

    /** @return non-empty-list<Line> (p + r)(p − r) on the way, where roots are left */
    private static function multiplied(Expression $first, Expression $second, Expression $product): array
    {
        $written = Product::apart([$first, $second]);
        [$above, $below] = $first instanceof Quotient ? [$first->numerator, $first->denominator] : [$first, null];
        $terms = $above->terms();
        $root = array_pop($terms);
        if (!$above instanceof Sum || $root === null || Polynomial::tryFrom($above) !== null) {
            return [Line::side($written, $product)];
        }
        $squared = static fn(Expression $side): Expression => new Power($side, Numeral::of(2));
        $top = Sum::of([$squared(Sum::of($terms)), new Negative($squared($root))]);
        $middle = $below === null ? $top : new Quotient($top, $squared($below));

        return [Line::side($written, $middle), Line::side($middle, $product)];
    }

    /** One over the other, reduced. */
    public static function over(Polynomial $top, Polynomial $bottom): Expression
    {
        return AlgebraicFraction::whole($top)
            ->dividedBy(AlgebraicFraction::whole($bottom))
            ->reduced()
            ->toExpression();
    }
}
