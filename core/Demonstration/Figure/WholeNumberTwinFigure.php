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

/** The same coefficients as the digits of two whole numbers: the places' sums, then the carries, then the product. */
final readonly class WholeNumberTwinFigure implements Figure
{
    /**
     * @param list<int> $leftDigits  highest first
     * @param list<int> $rightDigits highest first
     * @param list<int> $sums        the sum at each place, highest first
     * @param list<int> $carries     what is carried into each place, highest first; may have one place more in front
     * @param list<int> $digits      the digits that stay, highest first
     */
    private function __construct(
        public int $left,
        public int $right,
        public int $product,
        public array $leftDigits,
        public array $rightDigits,
        public array $sums,
        public array $carries,
        public array $digits,
    ) {}

    /**
     * The twin, or null where the coefficients are not digits.
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
        $sums = array_fill(0, \count($left) + \count($right) - 1, 0);
        foreach ($leftDigits as $first => $digit) {
            foreach ($rightDigits as $second => $other) {
                $sums[$first + $second] += $digit * $other;
            }
        }
        $carry = 0;
        $carries = [];
        $digits = [];
        foreach (array_reverse($sums) as $sum) {
            $carries[] = $carry;
            $digits[] = ($sum + $carry) % 10;
            $carry = intdiv($sum + $carry, 10);
        }
        for (; $carry > 0; $carry = intdiv($carry, 10)) {
            $digits[] = $carry % 10;
        }

        return new self(
            self::number($leftDigits),
            self::number($rightDigits),
            self::number(array_reverse($digits)),
            $leftDigits,
            $rightDigits,
            array_values($sums),
            array_reverse($carries),
            array_reverse($digits),
        );
    }

    public function type(): string
    {
        return 'whole-number-twin';
    }

    public function data(): array
    {
        return [
            'left' => $this->left,
            'right' => $this->right,
            'product' => $this->product,
            'sums' => $this->sums,
            'carries' => $this->carries,
            'digits' => $this->digits,
        ];
    }

    public function ground(): array
    {
        return [$this];
    }

    public function written(): array
    {
        return ['twin' => true];
    }

    public function claims(string $part): array
    {
        $claims = [
            new Identity(Product::of(
                [Numeral::of($this->left), Numeral::of($this->right)],
            ), Numeral::of($this->product)),
            new Identity(self::inPlaces(array_reverse($this->sums)), Numeral::of($this->product)),
            new Identity(self::inPlaces(array_reverse($this->digits)), Numeral::of($this->product)),
        ];
        // Place by place from the right: sum and carry make the digit and ten times the next carry.
        $carries = array_reverse($this->carries);
        $digits = array_reverse($this->digits);
        foreach (array_reverse($this->sums) as $power => $sum) {
            $next = $carries[$power + 1] ?? self::rest($digits, $power + 1);
            $claims[] = new Identity(
                Sum::of([Numeral::of($sum), Numeral::of($carries[$power])]),
                Sum::of([Numeral::of($digits[$power]), Product::of([Numeral::of(10), Numeral::of($next)])]),
            );
        }

        return $claims;
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

    /**
     * The number that the digits from a place up make.
     *
     * @param list<int> $digits from the ones up
     */
    private static function rest(array $digits, int $from): int
    {
        return self::number(array_reverse(\array_slice($digits, $from)));
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
