<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Number\Rational;

/**
 * Two whole numbers multiplied place by place, or the same coefficients as their digits: the digits that meet at a
 * place, the places' sums, what is carried, and the digits that stay.
 */
final readonly class WholeNumberTwinFigure implements Figure
{
    /**
     * @param list<int> $leftDigits  highest first
     * @param list<int> $rightDigits highest first
     * @param list<int> $sums        the sum at each place, from the ones up
     * @param list<int> $carries     what is carried into each place, from the ones up
     * @param list<int> $digits      the digits that stay, from the ones up; these three are all known, whatever is
     *                               written of them
     * @param list<int> $known       the places whose sums are written, by their power of 10
     * @param int       $carried     at how many places, from the ones up, the digit is written
     * @param int|null  $joined      the place whose digits are joined
     */
    private function __construct(
        public array $leftDigits,
        public array $rightDigits,
        public array $sums,
        public array $carries,
        public array $digits,
        public array $known,
        public int $carried,
        public ?int $joined,
    ) {}

    /**
     * Nothing but the numbers; null where the coefficients are not digits.
     *
     * @param list<Rational> $left  highest first
     * @param list<Rational> $right highest first
     */
    public static function of(array $left, array $right): ?self
    {
        $leftDigits = self::digits($left);
        $rightDigits = self::digits($right);
        if ($leftDigits === null || $rightDigits === null || \count($left) + \count($right) > 12) {
            return null;
        }
        $top = \count($left) + \count($right) - 2;
        $sums = array_fill(0, $top + 1, 0);
        foreach ($leftDigits as $first => $digit) {
            foreach ($rightDigits as $second => $other) {
                $sums[$top - $first - $second] += $digit * $other;
            }
        }
        $carry = 0;
        $carries = [];
        $digits = [];
        foreach ($sums as $sum) {
            $carries[] = $carry;
            $digits[] = ($sum + $carry) % 10;
            $carry = intdiv($sum + $carry, 10);
        }
        for (; $carry > 0; $carry = intdiv($carry, 10)) {
            $digits[] = $carry % 10;
        }

        return new self($leftDigits, $rightDigits, array_values($sums), $carries, $digits, [], 0, null);
    }

    /** The sum at a place written. */
    public function summed(int $power): self
    {
        return $this->with([...$this->known, $power], $this->carried, $power);
    }

    /** The digit of the next place written, and what is carried on; at the last place, all that is left. */
    public function carried(): self
    {
        return $this->with($this->known, $this->carried + 1, $this->joined);
    }

    /** No digits joined. */
    public function quiet(): self
    {
        return $this->with($this->known, $this->carried, null);
    }

    public function left(): int
    {
        return self::number($this->leftDigits);
    }

    public function right(): int
    {
        return self::number($this->rightDigits);
    }

    public function product(): int
    {
        return $this->left() * $this->right();
    }

    /** How many places are summed. */
    public function places(): int
    {
        return \count($this->sums);
    }

    /** Whether all is written. */
    public function isWhole(): bool
    {
        return $this->carried === \count($this->sums);
    }

    /** @return list<int> the digits that are written, from the ones up */
    public function stays(): array
    {
        return $this->isWhole() ? $this->digits : \array_slice($this->digits, 0, $this->carried);
    }

    /** @return list<array{int, int}> the places (left, right) of the digits that meet at a place, outermost first */
    public function meeting(int $power): array
    {
        $joined = [];
        foreach (array_keys($this->leftDigits) as $first) {
            $second = $this->places() - 1 - $power - $first;
            if ($second >= 0 && $second < \count($this->rightDigits)) {
                $joined[] = [$first, $second];
            }
        }

        return $joined;
    }

    /** The products of the digits that meet at a place, added. */
    public function products(int $power): Expression
    {
        return Sum::of(array_map(fn(array $places): Expression => Product::apart([
            Numeral::of($this->leftDigits[$places[0]]),
            Numeral::of($this->rightDigits[$places[1]]),
        ]), $this->meeting($power)));
    }

    public function type(): string
    {
        return 'whole-number-twin';
    }

    public function data(): array
    {
        $shown = fn(int $power): bool => \in_array($power, $this->known, true);

        return [
            'left' => $this->left(),
            'right' => $this->right(),
            'product' => $this->isWhole() ? $this->product() : null,
            'joined' => $this->joined === null ? [] : $this->meeting($this->joined),
            'sums' => array_reverse(array_map(
                fn(int $power): ?int => $shown($power) ? $this->sums[$power] : null,
                array_keys($this->sums),
            )),
            'carries' => array_reverse(array_map(
                fn(int $power): ?int => $power <= $this->carried ? $this->carries[$power] : null,
                array_keys($this->sums),
            )),
            'digits' => array_reverse($this->stays()),
        ];
    }

    public function ground(): array
    {
        return [$this->leftDigits, $this->rightDigits, $this->sums, $this->carries, $this->digits];
    }

    public function written(): array
    {
        $written = ['numbers' => true];
        foreach ($this->known as $power) {
            $written["sum $power"] = true;
        }
        for ($power = 0; $power < $this->carried; ++$power) {
            $written["digit $power"] = true;
        }

        return $written + ($this->isWhole() ? ['product' => true] : []);
    }

    public function claims(string $part): array
    {
        $piece = Piece::named($part);
        $power = $piece->place;

        return match ($piece->kind) {
            'numbers' => [
                new Identity(self::inPlaces(array_reverse($this->leftDigits)), Numeral::of($this->left())),
                new Identity(self::inPlaces(array_reverse($this->rightDigits)), Numeral::of($this->right())),
            ],
            'sum' => [new Identity($this->products($power), Numeral::of($this->sums[$power]))],
            // Sum and carry make the digit and ten times the next carry.
            'digit' => [new Identity(
                Sum::of([Numeral::of($this->sums[$power]), Numeral::of($this->carries[$power])]),
                Sum::of([Numeral::of($this->digits[$power]), Product::of([Numeral::of(10), Numeral::of(
                    $this->carries[$power + 1] ?? self::number(array_reverse(\array_slice($this->digits, $power + 1))),
                )])]),
            )],
            default => [
                new Identity(
                    Product::of([Numeral::of($this->left()), Numeral::of($this->right())]),
                    Numeral::of($this->product()),
                ),
                new Identity(self::inPlaces($this->digits), Numeral::of($this->product())),
            ],
        };
    }

    /** @param list<int> $known */
    private function with(array $known, int $carried, ?int $joined): self
    {
        return new self(
            $this->leftDigits,
            $this->rightDigits,
            $this->sums,
            $this->carries,
            $this->digits,
            $known,
            $carried,
            $joined,
        );
    }

    /** @param list<int> $values from the ones up */
    private static function inPlaces(array $values): Expression
    {
        $places = [];
        foreach ($values as $power => $value) {
            $places[] = Product::of([Numeral::of($value), new Power(Numeral::of(10), Numeral::of($power))]);
        }

        return Sum::of($places);
    }

    /** @param list<int> $digits highest first */
    private static function number(array $digits): int
    {
        $number = 0;
        foreach ($digits as $digit) {
            $number = 10 * $number + $digit;
        }

        return $number;
    }

    /**
     * @param list<Rational> $coefficients
     *
     * @return list<int>|null
     */
    private static function digits(array $coefficients): ?array
    {
        $digits = [];
        foreach ($coefficients as $coefficient) {
            $digit = $coefficient->toInt();
            if ($digit === null || $digit < 0 || $digit > 9) {
                return null;
            }
            $digits[] = $digit;
        }

        return $digits;
    }
}
