<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\BookShape;
use Runel\Algebra\CommonBracket;
use Runel\Algebra\CommonTerm;
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
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\Slip;
use Runel\Working\Outer;
use Runel\Working\TurnedBracket;

/** A common bracket taken out; or four terms in two pairs, in any letters, that turn out to have one. */
final class GroupTerms extends StructureMethod
{
    private const PAIRINGS = [[[0, 1], [2, 3]], [[0, 2], [1, 3]], [[0, 3], [1, 2]]];

    public function id(): string
    {
        return 'grouping';
    }

    protected function refused(): Message
    {
        return Message::of('structure.grouping.refusal');
    }

    protected function look(Task $task, Polynomial $rest, Outer $outer): ?SeenStructure
    {
        $node = $task->problem->node;

        return ($node instanceof Sum ? self::commonBracket($node) : null) ?? self::pairs($node, $rest, $outer)
            ?? SquareAndMore::of($rest)?->seen($outer);
    }

    /** The same bracket in every term. */
    private static function commonBracket(Sum $whole): ?SeenStructure
    {
        $common = CommonBracket::of($whole->terms);
        if ($common === null) {
            return null;
        }
        $bracket = $common->bracket;
        $rest = Sum::of($common->left);
        $polynomial = Polynomial::tryFrom($rest);
        $own = Polynomial::tryFrom($bracket);
        if ($polynomial === null || $own === null || $polynomial->isConstant()) {
            return null;
        }
        $written = Product::of([$bracket, $rest]);
        $collected = Product::of([$bracket, BookShape::ordered($polynomial->toExpression())]);
        $steps = $common->opposite === null ? [] : [TurnedBracket::step($common, Line::equal(Sum::of($common->terms)))];
        $steps[] = new Step(
            id: 'common-bracket',
            title: Message::of('factor.common-bracket.title', ['bracket' => $bracket]),
            why: Message::of('structure.bracket.why', ['bracket' => $bracket]),
            lines: [Line::equal($written), ...($collected->equals($written) ? [] : [Line::equal($collected)])],
            question: Question::form(
                Message::of('factor.common-bracket.ask'),
                new Identity($whole, $collected),
                $collected,
            ),
        );

        return new SeenStructure(
            [new Section(Phase::Writing, $steps)],
            [$own, $polynomial],
            Message::of('structure.bracket.advice'),
            0,
            [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: TurnedBracket::read($common),
                lines: [Line::given($whole)],
            )],
        );
    }

    private static function pairs(Expression|Equation $node, Polynomial $rest, Outer $outer): ?SeenStructure
    {
        if (\count($rest->terms) !== 4) {
            return null;
        }
        $given = self::asGiven($node, $rest);
        $terms = $given ?? $rest->terms;
        $steps = [];
        foreach (self::PAIRINGS as $number => $pairing) {
            [$first, $second] = array_map(
                static fn(array $places): Polynomial => Polynomial::ofTerms(array_map(
                    static fn(int $place): Term => $terms[$place],
                    $places,
                ), $rest->main),
                $pairing,
            );
            [$one, $other] = [CommonTerm::of($first), CommonTerm::of($second)];
            if ($one->rest->equals($other->rest)) {
                array_push($steps, ...self::grouped($terms, $pairing, $one, $other, $outer));
                $left = self::out($one)->plus(self::out($other));

                return new SeenStructure(
                    [new Section(Phase::Writing, $steps)],
                    [$one->rest, $left],
                    Message::of('structure.grouping.advice', ['place' => $number + 1]),
                    $number + 1,
                    $given === null ? null : [new Step(
                        id: 'read',
                        role: Role::Reading,
                        title: Message::of('factor.read.title'),
                        why: Message::of('factor.read.why'),
                        lines: [Line::given($node)],
                    )],
                );
            }
            $steps[] = self::failed($number, $terms, $pairing, [$one, $other]);
        }

        return self::byIdentity($terms, $rest, $outer, $given === null ? null : [new Step(
            id: 'read',
            role: Role::Reading,
            title: Message::of('factor.read.title'),
            why: Message::of('structure.grouping.read-identity'),
            lines: [Line::given($node)],
        )]);
    }

    /**
     * Two pairs of which one, or each, is a difference of two squares or two cubes with a factor that the other has.
     *
     * @param list<Term>                $terms   four
     * @param non-empty-list<Step>|null $reading where it is read as it was given
     */
    private static function byIdentity(array $terms, Polynomial $rest, Outer $outer, ?array $reading): ?SeenStructure
    {
        foreach (self::PAIRINGS as $number => $pairing) {
            $pairs = array_map(static fn(array $places): array => array_map(
                static fn(int $place): Term => $terms[$place],
                $places,
            ), $pairing);
            $common = PairsByIdentity::of($pairs[0], $pairs[1], $rest->main);
            if ($common !== null) {
                return new SeenStructure(
                    [new Section(Phase::Writing, [
                        self::group($pairs[0], $pairs[1], $outer),
                        ...$common->steps($outer),
                    ])],
                    [$common->bracket, $common->left()],
                    Message::of('structure.grouping.advice-identity'),
                    $number + 1,
                    $reading,
                );
            }
        }

        return null;
    }

    /**
     * Both pairs, a minus before the second where it begins with one.
     *
     * @param non-empty-list<Term> $first
     * @param non-empty-list<Term> $second
     */
    private static function group(array $first, array $second, Outer $outer): Step
    {
        $turns = $second[0]->coefficient->isNegative();
        $group = $turns
            ? new Negative(Term::sum(array_map(static fn(Term $term): Term => $term->negated(), $second)))
            : Term::sum($second);

        return new Step(
            id: 'group',
            title: Message::of('factor.group.title'),
            why: Message::of($turns ? 'structure.grouping.group-minus' : 'structure.grouping.group'),
            lines: [$outer->line(Sum::of([Term::sum($first), $group]))],
            watch: $turns ? Slip::MinusNotCarried : null,
        );
    }

    /**
     * Its terms in the order in which they were given, where nothing is to be collected or taken out before.
     *
     * @return list<Term>|null
     */
    private static function asGiven(Expression|Equation $node, Polynomial $rest): ?array
    {
        if (!$node instanceof Sum || \count($node->terms) !== 4 || $node->terms[0] instanceof Negative) {
            return null;
        }
        $terms = [];
        foreach ($node->terms as $written) {
            foreach ($rest->terms as $term) {
                if ($term->toExpression()->equals($written)) {
                    $terms[] = $term;
                }
            }
        }

        return \count($terms) === 4 ? $terms : null;
    }

    /** What a pair has in common, its sign with it. */
    private static function out(CommonTerm $pair): Polynomial
    {
        $term = $pair->term();

        return Polynomial::ofTerms([$pair->negative ? $term->negated() : $term], $pair->whole->main);
    }

    /**
     * @param list<Term>                              $terms   four
     * @param array{array{int, int}, array{int, int}} $pairing
     * @param array{CommonTerm, CommonTerm}           $common  what each pair has in common
     */
    private static function failed(
        int $number,
        array $terms,
        array $pairing,
        array $common,
    ): Step {
        [$first, $second] = array_map(static fn(array $places): Expression => Term::sum(array_map(
            static fn(int $place): Term => $terms[$place],
            $places,
        )), $pairing);
        $lines = [];
        foreach ([$first, $second] as $place => $pair) {
            $out = self::out($common[$place]);
            if ($out->value()?->isOne() !== true) {
                $lines[] = Line::side($pair, self::product($out, $common[$place]->rest));
            }
        }

        return new Step(
            id: 'pairing-' . ($number + 1),
            role: Role::Trial,
            title: Message::of('structure.grouping.try.title', [
                'first' => $first,
                'second' => $second,
            ]),
            why: Message::of('structure.grouping.try.why', [
                'one' => $common[0]->rest->toExpression(),
                'other' => $common[1]->rest->toExpression(),
            ]),
            lines: $lines,
        );
    }

    private static function product(Polynomial $out, Polynomial $bracket): Expression
    {
        $term = $out->terms[0];
        $size = $term->coefficient->isNegative() ? $term->negated() : $term;
        $isOne = $size->toExpression()->isOne();
        $product = $isOne ? $bracket->toExpression() : Product::of([$size->toExpression(), $bracket->toExpression()]);

        return $product->signed($term->coefficient->isNegative());
    }

    /**
     * @param list<Term>                              $terms   four
     * @param array{array{int, int}, array{int, int}} $pairing
     *
     * @return non-empty-list<Step>
     */
    private static function grouped(
        array $terms,
        array $pairing,
        CommonTerm $one,
        CommonTerm $other,
        Outer $outer,
    ): array {
        [$first, $second] = array_map(static fn(array $places): array => array_map(
            static fn(int $place): Term => $terms[$place],
            $places,
        ), $pairing);
        $bracket = $one->rest->toExpression();
        $taken = Sum::of([
            self::product(self::out($one), $one->rest),
            self::product(self::out($other), $other->rest),
        ]);
        $left = self::out($one)->plus(self::out($other))->toExpression();

        return [
            self::group($first, $second, $outer),
            new Step(
                id: 'take-out',
                title: Message::of('factor.take-out.title'),
                why: Message::of('structure.grouping.take-out', ['bracket' => $bracket]),
                lines: [$outer->line($taken)],
            ),
            new Step(
                id: 'common-bracket',
                title: Message::of('factor.common-bracket.title', ['bracket' => $bracket]),
                why: Message::of('factor.common-bracket.why', ['bracket' => $bracket, 'left' => $left]),
                lines: [$outer->line($bracket, $left)],
                question: Question::form(
                    Message::of('factor.common-bracket.ask'),
                    new Identity($taken, $accepted = Product::of([$bracket, $left])),
                    $accepted,
                ),
            ),
        ];
    }
}
