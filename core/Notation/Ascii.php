<?php

declare(strict_types=1);

namespace Runel\Notation;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Expression\LetterIndex;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;

/**
 * The explicit notation for machines: every multiplication written, marks left out, as in
 * 2*x^2-7/3*x+1. Whatever it writes can be read back to something of the same value.
 */
final class Ascii
{
    private const SUM = 1;
    private const PRODUCT = 2;
    private const POWER = 3;
    private const ATOM = 4;

    public static function write(Node $node): string
    {
        return match (true) {
            $node instanceof Equation => self::at($node->left, self::SUM) . ' = ' . self::at($node->right, self::SUM),
            $node instanceof Alternatives => implode(' or ', array_map(self::write(...), $node->equations)),
            default => self::at($node, self::SUM),
        };
    }

    /** The same as people type it: no sign for a multiplication where nothing else could be read. */
    public static function typed(Node $node): string
    {
        $written = self::write($node);

        return str_contains($written, '/')
            ? $written
            : (string) preg_replace('/(?<=[\d)])\*(?=[a-zα-ω(])/iu', '', $written);
    }

    private static function name(string $name): string
    {
        // Most names are one letter of one byte.
        [$letter, $index] = isset($name[1]) ? LetterIndex::apart($name) : [$name, ''];

        return $index === '' ? $letter : "{$letter}_$index";
    }

    private static function at(Node $node, int $level): string
    {
        return match (true) {
            $node instanceof Numeral => $node->decimal ?? (string) $node->value,
            $node instanceof Letter => self::name($node->name),
            $node instanceof Product => self::within($level, self::PRODUCT, self::product($node)),
            $node instanceof Power => self::within($level, self::POWER, self::at(
                $node->base,
                self::ATOM,
            ) . '^' . self::at($node->exponent, self::ATOM)),
            $node instanceof Sum => self::within($level, self::SUM, self::sum($node)),
            $node instanceof Negative => self::within(
                $level,
                self::SUM,
                '-' . self::at($node->operand, self::PRODUCT),
            ),
            $node instanceof Marked => self::at($node->content, $level),
            $node instanceof Quotient => self::within($level, self::PRODUCT, self::at(
                $node->numerator,
                self::PRODUCT,
            ) . '/' . self::at($node->denominator, self::POWER)),
            $node instanceof Pi => Pi::NAME,
            $node instanceof Root => self::root($node),
            default => throw new \LogicException('No notation for ' . $node::class),
        };
    }

    /** What binds less than where it stands asks for is put in brackets. */
    private static function within(int $level, int $own, string $text): string
    {
        return $own < $level ? "($text)" : $text;
    }

    private static function product(Product $product): string
    {
        $text = '';
        foreach ($product->factors as $place => $factor) {
            $text .= ($place > 0 ? '*' : '') . self::at($factor, self::PRODUCT);
        }

        return $text;
    }

    private static function root(Root $root): string
    {
        return self::isUnit($root) ? 'i' : match ($root->index) {
            2 => 'sqrt(',
            3 => 'cbrt(',
            default => "root($root->index,",
        } . self::at($root->radicand, self::SUM) . ')';
    }

    private static function sum(Sum $sum): string
    {
        $text = '';
        foreach ($sum->terms as $place => $term) {
            $bare = $term;
            while ($bare instanceof Marked) {
                $bare = $bare->content;
            }
            $text .= match (true) {
                $bare instanceof Negative => '-' . self::at($bare->operand, self::PRODUCT),
                $place === 0 => self::at($bare, self::PRODUCT),
                default => '+' . self::at($bare, self::PRODUCT),
            };
        }

        return $text;
    }

    /** The root of −1, which has a letter of its own. */
    public static function isUnit(Root $root): bool
    {
        return $root->index === 2
            && $root->radicand instanceof Negative
            && $root->radicand->operand instanceof Numeral
            && $root->radicand->operand->value->isOne();
    }
}
