<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Expression\Equation;
use Runel\Expression\FractionalPower;
use Runel\Expression\Indeterminates;
use Runel\Expression\Node;
use Runel\Expression\Power;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Message\Message;

/** Why no way leads to the solutions of an equation, seen from what it holds. */
final class Unsolved
{
    /** Null where nothing in it tells. */
    public static function reason(Equation $equation): ?Message
    {
        return match (true) {
            self::any($equation, static fn(Node $node): bool => $node instanceof Power
                && Indeterminates::of($node->exponent) !== []) => Message::of('unsolved.exponent'),
            self::any($equation, static fn(Node $node): bool => $node instanceof Root
                && self::any($node->radicand, static fn(Node $inner): bool => $inner instanceof Root
                    && Indeterminates::of($inner) !== [])) => Message::of('unsolved.root-of-root'),
            self::any($equation, static fn(Node $node): bool => $node instanceof Root
                && $node->index !== 2 && Indeterminates::of($node) !== []) => Message::of('unsolved.other-root'),
            self::any($equation, static fn(Node $node): bool => $node instanceof Power
                && FractionalPower::rooted($node) !== null && Indeterminates::of($node) !== []) => Message::of(
                    'unsolved.fraction-exponent',
                ),
            self::any($equation, static fn(Node $node): bool => $node instanceof Quotient
                && Indeterminates::of($node->denominator) !== []) => Message::of('unsolved.below'),
            self::any($equation, static fn(Node $node): bool => $node instanceof Root
                && Indeterminates::of($node) !== []) => Message::of('unsolved.roots'),
            self::any($equation, static fn(Node $node): bool => $node instanceof Root) => Message::of(
                'unsolved.surds',
            ),
            default => null,
        };
    }

    /** @param \Closure(Node): bool $test */
    private static function any(Node $node, \Closure $test): bool
    {
        return $test($node)
            || array_filter($node->children(), static fn(Node $child): bool => self::any($child, $test)) !== [];
    }
}
