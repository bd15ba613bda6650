<?php

declare(strict_types=1);

namespace Runel\Audit;

use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Sum;

/** A missing power written with a 0 says nothing by its value: here it is held to its place. */
final class Placeholders
{
    /** Whether every sum with a 0 for a missing power names each power of those letters once, falling. */
    public static function stand(Node $node): bool
    {
        $terms = $node instanceof Sum ? $node->terms : [];
        $placeholders = [];
        foreach ($terms as $term) {
            if (($term instanceof Product || $term instanceof Marked) && self::isPlaceholder($term)) {
                $placeholders[] = $term;
            }
        }
        if ($placeholders !== []) {
            $letters = array_merge(...array_map(Indeterminates::of(...), $placeholders));
            $degrees = array_map(static fn(Node $term): int => self::degree($term, $letters), $terms);
            $falling = $degrees;
            rsort($falling);

            return $degrees === $falling && \count(array_unique($degrees)) === \count($degrees);
        }
        foreach ($node->children() as $child) {
            // Most parts hold no sum: they take no further call.
            $isPlain = $child instanceof Numeral || $child instanceof Letter
                || ($child instanceof Power && $child->base instanceof Letter && $child->exponent instanceof Numeral);
            if (!$isPlain && !self::stand($child)) {
                return false;
            }
        }

        return true;
    }

    /** Whether two expressions, one of which is a placeholder, name the same power, or none. */
    public static function agree(Expression $first, Expression $second): bool
    {
        if (!self::isPlaceholder($first) && !self::isPlaceholder($second)) {
            return true;
        }
        $degrees = [self::degree($first), self::degree($second)];

        return \in_array(0, $degrees, true) || $degrees[0] === $degrees[1];
    }

    /** Whether it is written with a 0 before letters. */
    private static function isPlaceholder(Expression $term): bool
    {
        return match (true) {
            $term instanceof Marked => self::isPlaceholder($term->content),
            $term instanceof Product => !$term->apart
                && $term->factors[0] instanceof Numeral
                && $term->factors[0]->value->isZero()
                && self::degree($term) > 0,
            default => false,
        };
    }

    /** @param array<string, true>|null $letters the letters that count; left out, all */
    private static function degree(Node $node, ?array $letters = null): int
    {
        $of = static fn(Node $part): int => self::degree($part, $letters);

        return match (true) {
            $node instanceof Numeral, $node instanceof Pi => 0,
            $node instanceof Letter => $letters === null || isset($letters[$node->name]) ? 1 : 0,
            $node instanceof Marked => $of($node->content),
            $node instanceof Negative => $of($node->operand),
            $node instanceof Product, $node instanceof Quotient => array_sum(array_map($of, $node->children())),
            $node instanceof Power && $node->exponent instanceof Numeral =>
                $of($node->base) * ($node->exponent->value->toInt() ?? 1),
            default => max(0, 0, ...array_map($of, $node->children())),
        };
    }
}
