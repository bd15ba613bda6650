<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Algebra\RealNumber;
use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Style\Calculator;

/** A number put into a calculator key by key, with what its display says after each. */
final class Keying
{
    private const PLACES = 6;
    private const MOST_KEYS = 26;
    private const MOST_DIGITS = 9;
    private const HIGHEST = 9;

    /** @var list<array{string, string}> */
    private array $keys = [];

    private function __construct(private readonly Calculator $kind) {}

    /**
     * @return non-empty-list<array{string, string}> each key and the display after it
     *
     * @throws NotKeyable
     */
    public static function of(Expression $number, Calculator $kind): array
    {
        $keying = new self($kind);
        $keying->write($number);

        return [...$keying->keys, ['=', $keying->shown($number)]];
    }

    /** Whether it goes in as one number, so that what comes next takes all of it. */
    public static function isOneNumber(Expression $number, Calculator $kind): bool
    {
        return $number instanceof Numeral || ($kind === Calculator::FractionKey && $number instanceof Quotient
            && $number->numerator instanceof Numeral && $number->denominator instanceof Numeral);
    }

    private function write(Expression $number): void
    {
        match (true) {
            $number instanceof Numeral => $this->digits($number),
            $number instanceof Negative => $this->negative($number),
            $number instanceof Sum => $this->sum($number),
            $number instanceof Product => $this->product($number),
            $number instanceof Quotient => $this->quotient($number),
            $number instanceof Power => $this->power($number),
            $number instanceof Root => $this->root($number),
            default => throw new NotKeyable(),
        };
    }

    private function press(string $key, string $display): void
    {
        if (\count($this->keys) >= self::MOST_KEYS) {
            throw new NotKeyable();
        }
        $this->keys[] = [$key, $display];
    }

    private function bracketed(Expression $number): void
    {
        $this->press('(', '');
        $this->write($number);
        $this->press(')', $this->shown($number));
    }

    /** In brackets, where what stands beside it would take only a part. */
    private function whole(Expression $number, bool $isOne): void
    {
        if ($isOne) {
            $this->write($number);
        } else {
            $this->bracketed($number);
        }
    }

    private function digits(Numeral $number): void
    {
        $digits = $number->decimal ?? (string) $number->value;
        if (\strlen($digits) > self::MOST_DIGITS || preg_match('/^[\d.]+$/', $digits) !== 1) {
            throw new NotKeyable();
        }
        $this->press($digits, $digits);
    }

    private function negative(Negative $number): void
    {
        $inner = $number->operand;
        if ($this->kind === Calculator::FractionKey) {
            $this->press('(−)', '−');
            $this->whole($inner, !$inner instanceof Sum && !$inner instanceof Negative);
            return;
        }
        // The sign comes after a number: after the first of a product, after the one above a bar.
        match (true) {
            $inner instanceof Product => $this->product($inner, true),
            $inner instanceof Quotient => $this->quotient(new Quotient(
                new Negative($inner->numerator),
                $inner->denominator,
            )),
            default => $this->turned($inner),
        };
    }

    private function turned(Expression $number): void
    {
        $this->whole($number, !$number instanceof Sum);
        $this->press('±', $this->shown(new Negative($number)));
    }

    private function sum(Sum $sum): void
    {
        foreach ($sum->terms as $place => $term) {
            if ($place === 0) {
                $this->write($term);
                continue;
            }
            $this->press(
                $term instanceof Negative ? '−' : '+',
                $this->shown(Sum::of(\array_slice($sum->terms, 0, $place))),
            );
            $bare = $term->bare();
            $this->whole($bare, !$bare instanceof Sum && !$bare instanceof Negative);
        }
    }

    private function product(Product $product, bool $negative = false): void
    {
        $factors = $product->factors;
        if ($negative) {
            $factors[0] = new Negative($factors[0]);
        }
        foreach ($factors as $place => $factor) {
            if ($place > 0) {
                $this->press('×', $this->shown(Product::apart(\array_slice($factors, 0, $place))));
            }
            $this->whole($factor, !$factor instanceof Sum && ($place === 0 || $this->stands($factor)));
        }
    }

    private function quotient(Quotient $quotient): void
    {
        [$above, $below] = [$quotient->numerator, $quotient->denominator];
        if (self::isOneNumber($quotient, $this->kind)) {
            $this->write($above);
            $this->press('a/b', $this->shown($above) . '/');
            $this->write($below);
            $this->keys[\count($this->keys) - 1][1] = $this->shown($above) . '/' . $this->shown($below);

            return;
        }
        $this->whole($above, !$above instanceof Sum);
        $this->press('÷', $this->shown($above));
        $this->whole($below, $this->stands($below) && !$below instanceof Product);
    }

    private function power(Power $power): void
    {
        $exponent = $power->wholeExponent() ?? 0;
        if ($exponent < 2 || $exponent > self::HIGHEST) {
            throw new NotKeyable();
        }
        $base = $power->base;
        $isSigned = $this->kind === Calculator::Plain && $base instanceof Negative && $base->operand instanceof Numeral;
        $this->whole($base, $isSigned || self::isOneNumber($base, $this->kind));
        if ($exponent === 2) {
            $this->press('x²', $this->shown($power));

            return;
        }
        $this->press('xʸ', $this->shown($base));
        $this->press((string) $exponent, (string) $exponent);
    }

    private function root(Root $root): void
    {
        if ($root->index !== 2) {
            throw new NotKeyable();
        }
        $isOne = self::isOneNumber($root->radicand, $this->kind);
        if ($this->kind === Calculator::FractionKey) {
            $this->press('√', '');
            $this->whole($root->radicand, $isOne);

            return;
        }
        $this->whole($root->radicand, $isOne);
        $this->press('√', $this->shown($root));
    }

    /** Whether it may follow × or ÷ without brackets. */
    private function stands(Expression $number): bool
    {
        return match (true) {
            $number instanceof Sum => false,
            $number instanceof Quotient => self::isOneNumber($number, $this->kind),
            $number instanceof Negative => $number->operand instanceof Numeral,
            default => true,
        };
    }

    /** The number as the display shows it. */
    private function shown(Expression $number): string
    {
        $value = RealNumber::of($number) ?? throw new NotKeyable();
        $rational = $value->toRational();
        $decimal = match (true) {
            $rational !== null && ($this->kind === Calculator::FractionKey || $rational->isInteger()) =>
                $rational->decimal() ?? (string) $rational,
            default => rtrim(rtrim($value->toDecimal(self::PLACES), '0'), '.'),
        };

        // A small number that the places do not hold would be shown as none.
        return preg_match('/^-?0$/', $decimal) === 1 && !$value->isZero()
            ? throw new NotKeyable()
            : str_replace('-', '−', $decimal);
    }
}
