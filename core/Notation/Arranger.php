<?php

declare(strict_types=1);

namespace Runel\Notation;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Marked;
use Runel\Expression\MarkKind;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Notation\Box\Box;
use Runel\Notation\Box\Digits;
use Runel\Notation\Box\Fenced;
use Runel\Notation\Box\Fraction;
use Runel\Notation\Box\Inked;
use Runel\Notation\Box\Name;
use Runel\Notation\Box\PlainWords;
use Runel\Notation\Box\Radical;
use Runel\Notation\Box\Raised;
use Runel\Notation\Box\Row;
use Runel\Notation\Box\Sign;

/**
 * Decides, once for all notations, where brackets and times signs go.
 *
 * A negative term in a sum is written with the minus as its operation sign; a negative
 * number or factor anywhere else but in front is put in brackets.
 */
final readonly class Arranger
{
    /** @var \WeakMap<Node, Box> */
    private \WeakMap $boxes;

    public function __construct(private TimesSign $times = TimesSign::Dot)
    {
        $this->boxes = new \WeakMap();
    }

    /** The same node is arranged once. */
    public function arrange(Node $node): Box
    {
        return $this->boxes[$node] ??= $this->arranged($node);
    }

    private function arranged(Node $node): Box
    {
        return match (true) {
            $node instanceof Expression => $this->expression($node),
            $node instanceof Equation => new Row(
                [$this->expression($node->left), Sign::Equals, $this->expression($node->right)],
            ),
            $node instanceof Alternatives => $this->alternatives($node),
            default => throw new \LogicException('No arrangement for ' . $node::class),
        };
    }

    private function alternatives(Alternatives $alternatives): Row
    {
        if (\count($alternatives->equations) === 2 && !$alternatives->apart) {
            $together = BothSigns::together($alternatives->equations[0], $alternatives->equations[1]);
            if ($together !== null) {
                return new Row([$this->arrange($together)]);
            }
        }
        $boxes = [];
        foreach ($alternatives->equations as $place => $equation) {
            if ($place > 0) {
                $boxes[] = new PlainWords('or');
            }
            $boxes[] = $this->arrange($equation);
        }

        return new Row($boxes);
    }

    private function expression(Expression $node): Box
    {
        return match (true) {
            $node instanceof Numeral => new Digits($node->decimal ?? (string) $node->value),
            $node instanceof Letter => Name::of($node->name),
            $node instanceof Pi => new Name(Pi::NAME),
            $node instanceof Sum => $this->sum($node),
            $node instanceof Product => $this->product($node),
            $node instanceof Negative => new Row([Sign::Opposite, $this->operand($node->operand)]),
            $node instanceof Quotient => new Fraction(
                $this->expression($node->numerator),
                $this->expression($node->denominator),
            ),
            $node instanceof BothSigns => new Row([Sign::EitherSign, $this->operand($node->operand)]),
            $node instanceof Power => new Raised($this->fencedUnless(
                $node->base,
                $this->isAtom($node->base),
            ), $this->expression($node->exponent)),
            $node instanceof Root && Ascii::isUnit($node) => new Name('i'),
            $node instanceof Root => new Radical($this->expression($node->radicand), $node->index),
            $node instanceof Marked => new Inked($this->expression($node->content), $node->mark),
            default => throw new \LogicException('No arrangement for ' . $node::class),
        };
    }

    private function sum(Sum $sum): Row
    {
        $boxes = [];
        foreach ($sum->terms as $place => $term) {
            array_push($boxes, ...$this->termOf($term, $place === 0));
        }

        return new Row($boxes);
    }

    /**
     * A term with its sign; a mark goes round both.
     *
     * @return list<Box>
     */
    private function termOf(Expression $term, bool $first): array
    {
        // A gap and a wanted letter stand for themselves: the sign before them is none of theirs.
        if ($term instanceof Marked && \in_array($term->mark->kind, [MarkKind::Gap, MarkKind::Wanted], true)) {
            return [...($first ? [] : [Sign::Plus]), $this->expression($term)];
        }
        if ($term instanceof Marked) {
            return [new Inked(new Row($this->termOf($term->content, $first)), $term->mark)];
        }
        if ($term instanceof Negative) {
            return [$first ? Sign::Opposite : Sign::Minus, $this->operand($term->operand)];
        }
        if ($term instanceof BothSigns) {
            return [$first ? Sign::EitherSign : Sign::PlusMinus, $this->operand($term->operand)];
        }
        if (!$first) {
            return [Sign::Plus, $this->operand($term)];
        }

        return [$this->fencedUnless($term, !$this->bare($term) instanceof Sum)];
    }

    /** @param bool $leads whether nothing stands before it that a minus in front could be taken for an operation on */
    private function product(Product $product, bool $leads = true): Row
    {
        $boxes = [];
        $before = null;
        foreach ($product->factors as $factor) {
            $first = $before === null;
            $beside = $first || (!$product->apart && $this->standsBeside($before, $factor));
            if (!$first) {
                $boxes[] = $beside || $this->times === TimesSign::None
                    ? Sign::Beside
                    : ($this->times === TimesSign::Cross ? Sign::Cross : Sign::Dot);
            }
            $boxes[] = $factor instanceof Product && $beside
                ? $this->product($factor, $first && $leads)
                : $this->factor($factor, $first && $leads, !$beside);
            $before = $factor;
        }

        return new Row($boxes);
    }

    /** @param bool $signed whether a times sign belongs before it; in brackets instead where the house writes none */
    private function factor(Expression $factor, bool $leads, bool $signed): Box
    {
        if ($signed && $this->times === TimesSign::None) {
            return new Fenced($this->expression($factor));
        }
        if ($factor instanceof Product) {
            return $this->product($factor, $leads);
        }

        return $this->fencedUnless($factor, !$this->needsFence($factor, $leads));
    }

    private function needsFence(Expression $factor, bool $leads): bool
    {
        return $this->bare($factor) instanceof Sum || (!$leads && $this->startsNegative($factor));
    }

    /** Whether two factors can stand side by side without a sign and without being misread. */
    private function standsBeside(Expression $before, Expression $factor): bool
    {
        $left = $this->bare($before);
        $right = $this->bare($factor);
        if ($right instanceof Product) {
            return $left instanceof Sum && !$this->startsWithDigit($right->factors[0]);
        }
        if ($left instanceof Product) {
            return $right instanceof Sum;
        }
        if (
            $this->isName($right)
            || $right instanceof Root
            || ($right instanceof Power && $this->isName($this->bare($right->base)))
        ) {
            return !$left instanceof Negative && !$this->haveSameBase($left, $right);
        }

        return $right instanceof Sum
            || ($right instanceof Power && $this->bare($right->base) instanceof Sum)
            || ($left instanceof Sum && $this->needsFence($factor, false));
    }

    private function startsWithDigit(Expression $node): bool
    {
        $bare = $this->bare($node);

        return match (true) {
            $bare instanceof Numeral, $bare instanceof Quotient => true,
            $bare instanceof Product => $this->startsWithDigit($bare->factors[0]),
            $bare instanceof Power => $this->startsWithDigit($bare->base),
            default => false,
        };
    }

    private function haveSameBase(Expression $left, Expression $right): bool
    {
        $base = fn(Expression $node): Expression => $node instanceof Power ? $this->bare($node->base) : $node;
        $first = $base($left);
        $second = $base($right);

        return $this->isName($first) && $first->equals($second);
    }

    private function startsNegative(Expression $node): bool
    {
        $bare = $this->bare($node);

        return match (true) {
            $bare instanceof Negative => true,
            $bare instanceof Product => $this->startsNegative($bare->factors[0]),
            default => false,
        };
    }

    /** What follows a plus or minus sign. */
    private function operand(Expression $node): Box
    {
        return $node instanceof Product
            ? $this->product($node, false)
            : $this->fencedUnless($node, !$this->bare($node) instanceof Sum && !$this->startsNegative($node));
    }

    /** Whether it can carry an exponent as it is. */
    private function isAtom(Expression $node): bool
    {
        $bare = $this->bare($node);

        return $this->isName($bare) || $bare instanceof Numeral;
    }

    private function isName(Expression $node): bool
    {
        return $node instanceof Letter || $node instanceof Pi;
    }

    private function bare(Expression $node): Expression
    {
        return $node instanceof Marked ? $this->bare($node->content) : $node;
    }

    private function fencedUnless(Expression $node, bool $plain): Box
    {
        $box = $this->expression($node);

        return $plain ? $box : new Fenced($box);
    }
}
