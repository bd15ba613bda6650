<?php

declare(strict_types=1);

namespace Tests\Core;

/**
 * Somebody who slips, and knows how: pages written with plain arithmetic, without the rules that are to find the slip.
 *
 * @phpstan-type Page array{string, string, list<string>, list<string>}
 */
final readonly class SlippingHand
{
    public function __construct(private Chance $chance) {}

    /** @return Page problem, job, lines (the last one wrong), and every reason that is true of it */
    public function page(): array
    {
        [$a, $b, $c, $d] = [$this->number(2, 9), $this->signed(), $this->signed(), $this->signed()];
        $x = $this->chance->one(['x', 'x', 't', 'n', 'y']);
        $pages = [
            ...$this->linear($x, $a, $b, $c, $d),
            ...$this->products($x, $a, $b, $c),
            ...$this->quadratics($x, $a, $b, $c),
            ...$this->fractions($x, $a, $b, $c),
            ...$this->formula($x, $a, $b, $c),
            ...$this->formulas($a),
            ...$this->numbers($x, $a, $b, $c),
        ];

        return $this->chance->one($pages);
    }

    /** @return non-empty-list<Page> */
    private function linear(string $x, int $a, int $b, int $c, int $d): array
    {
        [$times, $own] = [$a * $b, $a * $c];
        $bracket = "$a($x{$this->plus($b)}) = $c";
        $minus = "$d - $a($x{$this->plus($b)}) = $c";
        $both = "$a$x{$this->plus($b)} = " . ($a + 3) . "$x{$this->plus($d)}";
        $more = $a + 3;

        return [
            [$bracket, 'solve', ["$a$x{$this->plus($b)} = $c"], ['first-term-only']],
            [$minus, 'solve', ["$d - $a$x{$this->plus($a * $b)} = $c"], ['minus-not-carried']],
            [$both, 'solve', [$a + $more . "$x{$this->plus($b)} = $d"], ['sign-not-turned']],
            [$both, 'solve', ["$a$x = $more$x{$this->plus($d + $b)}"], ['sign-not-turned']],
            [$both, 'solve', ["$a$x = $more$x{$this->plus($d)}"], ['one-side-only']],
            ["$a$x{$this->plus($b)} = $own", 'solve', ["$a$x = " . ($own + $b)], ['sign-not-turned']],
            ["$a$x = $times", 'solve', ["$x = " . ($times - $a)], ['wrong-inverse']],
            ["$a$x = $times", 'solve', ["$x = " . ($times * $a)], ['wrong-inverse']],
            ["-$a$x = $times", 'solve', ["$x = $b"], ['divided-by-negative']],
            ["$a$x{$this->plus($times)} = $own", 'solve', ["$x{$this->plus($times)} = $c"], ['divided-some-terms']],
        ];
    }

    /** @return non-empty-list<Page> */
    private function products(string $x, int $a, int $b, int $c): array
    {
        [$sum, $product] = [$b + $c, $b * $c];
        $square = $b * $b;

        return [
            ["($x{$this->plus($b)})^2", 'multiply', ["$x^2 + $square"],
                ['double-product-forgotten', 'power-of-sum-split']],
            ["($x{$this->plus($b)})($x{$this->plus($c)})", 'multiply', ["$x^2{$this->plus($product)}"],
                ['term-missed', 'double-product-forgotten', 'first-term-only', 'power-of-sum-split']],
            ["($a$x{$this->plus($b)})^2", 'multiply', ["$a$x^2{$this->plus(2 * $a * $b, $x)} + $square"],
                ['coefficient-not-squared']],
            ["($x{$this->plus($b)})^2", 'multiply', ["$x^2{$this->plus(-2 * $b, $x)} + $square"],
                ['middle-sign-lost', 'sign-of-product', 'arithmetic']],
            ["$x^2{$this->plus($sum, $x)}{$this->plus($product)}", 'factor',
                ["($x{$this->plus(-$b)})($x{$this->plus(-$c)})"],
                ['signs-in-wrong-brackets', 'right-product-wrong-sum']],
            ["$x^2{$this->plus($b + 1, $x)}{$this->plus($b)}", 'factor', ["($x{$this->plus($b + 2)})($x - 1)"],
                ['right-sum-wrong-product']],
            ["$a$x^2{$this->plus($a * $sum, $x)}{$this->plus($a * $product)}", 'factor',
                ["($x{$this->plus($b)})($x{$this->plus($c)})"], ['common-factor-forgotten']],
            ["$x^2($x^3{$this->plus($b)})", 'multiply', ["$x^6{$this->plus($b, "$x^2")}"], ['exponents-multiplied']],
            ["$a$x($x{$this->plus($b)})", 'multiply', ["$a$x{$this->plus($a * $b, $x)}"],
                ['exponents-not-added', 'letter-dropped']],
            ["$a - ($x{$this->plus($b)})($x{$this->plus($c)})", 'multiply',
                ["$a - $x^2{$this->plus($sum, $x)}{$this->plus($product)}"], ['minus-not-carried']],
            ["$x^3{$this->plus($b ** 3)}", 'factor',
                ["($x{$this->plus($b)})($x^2{$this->plus(-2 * $b, $x)}{$this->plus($square)})"], ['cubes-middle']],
            ["($x{$this->plus($b)})^3 - 8", 'factor', ["($x{$this->plus($b - 2)})(($x{$this->plus($b)})^2 + 4)"],
                ['cubes-middle']],
            ["{$x}^2 = k$x for $x", 'solve', ["$x = k"], ['root-lost']],
            ["$x^2 + $square", 'factor', ["($x{$this->plus($b)})^2"], ['double-product-forgotten']],
            ["($x{$this->plus($b)})^3", 'multiply', ["$x^3{$this->plus($b ** 3)}"], ['power-of-sum-split']],
        ];
    }

    /** @return non-empty-list<Page> */
    private function quadratics(string $x, int $a, int $b, int $c): array
    {
        [$root, $square] = [abs($b), $b * $b];
        [$sum, $product] = [$b + $c, $b * $c];
        $half = intdiv($a, 2) + 1;

        return [
            ["$x^2 = $square", 'solve', ["$x = $root"], ['plus-minus-forgotten']],
            ["($x{$this->plus($c)})^2 = $square", 'solve', ["$x{$this->plus($c)} = $root"], ['plus-minus-forgotten']],
            ["$x^2 = " . $this->front($b, $x), 'solve', ["$x = $b"], ['root-lost']],
            ["($x{$this->plus($b)})($x{$this->plus($c)}) = $a", 'solve',
                ["$x{$this->plus($b)} = $a or $x{$this->plus($c)} = $a"], ['product-not-zero']],
            ["($x{$this->plus($b)})($x{$this->plus($c)}) = 0", 'solve', ["$x = $b or $x = $c"], ['sign-not-turned']],
            ["$x^2{$this->plus($sum, $x)}{$this->plus($product)} = 0", 'solve',
                ["($x{$this->plus($b)})($x{$this->plus($c)}) = 0", "$x = " . -$b . " or $x = $c"], ['sign-not-turned']],
            ["$x^2 + " . 2 * $half . "$x = $a", 'solve', ["($x + $half)^2 = $a"], ['added-to-one-side']],
            ["$x^4 - " . $square + $a + 9 . "$x^2 + " . $square * ($a + 9) . ' = 0', 'solve',
                ["w = $x^2", "w = $square or w = " . $a + 9, "$x = $square or $x = " . $a + 9], ['not-put-back']],
            ["$x^2 + " . 2 * $half . "$x = $a", 'solve', ["($x + $half)^2 = " . ($a + $half)], ['half-not-squared']],
            ["$x^2 + " . 2 * $half . "$x = $a", 'solve', ["($x + " . 2 * $half . ')^2 = ' . ($a + 4 * $half * $half)],
                ['half-not-taken', 'squared-not-halved']],
        ];
    }

    /** @return non-empty-list<Page> */
    private function fractions(string $x, int $a, int $b, int $c): array
    {
        [$root, $square] = [abs($b) + 1, (abs($b) + 1) ** 2];

        return [
            ["($x^2 - $square)/($x^2 + $root$x)", 'simplify', ["-$square/$root$x"], ['term-cancelled']],
            ['(' . 2 * $a . "$x + 6)/4", 'simplify', ["($a$x + 6)/2"], ['divided-some-terms']],
            ['(' . 2 * $a . "$x + 4)/4", 'simplify', [2 * $a . $x], ['term-cancelled']],
            ["1/$x - 1/($x + $root)", 'simplify', ["0/($x($x + $root))"], ['fractions-added-across']],
            ["$root/$x + 1/($x + $root)", 'simplify', [$root + 1 . "/($x($x + $root))"],
                ['fractions-added-across']],
            ["$square/$x + $root = $a", 'solve', ["$square + $root = $a$x"], ['fraction-cleared-one-term']],
            ["$a$x^6*$x/$x^2", 'divide', ["$a$x^3*$x"], ['quotient-degree']],
            ["$a$x + {$root}k - $x + k", 'simplify', [($a + $root) . "{$x}k"], ['unlike-terms-collected']],
            ["($root$x^3)^4", 'simplify', ["$root$x^12"], ['coefficient-not-squared']],
            ["$root/($x + 1) = $square/($x - 1)", 'solve', ["$root($x - 1) = $square"], ['one-side-only']],
            ["{$root}$x^-3", 'simplify', ["1/({$root}$x^3)"], ['coefficient-not-squared']],
            ["($root$x^3)^4", 'simplify', [$root ** 4 . "$x^7"], ['exponents-added']],
            ["$x^5 + $x^5", 'simplify', ["$x^10"], ['exponents-added']],
            ["$x^-2*$x^5", 'simplify', ["$x^-10"], ['exponents-multiplied']],
            ["$square$x^7/($root$x^-2)", 'simplify', ["$root$x^5"], ['quotient-degree']],
            ["{$root}$x^-2", 'simplify', ["-{$root}$x^2"], ['sign-of-product']],
            ["$root/($x + 1) = $square/($x - 1)", 'solve', ["$root($x + 1) = $square($x - 1)"], ['one-side-only']],
            ["$root/$x + 1/2 = 3/4", 'solve', ["$root + 1/2 = 3/4$x"], ['fraction-cleared-one-term']],
            ["($x - 1)^3 = " . 27 * $root ** 3, 'solve', ["$x - 1 = " . 9 * $root ** 3], ['wrong-inverse']],
            ["$x/$a{$this->plus($b)} = $c", 'solve', ["$x{$this->plus($b)} = " . $a * $c],
                ['fraction-cleared-one-term', 'divided-some-terms']],
            ["$x/$a = $c", 'solve', ["$x = " . ($a + $c)], ['wrong-inverse']],
            ["√($x{$this->plus($b)}) = $a", 'solve', ["$x{$this->plus($b)} = $a"], ['one-side-only']],
            ['√' . 2 * $root ** 2, 'simplify', [$square . '√2'], ['root-not-simplified']],
            ['√' . 3 * $root ** 2, 'simplify', ["3√$root"], ['root-not-simplified']],
            ['√(' . 2 * $root ** 2 . 'x^5)', 'simplify', [$root . 'x^4√(2x)'], ['root-not-simplified']],
            ['√' . 5 * $root ** 2 . ' + √5', 'simplify', ['√' . 5 * $square + 5], ['root-of-sum-split']],
            ["√($x) = $x{$this->plus($b)}", 'solve', ["$x = $x^2 + " . $b * $b], ['squared-term-by-term']],
        ];
    }

    /** @return non-empty-list<Page> */
    private function formula(string $x, int $a, int $b, int $c): array
    {
        // Written out by the formula, with the one slip in it; a square under the root is left to chance.
        [$middle, $last] = [2 * $b + 1, -abs($c)];
        $given = "$a$x^2{$this->plus($middle, $x)}{$this->plus($last)} = 0";
        $inside = $middle * $middle - 4 * $a * $last;
        $below = 2 * $a;
        $against = -$middle;

        return [
            [$given, 'solve', ["$x = ($middle ± √$inside)/$below"], ['minus-of-b-lost']],
            [$given, 'solve', ["$x = ($against ± √(" . ($middle * $middle + 4 * $a * $last) . "))/$below"],
                ['discriminant-sign', 'sign-of-product']],
            [$given, 'solve', ["$x = $against ± √$inside/$below"], ['two-a-under-root-only']],
            [$given, 'solve', ["$x = ($against ± $inside)/$below"], ['discriminant-not-rooted']],
        ];
    }

    /** @return non-empty-list<Page> */
    private function formulas(int $a): array
    {
        return [
            ['v = u + at for a', 'rearrange', ['at = v + u'], ['sign-not-turned']],
            ['v = u + at for a', 'rearrange', ['at = v - u', 'a = v - u/t'],
                ['divided-some-terms', 'stacked-fraction']],
            ['v = u + at for t', 'rearrange', ['at = v - u', 't = (v - u)a'], ['wrong-inverse']],
            ['v = u + at for t', 'rearrange', ['at = v - u', 't = v - u - a'], ['wrong-inverse']],
            ["P = $a(m + n) for m", 'rearrange', ["P = {$a}m + n"], ['first-term-only']],
            ['A = 1/2 bh for b', 'rearrange', ['b = A/(2h)'], ['wrong-inverse', 'one-side-only']],
            ['c^2 = a^2 + b^2 for a', 'rearrange', ['a^2 = c^2 - b^2', 'a = c - b'], ['root-of-sum-split']],
        ];
    }

    /**
     * A number got wrong, or copied wrongly: nothing else is true of it.
     *
     * @return non-empty-list<Page>
     */
    private function numbers(string $x, int $a, int $b, int $c): array
    {
        [$right, $root] = [$a * $c + $b, $this->number(2, 9)];
        $off = $b + $c === 1 ? 1 : $this->chance->one([-1, 1]);
        $off = $b + $c === -1 ? -1 : $off;
        $numbers = ['arithmetic', 'copying'];

        return [
            ["$a$x{$this->plus($b)} = $right", 'solve', ["$a$x = " . ($a * $c + $off)], $numbers],
            ["$a$x = " . $a * $root, 'solve', ["$x = " . ($root + $off)],
                $root + $off === $a * $root - $a ? [...$numbers, 'wrong-inverse'] : $numbers],
            ["$a($x{$this->plus($b)}) = $right", 'solve', ["$a$x{$this->plus($a * $b + $off)} = $right"],
                $a * $b + $off === $a + $b ? [...$numbers, 'coefficients-added'] : $numbers],
            ["$a($x{$this->plus($b)}) = $right", 'solve', ["$a$x{$this->plus($a * $b)} = " . $right + $off], $numbers],
            ["($x{$this->plus($b)})($x{$this->plus($c)})", 'multiply',
                ["$x^2{$this->plus($b + $c + $off, $x)}{$this->plus($b * $c)}"], $numbers],
        ];
    }

    private function number(int $least, int $most): int
    {
        return $this->chance->dice->getInt($least, $most);
    }

    private function signed(): int
    {
        return $this->chance->one([-1, 1]) * $this->number(2, 12);
    }

    /** + 3 or − 3, with a letter behind it where there is one. */
    private function plus(int $number, string $letter = ''): string
    {
        $size = abs($number) === 1 && $letter !== '' ? '' : (string) abs($number);

        return $number === 0 ? '' : ($number < 0 ? ' - ' : ' + ') . $size . $letter;
    }

    private function front(int $number, string $letter): string
    {
        return match ($number) {
            1 => $letter,
            -1 => "-$letter",
            default => "$number$letter",
        };
    }
}
