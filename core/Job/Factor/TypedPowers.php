<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\CommonTerm;
use Runel\Demonstration\Figure\TwoSquaresFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
use Runel\Demonstration\Reason;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Working\Identities;
use Runel\Working\Outer;

/** A power minus a power of the letter: 9 − x², 8 − x³. They stay in the order they were typed in. */
final class TypedPowers extends SpecialStructure
{
    protected function look(Task $task, Polynomial $rest, Outer $outer): ?SeenStructure
    {
        $node = $task->problem->node;
        if (!$node instanceof Sum || \count($node->terms) !== 2
            || $node->terms[0] instanceof Negative || !$node->terms[1] instanceof Negative) {
            return null;
        }
        [$minuend, $taken] = [$node->terms[0], $node->terms[1]->operand];
        $common = CommonTerm::of(Polynomial::fromExpression($node));
        // What begins with a plus in standard form is done there.
        if (!$common->negative || !$common->content->isInteger()) {
            return null;
        }
        [$first, $second] = [self::over(self::term($minuend), $common), self::over(self::term($taken), $common)];
        foreach ([2, 3] as $index) {
            [$p, $q] = [$first?->root($index), $second?->root($index)];
            if ($first !== null && $second !== null && $p !== null && $q !== null) {
                $rest = $common->isOne() ? $node : Sum::of([
                    $first->toExpression(),
                    new Negative($second->toExpression()),
                ]);

                return self::seen($node, $rest, $common, $index, $p, $q);
            }
        }

        return null;
    }

    private static function seen(
        Sum $whole,
        Expression $rest,
        CommonTerm $common,
        int $index,
        Term $p,
        Term $q,
    ): SeenStructure {
        [$first, $second] = [$p->toExpression(), $q->toExpression()];
        $isSquares = $index === 2;
        $kind = $isSquares ? 'difference' : 'cubes-minus';
        $others = $isSquares ? [$p, $q] : [$p->times($p), $p->times($q), $q->times($q)];
        $written = Product::of([
            ...$common->factors(),
            Sum::of([$first, new Negative($second)]),
            Sum::of(array_map(static fn(Term $term): Expression => $term->toExpression(), $others)),
        ]);

        return new SeenStructure(
            [new Section(Phase::Writing, [
                ...($common->isOne() ? [] : [self::takenOut($whole, $rest, $common->term())]),
                self::recognised($rest, $index, $first, $second),
                new Step(
                    id: 'brackets',
                    title: Message::of('factor.brackets.title'),
                    why: Message::of($isSquares ? 'special-form.difference.write' : 'structure.special.write-cubes'),
                    lines: [Line::equal($written)],
                    figure: $isSquares ? new TwoSquaresFigure($first, $second) : null,
                    question: Question::factoring(
                        Message::of('factor.brackets.ask', ['trinomial' => $whole]),
                        [new Identity($whole, $written)],
                    ),
                    watch: $isSquares ? null : Slip::CubesMiddle,
                ),
            ])],
            [Polynomial::ofTerms([$p, $q->negated()]), Polynomial::ofTerms($others)],
            Message::of("structure.special.advice-$kind"),
            0,
            [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of('structure.special.read-typed-' . ($common->isOne() ? $kind : 'common')),
                lines: [Line::given($whole)],
            )],
            $written,
            $common->term(),
            $p->monomial->letters()->exponents === [] ? '' : (string) array_key_first($p->monomial->exponents),
        );
    }

    private static function recognised(Expression $whole, int $index, Expression $first, Expression $second): Step
    {
        $isSquares = $index === 2;
        $identities = Identities::beside(Polynomial::fromExpression($whole)->letters());
        [$product, $sum] = $isSquares ? $identities->difference() : $identities->cubes(true);
        $lines = [Line::side($sum, $product)];
        foreach ([[$first, $whole->terms()[0]], [$second, $whole->terms()[1]->negated()]] as [$root, $term]) {
            $power = new Power($root, Numeral::of($index));
            if (!$power->equals($term)) {
                $lines[] = Line::side($term, $power);
            }
        }
        // Of first powers its discriminant is −3 times a square; of higher ones it may split.
        $degree = static fn(Expression $root): int => Polynomial::fromExpression($root)->degree();
        $isPrime = max($degree($first), $degree($second)) === 1;
        $words = [
            'p' => $identities->p, 'q' => $identities->q,
            'first' => $first, 'second' => $second, 'last' => $second, 'part' => $whole,
        ];

        return new Step(
            id: 'recognise',
            title: Message::of($isSquares
                ? 'special-form.difference.title'
                : 'structure.special.title-cubes-minus', $words),
            why: Message::of($isSquares
                ? 'special-form.difference.why'
                : 'structure.special.why-cubes' . ($isPrime ? '-prime' : ''), $words),
            lines: $lines,
            reason: $isSquares ? Reason::DifferenceOfSquares : null,
        );
    }

    private static function over(?Term $term, CommonTerm $common): ?Term
    {
        return $term === null ? null : new Term(
            $term->coefficient->dividedBy($common->content),
            $term->monomial->over($common->letters),
        );
    }

    private static function term(Expression $written): ?Term
    {
        $polynomial = Polynomial::tryFrom($written);

        return $polynomial !== null && \count($polynomial->terms) === 1 ? $polynomial->terms[0] : null;
    }
}
