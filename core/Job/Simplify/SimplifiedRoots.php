<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\RadicalTerm;
use Runel\Demonstration\Line;
use Runel\Demonstration\Question;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Rewriter;
use Runel\Expression\Root;
use Runel\Law\Claim\Identity;
use Runel\Message\Message;
use Runel\Number\Rational;
use Runel\Slip\Slip;

/** Roots of single terms, each made as small as it can be. */
final class SimplifiedRoots
{
    /**
     * @param int             $parts  a multiple of the indexes in it
     * @param Expression|null $result that is not written here, where it is known
     *
     * @return array{list<Step>, Expression} every root by itself, then the whole with what they are
     */
    public static function of(Expression $whole, int $parts, ?Expression $result = null): array
    {
        $steps = [];
        $known = [];
        foreach (self::roots($whole) as $place => $root) {
            $simple = RadicalTerm::of($root, $parts);
            if ($simple !== null && !$simple->toExpression()->equals($root)) {
                $known[] = [$root, $simple->toExpression()];
                $steps[] = self::rootSimplified($root, $simple, $place + 1);
            }
        }
        $put = Rewriter::everywhere($whole, static function (Node $node) use ($known): ?Node {
            foreach ($known as [$root, $simple]) {
                if ($node instanceof Root && $node->equals($root)) {
                    return $simple;
                }
            }

            return null;
        });
        if (!$put->equals($whole) && !$whole instanceof Root && ($result === null || !$put->equals($result))) {
            $steps[] = new Step(
                id: 'put',
                title: Message::of('simplify.radicals.put.title'),
                why: Message::of('simplify.radicals.put.why'),
                lines: [Line::equal($put)],
            );
        }

        return [$steps, $put];
    }

    private static function rootSimplified(Root $root, RadicalTerm $simple, int $number): Step
    {
        $index = $root->index;
        $under = RadicalTerm::of($root->radicand, 1) ?? throw new \LogicException('It was read before.');
        $written = $simple->toExpression();
        $isMinus = $under->coefficient->isNegative();
        $isWhole = $simple->index() === 1;
        // A minus is taken out first: what follows is about the size.
        [$under, $simple] = $isMinus
            ? [$under->scaled(Rational::of(-1)), $simple->scaled(Rational::of(-1))]
            : [$under, $simple];
        $outside = $simple->outside()->toExpression();
        $isBelow = !$under->below()->toExpression()->isOne();
        $forms = $under->toExpression()->equals($root->radicand) ? [] : [new Root($under->toExpression(), $index)];
        if ($isBelow) {
            array_push($forms, ...self::withPowerBelow($under, $simple, $index));
        } elseif ($isWhole && Letters::of($root) !== []) {
            $power = new Power($outside, Numeral::of($index));
            $forms = $power->equals($root->radicand) ? $forms : [...$forms, new Root($power, $index)];
        } elseif (!$isWhole && !$outside->isOne()) {
            $power = RadicalTerm::of($outside, 1)?->power($index);
            $rest = $power?->power(-1)?->times($under);
            array_push($forms, ...($power === null || $rest === null ? [] : [
                self::split($power->toExpression(), $rest->toExpression(), $root),
            ]));
        }
        $lines = [];
        $before = $root;
        foreach ($forms as $form) {
            $form = $form->signed($isMinus);
            $lines[] = Line::side($before, $form);
            $before = $form;
        }

        return new Step(
            id: "root-$number",
            title: Message::of('simplify.radicals.root.title', ['root' => $root]),
            why: match (true) {
                $isWhole => Message::of('simplify.radicals.root.why-whole'),
                $isBelow => Message::of('simplify.radicals.root.why-below', ['index' => $index]),
                default => Message::of(
                    $isMinus ? 'simplify.radicals.root.why-minus' : 'powers.simplify.why',
                    ['index' => $index],
                ),
            },
            lines: [...$lines, ...($before->equals($written) ? [] : [Line::side($before, $written)])],
            question: Question::expression(
                Message::of('quadratic.simplify.ask', ['root' => $root]),
                new Identity($root, $written),
                $written,
            ),
            watch: $index === 2 ? Slip::RootNotSimplified : null,
        );
    }

    /** 18x³ under a root as 9x² · 2x; where it is written so already, as two roots. */
    private static function split(Expression $power, Expression $rest, Root $root): Expression
    {
        $under = Product::apart([$power, $rest]);

        return $under->equals($root->radicand)
            ? Product::of([new Root($power, $root->index), new Root($rest, $root->index)])
            : new Root($under, $root->index);
    }

    /**
     * The root of a fraction whose denominator is made a power with the index, then root over root.
     *
     * @return list<Expression>
     */
    private static function withPowerBelow(RadicalTerm $under, RadicalTerm $simple, int $index): array
    {
        $own = $under->below();
        $below = RadicalTerm::of($simple->below()->toExpression(), 1)?->power($index);
        $inverse = $own->power(-1);
        if ($below === null || $inverse === null) {
            return [];
        }
        $by = $below->times($inverse);
        $above = $under->times($own);
        $rooted = static fn(Expression $part): Expression => new Root($part, $index);

        return [
            ...($by->toExpression()->isOne() ? [] : [$rooted(new Quotient(
                Product::apart([$above->toExpression(), $by->toExpression()]),
                Product::apart([$own->toExpression(), $by->toExpression()]),
            ))]),
            new Quotient($rooted($above->times($by)->toExpression()), $rooted($below->toExpression())),
        ];
    }

    /** @return list<Root> each once, in order */
    public static function roots(Node $node): array
    {
        $roots = $node instanceof Root ? [$node] : [];
        foreach ($node instanceof Root ? [] : $node->children() as $child) {
            foreach (self::roots($child) as $root) {
                $isKnown = array_filter($roots, static fn(Root $one): bool => $one->equals($root)) !== [];
                $roots = $isKnown ? $roots : [...$roots, $root];
            }
        }

        return $roots;
    }
}
