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
use Runel\Method\Factored;
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
        $factored = $this->split($hidden, $task);
        if ($factored === null) {
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
        $tidied = $line(...array_map(
            static fn(Polynomial $one): Expression => BookShape::ordered($one->toExpression()),
            $factors,
        ));
        $back = $line(...$brackets);
        [$two, $words] = [self::two($hidden), self::words($hidden)];
        $setUp = $isBracket ? [] : [new Step(
            id: 'see',
            title: Message::of('substitution.gather.title'),
            why: Message::of("substitution.gather.why$two", $words),
            lines: [$outer->line($hidden->written())],
        )];
        $end = $tidied->node->equals($back->node) ? [$back] : [$back, $tidied];
        $sections = $task->style->get(SomethingNamed::class) === SomethingNamed::Named
            ? self::named($hidden, $setUp, $factored->sections, $end)
            : [
                ...($setUp === [] ? [] : [new Section(Phase::SettingUp, $setUp)]),
                self::back("substitution.back.why-straight$two", $words, $end),
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

    /** What the quadratic splits into, its leading coefficient shared out; null where it does not. */
    private function split(HiddenQuadratic|HiddenPair $hidden, Task $task): ?Factored
    {
        $part = QuadraticPart::expression($hidden->quadratic, $task);
        $factored = ($this->ways->fitting($part)[0] ?? null)?->factoring($part);
        $isPlain = $factored !== null && \count($factored->factors) > 1
            && $hidden->coefficient(2)->equals(array_reduce(
                $factored->factors,
                static fn(Rational $product, Polynomial $one): Rational => $product->times(
                    $one->coefficient($hidden->unknown, 1),
                ),
                Rational::one(),
            ));

        return $isPlain ? $factored : null;
    }

    /**
     * A letter put for the something, the quadratic factored in it, and the something put back.
     *
     * @param list<Step>           $setUp
     * @param list<Section>        $factoring
     * @param non-empty-list<Line> $end
     *
     * @return non-empty-list<Section>
     */
    private static function named(
        HiddenQuadratic|HiddenPair $hidden,
        array $setUp,
        array $factoring,
        array $end,
    ): array {
        $words = self::words($hidden);
        // Of two things each has its words; a letter beside stays itself.
        $named = $hidden instanceof HiddenPair && !$hidden->isBesideLetter() ? '-two' : '';
        $quadratic = $hidden->quadratic->toExpression();

        return [
            new Section(Phase::SettingUp, [...$setUp, new Step(
                id: 'name',
                title: Message::of("substitution.name.title$named", $words),
                why: Message::of(
                    $named === '' ? 'structure.substitution.name' : 'structure.substitution.name-two',
                    $words + ['quadratic' => $quadratic],
                ),
            )]),
            ...Embedded::beside($factoring, 'named-', $quadratic),
            self::back("substitution.back.why$named", $words, $end),
        ];
    }

    /**
     * @param array<string, Expression> $words
     * @param non-empty-list<Line>      $lines
     */
    private static function back(string $why, array $words, array $lines): Section
    {
        return new Section(Phase::Writing, [new Step(
            id: 'back',
            title: Message::of('substitution.back.title'),
            why: Message::of($why, $words),
            lines: $lines,
        )]);
    }

    private static function two(HiddenQuadratic|HiddenPair $hidden): string
    {
        return $hidden instanceof HiddenPair ? '-two' : '';
    }

    /** @return array<string, Expression> */
    private static function words(HiddenQuadratic|HiddenPair $hidden): array
    {
        $words = ['something' => $hidden->something, 'unknown' => new Letter($hidden->unknown)];

        return $hidden instanceof HiddenPair
            ? $words + ['other' => $hidden->other, 'second' => new Letter($hidden->second)]
            : $words;
    }
}
