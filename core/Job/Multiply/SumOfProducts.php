<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Answer\ExpressionAnswer;
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
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Working\Arithmetic;
use Runel\Working\Expansion;

/** Several products added or subtracted, as 2(x + 1) + 3(x − 4): each multiplied out, then like terms collected. */
final class SumOfProducts
{
    public static function demonstrate(Task $task, string $method): Demonstration
    {
        $node = $task->problem->node;
        $product = $task->problem->polynomial;
        if (!$node instanceof Sum || $product === null) {
            throw new \LogicException('A problem that is no sum was not refused.');
        }
        [$steps, $terms] = self::multiplied($node);
        $sections = [
            new Section(Phase::Reading, [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('product.read.title'),
                why: Message::of('product.sum.read', ['count' => \count($steps)]),
                lines: [Line::given($node)],
            )]),
            new Section(Phase::Multiplying, $steps),
            new Section(Phase::Collecting, self::collected($node, $terms, $product)),
        ];

        return new Demonstration(
            task: $task,
            job: MultiplyFamily::JOB,
            method: $method,
            forecast: Forecast::of(
                sections: $sections,
                products: \count($terms),
                fractions: $product->hasFractions(),
                advice: Message::of('product.sum.advice', ['count' => \count($steps)]),
            ),
            sections: $sections,
            answer: new ExpressionAnswer($product->toExpression()),
            checking: static fn(): array => self::checks($node, $product),
        );
    }

    /** @return array{list<Step>, list<Term>} one step a product, and all terms that then stand in one line */
    private static function multiplied(Sum $sum): array
    {
        $steps = [];
        $terms = [];
        foreach ($sum->terms as $part) {
            $polynomial = Polynomial::fromExpression($part);
            array_push($terms, ...$polynomial->terms);
            $lines = Expansion::lines($part);
            if ($lines === []) {
                continue;
            }
            $minus = $part instanceof Negative;
            $written = $minus ? $part->operand : $part;
            $value = ($minus ? $polynomial->negated() : $polynomial)->toExpression();
            $steps[] = new Step(
                id: 'product-' . (\count($steps) + 1),
                title: Message::of('product.sum.title', ['product' => $written]),
                why: Message::of($minus ? 'product.sum.why-minus' : 'product.sum.why'),
                lines: $lines,
                question: Question::form(
                    Message::of('product.sum.ask', ['product' => $written]),
                    new Identity($written, $value),
                    $value,
                ),
                watch: $minus ? Slip::MinusNotCarried : null,
            );
        }

        return [$steps, $terms];
    }

    /**
     * @param list<Term> $terms
     *
     * @return list<Step>
     */
    private static function collected(Sum $sum, array $terms, Polynomial $product): array
    {
        $line = Term::sum($terms);
        $steps = [new Step(
            id: 'all-products',
            title: Message::of('rows.all.title'),
            why: Message::of('product.sum.why-all'),
            lines: [Line::equal($line)],
        )];
        foreach (self::groups($terms) as $number => $like) {
            if (\count($like) < 2) {
                continue;
            }
            $total = $like[0];
            foreach (\array_slice($like, 1) as $term) {
                $total = new Term($total->coefficient->plus($term->coefficient), $term->monomial);
            }
            $letters = $like[0]->monomial;
            $steps[] = Steps::collect(
                'collect-' . ($number + 1),
                $like,
                $total->isZero() ? Term::constant(0) : $total,
                $letters->degree,
                $letters->exponents === []
                    ? Message::of('product.collect.title-constant')
                    : Message::of('product.collect.title', ['letters' => $letters->toExpression()]),
                null,
            );
        }
        $value = $product->toExpression();
        $steps[] = new Step(
            id: 'standard-form',
            title: Message::of('product.standard.title'),
            why: Message::of('product.standard.why'),
            lines: [Line::result($value)],
            question: Question::form(Message::of('product.sum.ask-all'), new Identity($sum, $value), $value),
        );

        return $steps;
    }

    /**
     * @param list<Term> $terms
     *
     * @return list<non-empty-list<Term>> like terms together, as they fall
     */
    private static function groups(array $terms): array
    {
        usort($terms, static fn(Term $first, Term $second): int => $first->monomial->compareTo($second->monomial));
        $groups = [];
        foreach ($terms as $term) {
            $groups[$term->monomial->key][] = $term;
        }

        return array_values($groups);
    }

    /** @return list<Check> both sides worked out with numbers for the letters */
    private static function checks(Sum $sum, Polynomial $product): array
    {
        $letters = [];
        foreach ($sum->terms as $part) {
            $letters = [...$letters, ...Polynomial::fromExpression($part)->letters()];
        }
        $constants = array_filter($letters, Monomial::isConstant(...));
        // A letter that falls out when a part is collected, as x − x does, stands there all the same.
        $letters = array_values(array_diff(array_unique([
            ...$letters,
            ...array_map(strval(...), array_keys(Letters::of($sum))),
        ]), $constants));
        $checks = [];
        $rounds = [CheckKind::CoefficientSum->value => [1, 1], CheckKind::Substitution->value => [2, 3]];
        foreach ($rounds as $kind => $numbers) {
            $put = $sum;
            $value = $product->toExpression();
            $list = [];
            foreach ($letters as $place => $letter) {
                $number = $numbers[$place % 2];
                $put = Substitution::into($put, $letter, Numeral::of($number));
                $value = Substitution::into($value, $letter, Numeral::of($number));
                $list[] = "$letter = $number";
            }
            $checks[] = new Check(
                kind: CheckKind::from($kind),
                title: Message::of('check.substitution.title', ['values' => implode(', ', $list)]),
                why: Message::of('check.substitution.why'),
                lines: $constants === []
                    ? [...Arithmetic::lines($put), ...Arithmetic::lines($value)]
                    : self::collectedLines([$put, $value]),
                holds: true,
            );
        }

        return $checks;
    }

    /**
     * Roots and π stay as they are: what is left is collected at once.
     *
     * @param list<Expression> $sides
     *
     * @return list<Line>
     */
    private static function collectedLines(array $sides): array
    {
        return array_map(
            static fn(Expression $side): Line => Line::side($side, Polynomial::fromExpression($side)->toExpression()),
            $sides,
        );
    }
}
