<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Equation;
use Runel\Expression\LetterIndex;
use Runel\Expression\Letters;
use Runel\Expression\Node;

/** A line as people write it, made ready to be read: its margin blanked, every character at its place. */
final class Handwriting
{
    /** The first letter of first, outer, inner, last. */
    private const PRODUCT = '/^\s*([FOIL])\s*:/';
    /** What is done next, behind a line: | − 3. */
    private const NEXT = '/\s[|│‖]\s*[-+−:÷*·×\/√(](?:[^|=()]|\([^()]*\))*$/u';
    /** Between columns: x = 8     x = −1, x = 8 | x = −1. */
    private const COLUMNS = '/(?<!or|and|\s)\s{2,}(?!\s*(?:or|and)\b)|\s*\|\s*/u';
    /** An equation in a letter. */
    private const EQUATION = '/^[^=]*\p{L}[^=]*=.*[\p{L}\d)].*$/u';
    /** x = 8 x = −1. */
    private const AGAIN = '/(?<=[\d)])\s(?=(\p{L})\s*=)/u';
    /** x-8=0 x+1=0, each written without blanks. */
    private const BESIDE = '/^(\s*[^\s=]*\p{L}[^\s=]*=[^\s=]*[\p{L}\d)])\s(?=[\p{L}\d(][^\s=]*=[^\s=]+\s*$)/u';
    private const APPROXIMATE = '/≈|≃|≅|~(?=\s*-?\d)/u';

    /** x₁ = 3, x_1 = 3, x₁,₂ = 5 ± 2: solutions with the number they are given. */
    private const NUMBERED = '/(?<![\p{L}\d])(\p{L})'
        . '(_?[{(]?[1-9]\s?[,\/]\s?[1-9][)}]?|_\{?[1-9]\}?|[₁-₉](?:\s?[,\/]\s?[₁-₉])?)(?=\s*=)/u';
    /** x1 = 3, the number on the line. */
    private const NUMBERED_PLAINLY = '/(?<![\p{L}\d])(\p{L})([1-9])(?=\s*=)/u';

    /** Whether a first solution is numbered on the line, x1 = 3: then x2 = 2 is the second, and no square. */
    public static function numbersPlainly(string $typed): bool
    {
        return preg_match('/(?<![\p{L}\d])\p{L}1\s*=/u', $typed) === 1;
    }

    /** @param bool $numbersPlainly whether solutions are numbered on the line, here or further up */
    public static function plain(string $typed, Node $problem, bool $numbersPlainly = false): string
    {
        $letters = Letters::of($problem);
        $numbers = [self::NUMBERED, ...($numbersPlainly ? [self::NUMBERED_PLAINLY] : [])];
        foreach (LetterIndex::standsIn($letters) ? [] : $numbers as $numbered) {
            $typed = (string) preg_replace_callback(
                $numbered,
                static fn(array $match): string => isset($letters[$match[1]])
                    ? $match[1] . str_repeat(' ', mb_strlen($match[2]))
                    : $match[0],
                $typed,
            );
        }
        $typed = self::inSigns($typed);
        $typed = self::solutions(SaidAround::left($typed), $letters, $problem instanceof Equation);
        foreach ([self::NEXT, PageWords::BECAUSE, PageWords::DONE, PageWords::ONLY, PageWords::LABEL] as $aside) {
            $typed = self::blanked($typed, $aside);
        }
        // What was done is said behind a line that is told, too: we get x = 5/2 (double root).
        $typed = SaidAround::left($typed);
        $typed = self::blanked($typed, '/(?<=\d)(?:\.{2,3}|…)|(?<=[\p{L})²³⁴])\s*\.\s*$|(?<=[\p{L}\d)²³⁴])\s*!+\s*$/u');
        if (preg_match(PageWords::UNIT, $typed, $unit) === 1
            && array_intersect_key($letters, LetterIndex::names($unit[1])) === []) {
            $typed = self::blanked($typed, PageWords::UNIT);
        }
        if (preg_match(self::PRODUCT, $typed, $name) === 1 && !isset($letters[$name[1]])) {
            $typed = self::blanked($typed, self::PRODUCT);
        }
        $typed = (string) preg_replace(PageWords::ROOT, '√   ', self::columns($typed));
        $typed = (string) preg_replace(self::APPROXIMATE, '=', $typed);
        // A capital at the beginning of a line, or one that the keyboard has made.
        if (isset($letters['x']) && !isset($letters['X']) && !str_contains($typed, 'x')) {
            $typed = str_replace('X', 'x', $typed);
        }

        return $typed;
    }

    /** Signs for operations that are written out, and blanks for what is only ornament. */
    private static function inSigns(string $typed): string
    {
        foreach (PageWords::SIGNS as $words => $sign) {
            $typed = (string) preg_replace_callback(
                $words,
                static fn(array $match): string => $sign
                    . str_repeat(' ', max(0, mb_strlen($match[0]) - mb_strlen($sign))),
                $typed,
            );
        }

        return self::blanked($typed, PageWords::ORNAMENT);
    }

    /**
     * Solutions said in words, in signs: roots are 2, 3 as x = 2, 3.
     *
     * @param array<string, true> $letters
     */
    private static function solutions(string $typed, array $letters, bool $isEquation): string
    {
        $areRoots = preg_match(PageWords::ROOTS, $typed, $name) === 1;
        if ($areRoots || preg_match(PageWords::ANSWER, $typed, $name) === 1) {
            $values = mb_substr($typed, mb_strlen($name[0]));
            $isValue = ($areRoots || $isEquation) && \count($letters) === 1
                && preg_match(PageWords::VALUES, trim($values, ' {}')) === 1;

            return str_pad($isValue ? array_key_first($letters) . '=' : '', mb_strlen($name[0])) . $values;
        }

        return isset($letters['v']) ? $typed : (string) preg_replace(PageWords::WEDGE, '$1;', $typed);
    }

    /** Columns of equations as alternatives, each at its place. */
    private static function columns(string $typed): string
    {
        $columns = preg_split(self::COLUMNS, trim($typed)) ?: [];
        if (\count($columns) > 1 && preg_grep(self::EQUATION, $columns) === $columns) {
            $inside = mb_strlen($typed) - mb_strlen(ltrim($typed));

            return str_repeat(' ', $inside) . preg_replace_callback(
                self::COLUMNS,
                static fn(array $between): string => str_pad(';', mb_strlen($between[0])),
                trim($typed),
            );
        }

        return preg_match('/^\s*(\p{L})\s*=[^\p{L}]*\s\1\s*=[^\p{L}]*$/u', $typed) === 1
            ? (string) preg_replace(self::AGAIN, ';', $typed)
            : (string) preg_replace(self::BESIDE, '$1;', $typed);
    }

    private static function blanked(string $typed, string $pattern): string
    {
        return (string) preg_replace_callback(
            $pattern,
            static fn(array $match): string => str_repeat(' ', mb_strlen($match[0])),
            $typed,
        );
    }
}
