<?php

declare(strict_types=1);

namespace Runel\Why;

use Runel\Demonstration\Check;
use Runel\Demonstration\Figure\CalculatorFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Law\Claim\Claim;
use Runel\Proof\Proof;
use Runel\Style\Calculator;
use Runel\Working\Keypad;

/** The numbers in the lines of a step that a calculator can work out, each with its keys. */
final class KeyedNumbers
{
    private const MOST = 4;

    /** @return list<CalculatorFigure> the newest line first */
    public static function of(Step|Check $content, Calculator $kind): array
    {
        $figures = [];
        foreach (array_reverse($content->lines) as $line) {
            foreach (self::numbers(Rewriter::unmarked($line->node)) as $number) {
                // The same with the other sign has the same keys.
                $isKnown = array_filter($figures, static fn(CalculatorFigure $known): bool =>
                    self::size($known->meant)->equals(self::size($number))) !== [];
                $figure = $isKnown ? null : Keypad::of($number, $kind);
                if ($figure !== null && self::isProved($figure)) {
                    $figures[] = $figure;
                }
                if (\count($figures) === self::MOST) {
                    break 2;
                }
            }
        }

        return $figures;
    }

    private static function size(Expression $number): Expression
    {
        return $number->bare();
    }

    /** Whether there is anything to be keyed. */
    public static function areIn(Step|Check $content): bool
    {
        return array_filter($content->lines, static fn(Line $line): bool => array_filter(
            self::numbers(Rewriter::unmarked($line->node)),
            static fn(Expression $number): bool => !self::size($number) instanceof Numeral,
        ) !== []) !== [];
    }

    /** @return list<Expression> the largest parts without a letter */
    private static function numbers(Node $node): array
    {
        if ($node instanceof Expression && Letters::of($node) === []) {
            return [$node];
        }
        $found = [];
        foreach ($node->children() as $child) {
            // A sign between two terms is none of the number's.
            $part = $node instanceof Sum && $child instanceof Negative ? $child->operand : $child;
            array_push($found, ...self::numbers($part));
        }

        return $found;
    }

    private static function isProved(CalculatorFigure $figure): bool
    {
        $proof = new Proof();

        return array_filter(
            $figure->claims('keys'),
            static fn(Claim $claim): bool => !$proof->holds($claim),
        ) === [];
    }
}
