<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\BookShape;
use Runel\Algebra\HiddenPair;
use Runel\Algebra\HiddenQuadratic;
use Runel\Algebra\Trinomial;
use Runel\Demonstration\Line;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Method\Embedded;
use Runel\Method\WaysToFactor;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Style\SomethingNamed;
use Runel\Working\MultiplyBack;
use Runel\Working\Outer;
use Runel\Working\Roots\QuadraticPart;

/** A quadratic in something, factored as one; what stood for the something is put back. */
final class FactorBySubstitution extends StructureMethod
{
    public function __construct(MultiplyBack $back, private readonly WaysToFactor $ways)
    {
        parent::__construct($back);
    }

    public function id(): string
    {
        return 'substitution';
    }

    protected function refused(): Message
    {
        return Message::of('structure.substitution.refusal');
    }

    protected function look(Task $task, Polynomial $rest, Outer $outer): ?SeenStructure
    {
        $node = $task->problem->node;
        $own = $node instanceof Expression ? HiddenQuadratic::of($node) ?? HiddenPair::of($node) : null;
        $isBracket = $own !== null && $own->something instanceof Sum;
        $whole = $rest->toExpression();
        $hidden = $isBracket ? $own : HiddenQuadratic::of($whole) ?? HiddenPair::of($whole);
        $isLetters = $hidden !== null && Polynomial::tryFrom($hidden->something) !== null;
        if ($hidden === null || !$isLetters || Trinomial::of($hidden->quadratic)?->isPrime() !== false) {
            return null;
        }
        $part = QuadraticPart::expression($hidden->quadratic, $task);
        $way = $this->ways->fitting($part)[0] ?? null;
        $factored = $way?->factoring($part);
        $isSplit = $factored !== null && \count($factored->factors) > 1;
        $isPlain = $isSplit && $hidden->coefficient(2)->equals(array_reduce(
            $factored->factors,
            static fn(Rational $product, Polynomial $one): Rational => $product->times(
                $one->coefficient($hidden->unknown, 1),
            ),
            Rational::one(),
        ));
        if (!$isPlain) {
            return null;
        }
        $line = static fn(Expression ...$factors): Line => $isBracket
            ? Line::equal(Product::of(array_values($factors)))
            : $outer->line(...$factors);
        $factors = [];
        $brackets = [];
        foreach ($factored->factors as $factor) {
            $back = $hidden->back($factor);
            $factors[] = Polynomial::fromExpression($back);
            $brackets[] = $hidden->bracket($factor);
        }
        $written = $hidden->written();
        $isNamed = $task->style->get(SomethingNamed::class) === SomethingNamed::Named;
        $words = ['something' => $hidden->something, 'unknown' => new Letter($hidden->unknown)];
        // Of two things each has its words; a letter beside stays itself.
        $two = $hidden instanceof HiddenPair ? '-two' : '';
        $named = $hidden instanceof HiddenPair && !$hidden->isBesideLetter() ? '-two' : '';
        if ($hidden instanceof HiddenPair) {
            $words += ['other' => $hidden->other, 'second' => new Letter($hidden->second)];
        }
        $tidied = $line(...array_map(
            static fn(Polynomial $one): Expression => BookShape::ordered($one->toExpression()),
            $factors,
        ));
        $back = $line(...$brackets);
        $setUp = [];
        if (!$isBracket) {
            $setUp[] = new Step(
                id: 'see',
                title: Message::of('substitution.gather.title'),
                why: Message::of("substitution.gather.why$two", $words),
                lines: [$outer->line($written)],
            );
        }
        if ($isNamed) {
            $setUp[] = new Step(
                id: 'name',
                title: Message::of("substitution.name.title$named", $words),
                why: Message::of(
                    $named === '' ? 'structure.substitution.name' : 'structure.substitution.name-two',
                    $words + ['quadratic' => $hidden->quadratic->toExpression()],
                ),
            );
        }
        $sections = [
            ...($setUp === [] ? [] : [new Section(Phase::SettingUp, $setUp)]),
            ...($isNamed ? Embedded::beside(
                $factored->sections,
                'named-',
                $hidden->quadratic->toExpression(),
            ) : []),
            new Section(Phase::Writing, [new Step(
                id: 'back',
                title: Message::of('substitution.back.title'),
                why: $isNamed
                    ? Message::of("substitution.back.why$named", $words)
                    : Message::of("substitution.back.why-straight$two", $words),
                lines: $tidied->node->equals($back->node) ? [$back] : [$back, $tidied],
            )]),
        ];

        return new SeenStructure(
            $sections,
            $factors,
            Message::of("substitution.advice$two", $words),
            $factored->forecast->trials,
            $isBracket && $node instanceof Expression ? [new Step(
                id: 'read',
                role: Role::Reading,
                title: Message::of('factor.read.title'),
                why: Message::of("substitution.read$two", $words),
                lines: [Line::given($node)],
            )] : null,
        );
    }
}
