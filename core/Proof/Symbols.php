<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/**
 * What the letters, the roots and the open powers of normal forms are known by: each has a place among the exponents
 * of a monomial.
 */
final class Symbols
{
    /** @var array<string, int> the place of each symbol: a letter, or what stands under a root */
    private array $places = [];
    /** @var array<int, array{int, array<int, Rational>}> of the symbols that are roots: index and radicand, by place */
    private array $roots = [];
    /** @var array<int, list<array<int, Rational>>> what stands in a power with letters for an exponent, by place */
    private array $powers = [];

    /** @throws NoExactValue when there are more symbols than have places */
    public function letter(string $name): int
    {
        return $this->place($name);
    }

    /**
     * @param array<int, Rational> $radicand
     *
     * @throws NoExactValue when there are more symbols than have places
     */
    public function root(array $radicand, int $index): int
    {
        ksort($radicand);
        $place = $this->place($index . '√' . self::spelled($radicand));
        $this->roots[$place] = [$index, $radicand];

        return $place;
    }

    /**
     * A power whose exponent is no number.
     *
     * @param list<array<int, Rational>> $forms numerators and denominators of base and exponent
     *
     * @throws NoExactValue when there are more symbols than have places
     */
    public function openPower(array $forms): int
    {
        $key = '^';
        foreach ($forms as $form) {
            ksort($form);
            $key .= self::spelled($form) . '|';
        }
        $place = $this->place($key);
        $this->powers[$place] = $forms;

        return $place;
    }

    private function place(string $symbol): int
    {
        if (!isset($this->places[$symbol])) {
            if (\count($this->places) === Exponents::PLACES) {
                throw new NoExactValue('more letters and roots than can be followed');
            }
            $this->places[$symbol] = \count($this->places);
        }

        return $this->places[$symbol];
    }

    /** @return array<string, int> the places by name */
    public function places(): array
    {
        return $this->places;
    }

    /** @return array<int, array{int, array<int, Rational>}> index and radicand of each root, by place */
    public function roots(): array
    {
        return $this->roots;
    }

    public function isLetter(int $place): bool
    {
        return !isset($this->roots[$place]) && !isset($this->powers[$place]);
    }

    public function isOpenPower(int $place): bool
    {
        return isset($this->powers[$place]);
    }

    /** The number of whose square root the symbol is; null where it is no square root of a number. */
    public function numberUnder(int $place): ?Rational
    {
        [$index, $radicand] = $this->roots[$place] ?? [0, []];

        return $index === 2 && \count($radicand) === 1 ? $radicand[0] ?? null : null;
    }

    /**
     * Whether a root, or a power with a letter for its exponent, stands in a form.
     *
     * @param array<int, Rational> $form
     */
    public function holdsOther(array $form): bool
    {
        return self::occurs($form, array_keys($this->roots + $this->powers));
    }

    /** Whether a letter occurs in it, outside of roots or under one. */
    public function holds(RationalFunction $ratio, string $letter): bool
    {
        $place = $this->places[$letter] ?? null;
        if ($place === null) {
            return false;
        }
        $places = [$place];
        foreach ($this->roots as $root => [, $radicand]) {
            if (self::occurs($radicand, $places)) {
                $places[] = $root;
            }
        }
        foreach ($this->powers as $power => $forms) {
            if (array_filter($forms, static fn(array $form): bool => self::occurs($form, $places)) !== []) {
                $places[] = $power;
            }
        }

        return self::occurs($ratio->numerator, $places) || self::occurs($ratio->denominator, $places);
    }

    /**
     * @param array<int, Rational> $form
     * @param list<int>            $places
     */
    private static function occurs(array $form, array $places): bool
    {
        foreach ($form as $monomial => $_) {
            foreach ($places as $place) {
                if (Exponents::at($monomial, $place) > 0) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param array<int, Rational> $form in the order of monomials */
    private static function spelled(array $form): string
    {
        $spelled = '';
        foreach ($form as $monomial => $coefficient) {
            $spelled .= "$monomial:$coefficient ";
        }

        return $spelled;
    }
}
