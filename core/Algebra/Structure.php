<?php

declare(strict_types=1);

namespace Runel\Algebra;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;

/** A structure that stands in a problem, and where. */
final readonly class Structure
{
    /**
     * @param non-empty-list<Expression> $parts the places in the problem's tree
     * @param Rational|null              $front what has to be taken out before it shows
     */
    private function __construct(
        public StructureKind $kind,
        public array $parts,
        private ?Rational $front = null,
    ) {}

    /**
     * What is seen in a problem, what should be used first before all else.
     *
     * @return list<self>
     */
    public static function in(Expression|Equation $node): array
    {
        try {
            $first = $node instanceof Equation
                ? self::sides($node) ?? self::bracketOfSides($node)
                : self::bracket($node) ?? self::powers($node);

            return array_values(array_filter([
                $first,
                $node instanceof Equation ? self::below($node) : null,
                $first === null ? self::something($node) : null,
            ]));
        } catch (Refusal) {
            return [];
        }
    }

    /** What is said of it. */
    public function says(): Message
    {
        $isBehind = $this->front !== null;

        return Message::of("structure.seen.{$this->kind->value}" . ($isBehind ? '-behind' : ''), match (true) {
            $isBehind => ['front' => Numeral::of($this->front)],
            $this->kind === StructureKind::SameBracket, $this->kind === StructureKind::Something => [
                'part' => $this->parts[0],
            ],
            default => [],
        });
    }

    /** The problem with the places lit. */
    public function lit(Node $problem): Node
    {
        return Rewriter::everywhere($problem, fn(Node $part): ?Node => $part instanceof Expression
            && \in_array($part, $this->parts, true) ? new Marked($part, Mark::written()) : null);
    }

    /** A square on both sides, or one power alone with numbers. */
    private static function sides(Equation $equation): ?self
    {
        [$left, $right] = [$equation->left, $equation->right];
        if (self::index($left) === 2 && self::index($right) === 2) {
            return new self(StructureKind::BothSquares, [$left, $right]);
        }
        $open = array_values(array_filter(
            [...$left->terms(), ...$right->terms()],
            static fn(Expression $term): bool => !$term->isNumber(),
        ));
        $term = \count($open) === 1 ? $open[0]->bare() : null;
        $isOverNumber = $term instanceof Quotient && $term->denominator->isNumber();
        $factors = ($isOverNumber ? $term->numerator->bare() : $term)?->factors() ?? [];
        $power = $factors === [] ? null : $factors[\count($factors) - 1];
        $isAlone = array_filter(
            \array_slice($factors, 0, -1),
            static fn(Expression $factor): bool => !$factor->isNumber(),
        ) === [];
        $index = $power === null || !$isAlone ? null : self::index($power);

        return $power === null || $index === null
            ? null
            : new self($index === 2 ? StructureKind::Square : StructureKind::Power, [$power]);
    }

    /** The exponent of a power of one linear thing; null of anything else. */
    private static function index(Expression $power): ?int
    {
        $exponent = $power->wholeExponent() ?? 0;
        $base = $exponent > 1 ? Polynomial::tryFrom($power->base()) : null;

        return $base !== null && !$base->isZero() && $base->degree() === 1 ? $exponent : null;
    }

    private static function below(Equation $equation): ?self
    {
        $parts = self::found($equation, static fn(Node $part): bool => $part instanceof Quotient
            && Letters::of($part->denominator) !== []);

        return $parts === [] ? null : new self(StructureKind::Below, $parts);
    }

    private static function something(Expression|Equation $node): ?self
    {
        $hidden = $node instanceof Equation ? HiddenQuadratic::ofEquation($node) : HiddenQuadratic::of($node);
        $something = $hidden?->something;
        if ($something === null) {
            return null;
        }
        $parts = self::found($node, static fn(Node $part): bool => $part instanceof Expression
            && $part->equals($something));

        return $parts === [] ? null : new self(StructureKind::Something, $parts);
    }

    /** The same parentheses in every term. */
    private static function bracket(Expression $whole): ?self
    {
        return self::common($whole instanceof Sum ? $whole->terms : [], $whole);
    }

    /** The same parentheses in every term of both sides, but for a side that is 0. */
    private static function bracketOfSides(Equation $equation): ?self
    {
        return self::common([
            ...CommonBracket::terms($equation->left, $equation->right),
            ...CommonBracket::terms($equation->right, $equation->left),
        ], $equation);
    }

    /** @param list<Expression> $terms */
    private static function common(array $terms, Node $whole): ?self
    {
        $common = \count($terms) < 2 ? null : CommonBracket::of($terms);
        if ($common === null || $common->opposite !== null) {
            return null;
        }
        $isSame = static fn(Node $part): bool => $part instanceof Sum && $part->equals($common->bracket);

        return new self(StructureKind::SameBracket, self::found($whole, $isSame) ?: [$common->bracket]);
    }

    /** Two squares with a minus between, or two cubes; a number before both only where parentheses hide it. */
    private static function powers(Expression $whole): ?self
    {
        $powers = TwoPowers::of($whole);
        if ($powers === null || (!$powers->front->isOne() && !$powers->hasBracket())) {
            return null;
        }

        return new self(
            $powers->index === 2 ? StructureKind::TwoSquares : StructureKind::TwoCubes,
            [$powers->whole->terms[0], $powers->whole->terms[1]->bare()],
            $powers->front->isOne() ? null : $powers->front,
        );
    }

    /**
     * @param \Closure(Node): bool $is
     *
     * @return list<Expression> every node there is of that kind, none within another
     */
    private static function found(Node $node, \Closure $is): array
    {
        if ($node instanceof Expression && $is($node)) {
            return [$node];
        }
        $found = [];
        foreach ($node->children() as $child) {
            array_push($found, ...self::found($child, $is));
        }

        return $found;
    }
}
