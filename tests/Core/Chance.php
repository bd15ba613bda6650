<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Style\HouseStyle;

/** Random problems, the same ones every time: a failure names its seed. */
final class Chance
{
    public readonly Randomizer $dice;

    /**
     * How many seeds a property is tried on: a third of them in an ordinary run, THOROUGH times all where that is
     * set.
     */
    public static function seeds(int $count): int
    {
        return (int) ceil($count * ((int) getenv('THOROUGH') ?: 1 / 3));
    }

    public function __construct(int $seed)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $choices
     *
     * @return T
     */
    public function one(array $choices): mixed
    {
        return $choices[$this->dice->getInt(0, \count($choices) - 1)];
    }

    public function style(): HouseStyle
    {
        $style = HouseStyle::default();
        foreach (HouseStyle::table() as $key => $values) {
            $style = $style->with($key, $this->one($values));
        }

        return $style;
    }

    /**
     * Coefficients of a polynomial, highest first, the first not 0, with gaps.
     *
     * @return non-empty-list<string>
     */
    public function coefficients(int $degree, bool $fractions = false): array
    {
        $coefficients = [];
        for ($place = 0; $place <= $degree; ++$place) {
            $number = $this->dice->getInt(-9, 9);
            if ($place === 0 && $number === 0) {
                $number = 1;
            }
            $divisor = $fractions && $this->dice->getInt(0, 3) === 0 ? $this->dice->getInt(2, 5) : 1;
            $coefficients[] = $place > 0
                && $this->dice->getInt(0, 3) === 0 ? '0' : ($divisor === 1 ? (string) $number : "$number/$divisor");
        }
        if ($degree > 0 && \count(
            array_filter($coefficients, static fn(string $coefficient): bool => $coefficient !== '0'),
        ) < 2) {
            $coefficients[$degree] = '7';
        }

        return $coefficients;
    }

    /** @param list<string> $coefficients highest first */
    public function polynomial(array $coefficients, string $letter): string
    {
        $text = '';
        foreach ($coefficients as $place => $coefficient) {
            $power = \count($coefficients) - 1 - $place;
            if ((int) $coefficient === 0 && !str_contains($coefficient, '/')) {
                continue;
            }
            $sign = str_starts_with($coefficient, '-') ? '-' : ($text === '' ? '' : '+');
            $size = ltrim($coefficient, '-');
            $text .= $sign . ($size === '1' && $power > 0 ? '' : $size) . match ($power) {
                0 => '',
                1 => $letter,
                default => "$letter^$power",
            };
        }

        return $text;
    }

    /** Any expression the parser's notation can say. */
    public function expression(int $depth): Expression
    {
        if ($depth === 0 || $this->dice->getInt(0, 5) === 0) {
            return match ($this->dice->getInt(0, 3)) {
                0 => Numeral::ofDecimalOrWhole($this->dice->getInt(0, 99) . '.' . $this->dice->getInt(1, 9)),
                1 => Numeral::of($this->dice->getInt(0, 99)),
                default => new Letter($this->one(['x', 'y', 'a', 'T', 'n', 'R₁₂', 'v_f', 'pₑ'])),
            };
        }
        $deeper = fn(): Expression => $this->expression($depth - 1);

        return match ($this->dice->getInt(0, 6)) {
            0 => Sum::of([$deeper(), new Negative($deeper()), $deeper()]),
            1 => Sum::of([$deeper(), $deeper()]),
            2 => Product::of([$deeper(), $deeper()]),
            3 => new Negative($deeper()),
            4 => new Quotient($deeper(), Sum::of([new Letter('x'), $deeper()])),
            5 => new Power($deeper(), Numeral::of($this->dice->getInt(2, 12))),
            default => new Root($deeper()),
        };
    }
}
