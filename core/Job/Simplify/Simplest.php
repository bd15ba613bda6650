<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\AlgebraicFraction;
use Runel\Algebra\FactoredPolynomial;
use Runel\Algebra\RootFactors;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Judging\Form;
use Runel\Message\Refusal;
use Runel\Method\Wanting;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;

/** What a line still lacks to be simple: like terms, one fraction, common factors, roots. */
final class Simplest
{
    public static function wants(Expression $line): ?Wanting
    {
        if (Inside::holds($line, Root::class)) {
            if (array_filter(self::parts($line), static fn(Expression $part): bool
                => MonomialRoots::of($part) !== null || RootConjugate::of($part) !== null) !== []) {
                return Wanting::Root;
            }

            return Form::leavesRoots($line, false) || !self::isRooted($line) ? null : Wanting::Root;
        }
        $bare = $line->bare();
        if ($bare instanceof Quotient && $bare->denominator->number() !== null) {
            $isCollected = Polynomial::tryFrom($bare->numerator) !== null && Form::isCollected($bare->numerator);

            return match (true) {
                !$isCollected => Wanting::Collected,
                default => Form::sharesNumber($bare) ? Wanting::LowestTerms : null,
            };
        }
        if (Polynomial::tryFrom($line) !== null) {
            return Form::isCollected($line) ? null : Wanting::Collected;
        }
        // One fraction, with or without factors before it.
        $fractions = \count(array_filter(
            $bare->factors(),
            static fn(Expression $factor): bool => Inside::holds($factor, Quotient::class),
        ));
        if ($bare instanceof Sum || $fractions !== 1) {
            return Wanting::Collected;
        }
        try {
            $fraction = AlgebraicFraction::read($bare);
            $top = FactoredPolynomial::unknownFirst($fraction->top);
        } catch (NotPolynomial | DivisionByZero | Refusal) {
            return Wanting::Collected;
        }

        return $top->common($fraction->bottom)->isOne() ? null : Wanting::LowestTerms;
    }

    /** @return non-empty-list<Expression> the factors above, where sums are among them, and what stands below */
    private static function parts(Expression $line): array
    {
        $bare = $line->bare();
        $above = $bare->above();
        if (RootFactors::of($above) === null || \count($above->factors()) < 2) {
            return [$line];
        }

        return [...$above->factors(), ...($bare instanceof Quotient ? [new Quotient(
            Numeral::of(1),
            $bare->denominator,
        )] : [])];
    }

    /** Whether a root stands there that could be simplified, or one below the line. */
    private static function isRooted(Expression $line): bool
    {
        return !Form::isCollected($line) && Radicals::canGoOn($line);
    }
}
