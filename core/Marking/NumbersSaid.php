<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Equation;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Message\Refusal;
use Runel\Number\DivisionByZero;
use Runel\Number\Field\Surds;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;
use Runel\Parsing\Parser;
use Runel\Polynomial\Polynomial;
use Runel\Proof\Proof;

/** What is said of numbers beside the work: sums, products, checks. */
final class NumbersSaid
{
    /** Before a check. */
    public const CHECK = '/^\s*(?:check|test|verify|sub(?:stitute)?|trying|try)\b[^:]*:?/iu';

    /** 2 ≠ −2, behind the value that is put in or by itself. */
    public static function unequal(string $typed, Proof $proof): ?Beside
    {
        $bare = (string) preg_replace('/^[^:]*:|[✓✔✗✘.\s]+$/u', '', $typed);
        $parts = [];
        foreach (explode('≠', $bare) as $part) {
            $value = self::parsed($part);
            if (!$value instanceof Expression || Indeterminates::of($value) !== []) {
                return Beside::said('check', null);
            }
            $parts[] = $value;
        }

        return \count($parts) === 2 ? Beside::said('check', !$proof->same($parts[0], $parts[1])) : null;
    }

    /** 2 · 4 = 8. */
    public static function sum(string $typed, Proof $proof): ?Beside
    {
        $values = str_contains($typed, '=') ? self::chain($typed, $proof) : null;

        return $values === null ? null : Beside::said('product', $values !== []);
    }

    /** 2 · 4 = 8, 2 + 4 = 6: several sums beside one another. */
    public static function sums(string $typed, Proof $proof): ?Beside
    {
        $parts = preg_split('/\s*[,;]\s*|\s+and\s+/u', trim($typed)) ?: [];
        $holds = true;
        foreach (\count($parts) > 1 ? $parts : [''] as $part) {
            $sum = self::sum($part, $proof);
            if ($sum === null) {
                return null;
            }
            $holds = $holds && $sum->holds === true;
        }

        return Beside::said('product', $holds);
    }

    /** Every number that is said to equal another does; what cannot be read is left alone. */
    public static function check(string $typed, Proof $proof): Beside
    {
        $holds = true;
        $rest = (string) preg_replace(self::CHECK, '', $typed);
        foreach (preg_split('/\s*[,;]\s*/u', $rest) ?: [] as $part) {
            $values = self::chain(rtrim($part, ' .✓✔✗✘'), $proof);
            if ($values === null) {
                return Beside::said('check', null);
            }
            $holds = $holds && $values !== [];
        }

        return Beside::said('check', $holds ? true : (preg_match('/[✗✘]|≠|\bno\b/u', $typed) === 1 ? true : false));
    }

    /** What comes of a value that is put in; null where the colon may divide, as in x = 8 : 2 = 4. */
    public static function putIn(string $value, string $numbers, bool $isEquation, Proof $proof): ?Beside
    {
        $holds = self::chain($numbers, $proof);
        $mayDivide = $isEquation || (self::chain("$value/$numbers", $proof) ?? []) !== [];

        return $holds === [] && $mayDivide ? null : Beside::said('check', $holds === null ? null : $holds !== []);
    }

    /**
     * The value of 64 − 12 = 52.
     *
     * @return list<Rational>|null null where it is no chain of numbers; empty where it is not true
     */
    public static function chain(string $chain, Proof $proof): ?array
    {
        $parts = [];
        foreach (explode('=', $chain) as $part) {
            $parsed = self::parsed($part);
            if (!$parsed instanceof Expression || Indeterminates::of($parsed) !== []) {
                return null;
            }
            $parts[] = $parsed;
        }
        foreach (\array_slice($parts, 1) as $part) {
            if (!$proof->same($parts[0], $part)) {
                return [];
            }
        }
        try {
            $value = Evaluation::at(new Surds(), [])->of($parts[0])->toRational();
        } catch (NoExactValue | DivisionByZero) {
            return null;
        }

        return $value === null ? null : [$value];
    }

    /** What is typed, where it is a number; null where it is none. */
    public static function number(string $typed): ?Rational
    {
        $parsed = self::parsed($typed);

        return $parsed instanceof Expression ? Polynomial::number($parsed) : null;
    }

    /** What is typed; null where it cannot be read. */
    public static function parsed(string $typed): Expression|Equation|null
    {
        try {
            return Parser::parse(trim($typed))->node;
        } catch (Refusal) {
            return null;
        }
    }
}
