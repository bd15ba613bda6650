<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\BookShape;
use Runel\Algebra\CommonTerm;
use Runel\Algebra\GroupedSquare;
use Runel\Algebra\TwoPowers;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Question;
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
use Runel\Working\Expansion;
use Runel\Working\Identities;
use Runel\Working\Outer;

/**
 * A square minus a square, or two cubes, at least one of them of a sum: (2x + 1)² − (x − 3)², 3(x − 2)² − 12,
 * (x + 1)³ − 8. Nothing is multiplied out before it is written as a product.
 */
final class BracketPowers extends SpecialStructure
{
    protected function look(Task $task, Polynomial $rest, Outer $outer): ?SeenStructure
    {
        $node = $task->problem->node;
        if (!$node instanceof Expression) {
            return null;
        }
        $powers = TwoPowers::of($node);
        $polynomial = Polynomial::fromExpression($node);
        $grouped = $powers === null && CommonTerm::of($polynomial)->isOne() ? GroupedSquare::of($polynomial) : null;
        $powers = $grouped === null ? $powers : TwoPowers::of($grouped->whole);
        if ($powers === null || !$powers->hasBracket()) {
            return null;
        }
        $written = self::written($powers);
        $factors = array_map(Polynomial::fromExpression(...), $written);
        if (array_filter($factors, static fn(Polynomial $factor): bool => $factor->isConstant()) !== []) {
            return null;
        }
        $front = Term::constant($powers->front);

        return new SeenStructure(
            [new Section(Phase::Writing, [
                ...($grouped === null ? [] : [self::together($grouped)]),
                ...($powers->front->isOne() ? [] : [self::takenOut($powers->whole, $powers->rest(), $front)]),
                ...self::steps($powers, $written, $factors, $front),
            ])],
            $factors,
            Message::of('structure.special.advice-' . self::kind($powers)),
            0,
            [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of('structure.special.read-' . match (true) {
                    $grouped !== null => 'grouped',
                    !$powers->front->isOne() => 'front',
                    $powers->index === 2 => 'squares',
                    default => 'cubes',
                }),
                lines: [Line::given($node)],
            )],
            front: $front,
        );
    }

    /** Three of four terms put together as a square. */
    private static function together(GroupedSquare $grouped): Step
    {
        return new Step(
            id: 'together',
            title: Message::of('structure.special.title-together'),
            why: Message::of('structure.special.why-together', ['group' => $grouped->group]),
            lines: [
                Line::equal($grouped->grouped),
                Line::side($grouped->group, $grouped->square),
                Line::equal($grouped->whole),
            ],
            question: Question::form(
                Message::of('structure.special.ask-together', ['group' => $grouped->group]),
                new Identity($grouped->group, $grouped->square),
                $grouped->square,
            ),
            watch: $grouped->isTaken ? Slip::MinusNotCarried : null,
        );
    }

    private static function kind(TwoPowers $powers): string
    {
        return match (true) {
            $powers->index === 2 => 'difference',
            $powers->isMinus => 'cubes-minus',
            default => 'cubes-plus',
        };
    }

    /** @return non-empty-list<Expression> the factors, as the identity gives them */
    private static function written(TwoPowers $powers): array
    {
        [$p, $q] = [$powers->first, $powers->second];
        $signed = static fn(Expression $part, bool $isMinus): array => match (true) {
            !$isMinus => $part->terms(),
            default => [new Negative($part)],
        };
        if ($powers->index === 2) {
            return [
                Sum::of([...$p->terms(), ...$signed($q, true)]),
                Sum::of([...$p->terms(), ...$q->terms()]),
            ];
        }
        $squared = static fn(Expression $part): Expression => $part->number() === null
            ? new Power($part, Numeral::of(2))
            : Polynomial::fromExpression(new Power($part, Numeral::of(2)))->toExpression();
        $mixed = match (true) {
            $p->isOne() => $q,
            $q->isOne() => $p,
            $q->number() !== null => Product::of([$q, $p]),
            default => Product::of([$p, $q]),
        };

        return [
            Sum::of([...$p->terms(), ...$signed($q, $powers->isMinus)]),
            Sum::of([$squared($p), ...$signed($mixed, !$powers->isMinus), $squared($q)]),
        ];
    }

    /**
     * @param non-empty-list<Expression> $written
     * @param non-empty-list<Polynomial> $factors
     *
     * @return non-empty-list<Step>
     */
    private static function steps(TwoPowers $powers, array $written, array $factors, Term $front): array
    {
        $identities = Identities::beside(Polynomial::fromExpression($powers->whole)->letters());
        [$product, $sum] = $powers->index === 2 ? $identities->difference() : $identities->cubes($powers->isMinus);
        $kind = self::kind($powers);
        $words = ['part' => $powers->rest(), 'first' => $powers->first, 'second' => $powers->second];
        $before = $powers->front->isOne() ? [] : [$front->toExpression()];
        $tidied = Product::of([...$before, ...self::lettersFirst(array_map(
            static fn(Polynomial $factor): Expression => BookShape::ordered($factor->toExpression()),
            $factors,
        ))]);
        $expansions = array_merge(...array_map(
            static fn(Expression $factor): array => $powers->index === 2 ? [] : Expansion::lines($factor),
            $written,
        ));

        $first = Product::of([...$before, ...$written]);
        $question = Question::form(
            Message::of('structure.special.ask-tidied'),
            new Identity($powers->whole, $tidied),
            $tidied,
        );
        $isTidy = $expansions === [] && $first->equals($tidied);
        $split = new Step(
            id: 'special-1',
            title: Message::of("structure.special.title-$kind", $words),
            why: Message::of($powers->index === 2
                ? 'structure.special.why-difference'
                : 'structure.special.why-cubes', $words),
            lines: [Line::side($sum, $product), Line::equal($first)],
            question: $isTidy ? $question : null,
            watch: match ($kind) {
                'difference' => Slip::MinusNotCarried,
                'cubes-minus' => Slip::CubesMiddle,
                default => Slip::PowerOfSumSplit,
            },
        );

        return $isTidy ? [$split] : [$split, new Step(
            id: 'tidied',
            title: Message::of('structure.special.title-tidied'),
            why: Message::of($powers->index === 2
                ? 'structure.special.why-tidied'
                : 'structure.special.why-tidied-cubes'),
            lines: [...$expansions, Line::equal($tidied)],
            question: $question,
        )];
    }
}
