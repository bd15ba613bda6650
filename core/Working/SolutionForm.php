<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Judging\Form;
use Runel\Method\Wanting;

/** A line that says what a letter is, and whether it says it in the form in which an answer stands. */
final class SolutionForm
{
    /** What the line lacks, by its form, to say which numbers the letter may be; null where it lacks nothing. */
    public static function wants(Node $node, string $letter): ?Wanting
    {
        // Where no letter is left, all is said: numbers that are equal, or that are not.
        if (Indeterminates::of($node) === []) {
            return null;
        }
        foreach (self::equations($node) as $equation) {
            $value = self::value($equation, $letter);
            $wants = $value === null || Indeterminates::of($value) !== []
                ? Wanting::UnknownAlone
                : self::wantsOfNumber($value);
            if ($wants !== null) {
                return $wants;
            }
        }

        return null;
    }

    /** The same of a formula: alone means that the letter stands on one side and not on the other. */
    public static function wantsSubject(Node $node, string $letter): ?Wanting
    {
        $equations = self::equations($node);
        foreach ($equations as $equation) {
            $value = self::value($equation, $letter);
            if ($value === null || Letters::holds($value, $letter)) {
                return Wanting::UnknownAlone;
            }
        }

        return $equations === [] ? Wanting::UnknownAlone : null;
    }

    /** @return list<Expression> what the letter is said to be; nothing where it does not stand alone */
    public static function values(Node $node, string $letter): array
    {
        return array_values(array_filter(array_map(
            static fn(Equation $equation): ?Expression => self::value($equation, $letter),
            self::equations($node),
        )));
    }

    /** @return list<Equation> */
    public static function equations(Node $node): array
    {
        return match (true) {
            $node instanceof Alternatives => $node->equations,
            $node instanceof Equation => [$node],
            default => [],
        };
    }

    /** What a letter is said to be, on whichever side it stands alone; null where it does not. */
    public static function value(Equation $equation, string $letter): ?Expression
    {
        $isLetter = static fn(Expression $side): bool => $side instanceof Letter && $side->name === $letter;

        return match (true) {
            $isLetter($equation->left) => $equation->right,
            $isLetter($equation->right) => $equation->left,
            default => null,
        };
    }

    /** 3 2/3, which is read as a sum. */
    private static function isMixed(Expression $number): bool
    {
        $terms = $number->bare()->terms();

        return \count($terms) === 2 && $terms[0] instanceof Numeral && $terms[0]->value->isInteger()
            && $terms[1] instanceof Quotient && Form::isReduced($terms[1])
            && $terms[1]->numerator instanceof Numeral && $terms[1]->denominator instanceof Numeral
            && $terms[1]->numerator->value->compareTo($terms[1]->denominator->value) < 0;
    }

    private static function wantsOfNumber(Expression $number): ?Wanting
    {
        return match (true) {
            !Form::isReduced($number) => Wanting::LowestTerms,
            !Form::hasSimpleRoots($number) => Wanting::Root,
            // Numbers without roots are worked out; sums with roots stand as they are.
            !Inside::holds($number, Root::class) && !Form::isCollected($number) && !self::isMixed($number)
                => Wanting::Collected,
            default => null,
        };
    }
}
