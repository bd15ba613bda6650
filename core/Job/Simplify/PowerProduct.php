<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Demonstration\Line;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Letters;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\Rational;

/** Numbers and powers of letters, multiplied, divided and raised: read factor by factor. */
final readonly class PowerProduct
{
    private const HIGHEST = 60;

    /**
     * @param list<array{Rational, int}>         $numbers   each with its exponent once brackets are open
     * @param array<string, non-empty-list<int>> $exponents those of each letter, in the order in which they stand
     */
    private function __construct(
        private Expression $whole,
        private array $numbers,
        private array $exponents,
        private bool $opens,
        private bool $divides,
        private bool $isNegative,
    ) {}

    /** Null where it is something else, or nothing is to be done. */
    public static function ofTask(Task $task): ?self
    {
        return $task->once(self::class, static function () use ($task): ?self {
            $node = $task->problem->node;
            if (!$node instanceof Expression || Letters::of($node) === []
                || Inside::holds($node, Sum::class) || Inside::holds($node, Root::class)) {
                return null;
            }
            $numbers = [];
            $exponents = [];
            $flags = ['opens' => false, 'divides' => false, 'negative' => false];
            if (!self::read($node, 1, $numbers, $exponents, $flags)) {
                return null;
            }
            $self = new self($node, $numbers, $exponents, $flags['opens'], $flags['divides'], $flags['negative']);
            $sums = array_map(static fn(array $all): int => abs(array_sum($all)), array_values($exponents));
            $largest = max([0, ...$sums]);

            return $largest > self::HIGHEST || $self->result()->equals($node) ? null : $self;
        });
    }

    public function divides(): bool
    {
        return $this->divides;
    }

    /** Every power of a product or a power opened. */
    public function opened(): Expression
    {
        if (!$this->opens) {
            return $this->whole;
        }
        $above = [];
        $below = [];
        foreach ($this->numbers as [$number, $exponent]) {
            $power = abs($exponent) === 1
                ? Numeral::of($number)
                : new Power(Numeral::of($number), Numeral::of(abs($exponent)));
            $exponent > 0 ? $above[] = $power : $below[] = $power;
        }
        foreach ($this->exponents as $letter => $all) {
            foreach ($all as $exponent) {
                $power = self::power($letter, Numeral::of(abs($exponent)));
                $exponent >= 0 ? $above[] = $power : $below[] = $power;
            }
        }

        return $this->over($above, $below);
    }

    /** Numbers together, and each letter once, its exponents as a sum. */
    public function gathered(): Expression
    {
        $letters = [];
        foreach ($this->exponents as $letter => $all) {
            $letters[] = self::power($letter, \count($all) === 1 ? Numeral::of($all[0]) : Sum::of(
                array_map(Numeral::of(...), $all),
            ));
        }
        [$above, $below] = [[], []];
        foreach ($this->numbers as [$value, $exponent]) {
            $size = abs($exponent);
            $power = $size === 1 ? Numeral::of($value) : new Power(Numeral::of($value), Numeral::of($size));
            if ($exponent > 0) {
                $above[] = $power;
            } else {
                $below[] = $power;
            }
        }
        $number = $below === [] ? $above : [new Quotient(
            \count($above) > 1 ? Product::apart($above) : Product::of($above),
            \count($below) > 1 ? Product::apart($below) : Product::of($below),
        )];
        $product = Product::of([...$number, ...$letters]);

        return $this->isNegative ? new Negative($product) : $product;
    }

    /** @return list<Line> what the exponents of each letter come to */
    public function exponentLines(): array
    {
        $lines = [];
        foreach ($this->exponents as $all) {
            if (\count($all) > 1) {
                $lines[] = Line::side(Sum::of(array_map(Numeral::of(...), $all)), Numeral::of(array_sum($all)));
            }
        }

        return $lines;
    }

    /** Numbers and exponents worked out; a negative exponent stays. */
    public function worked(): Expression
    {
        $factors = [];
        foreach ($this->exponents as $letter => $all) {
            $exponent = array_sum($all);
            if ($exponent !== 0) {
                $factors[] = self::power($letter, Numeral::of($exponent));
            }
        }
        $number = $this->number();
        $size = Numeral::of($number);
        $product = Product::of($factors !== [] && $number->isOne() ? $factors : [$size, ...$factors]);

        return $this->isNegative ? new Negative($product) : $product;
    }

    /** Without negative exponents: what has one stands below the line. */
    public function result(): Expression
    {
        $above = [];
        $below = [];
        foreach ($this->exponents as $letter => $all) {
            $exponent = array_sum($all);
            if ($exponent > 0) {
                $above[] = self::power($letter, Numeral::of($exponent));
            } elseif ($exponent < 0) {
                $below[] = self::power($letter, Numeral::of(-$exponent));
            }
        }
        $number = $this->number();
        [$top, $bottom] = [Numeral::of($number->numerator()), Numeral::of($number->denominator())];
        if ($below === []) {
            $product = Product::of($above !== [] && $number->isOne() ? $above : [Numeral::of($number), ...$above]);

            return $this->isNegative ? new Negative($product) : $product;
        }

        return $this->over(
            $above !== [] && $top->isOne() ? $above : [$top, ...$above],
            $bottom->isOne() ? $below : [$bottom, ...$below],
        );
    }

    public function hasNegative(): bool
    {
        return array_filter($this->exponents, static fn(array $all): bool => array_sum($all) < 0) !== [];
    }

    private function number(): Rational
    {
        $product = Rational::one();
        foreach ($this->numbers as [$number, $exponent]) {
            $power = $number->power(abs($exponent));
            $product = $exponent > 0 ? $product->times($power) : $product->dividedBy($power);
        }

        return $product;
    }

    /**
     * @param list<Expression> $above
     * @param list<Expression> $below
     */
    private function over(array $above, array $below): Expression
    {
        $top = $above === [] ? Numeral::of(1) : Product::of($above);
        $written = $below === [] ? $top : new Quotient($top, Product::of($below));

        return $this->isNegative ? new Negative($written) : $written;
    }

    private static function power(string $letter, Expression $exponent): Expression
    {
        $base = new Letter($letter);

        return $exponent->isOne() ? $base : new Power($base, $exponent);
    }

    /**
     * @param list<array{Rational, int}>                        $numbers
     * @param array<string, non-empty-list<int>>                $exponents
     * @param array{opens: bool, divides: bool, negative: bool} $flags
     */
    private static function read(Expression $node, int $times, array &$numbers, array &$exponents, array &$flags): bool
    {
        if ($node instanceof Negative) {
            $flags['negative'] = $times % 2 === 0 ? $flags['negative'] : !$flags['negative'];

            return self::read($node->operand, $times, $numbers, $exponents, $flags);
        }
        if ($node instanceof Numeral) {
            if ($node->value->isZero()) {
                return false;
            }
            if (!$node->value->isOne()) {
                $numbers[] = [$node->value, $times];
            }

            return true;
        }
        if ($node instanceof Letter) {
            $exponents[$node->name][] = $times;

            return true;
        }
        if ($node instanceof Power) {
            $exponent = $node->exponent->number()?->toInt();
            $flags['opens'] = $flags['opens'] || !$node->base instanceof Letter && !$node->base instanceof Numeral;

            return $exponent !== null && $exponent !== 0 && abs($exponent * $times) <= self::HIGHEST
                && self::read($node->base, $exponent * $times, $numbers, $exponents, $flags);
        }
        if ($node instanceof Quotient) {
            $flags['divides'] = $flags['divides'] || Letters::of($node->denominator) !== [];

            return self::read($node->numerator, $times, $numbers, $exponents, $flags)
                && self::read($node->denominator, -$times, $numbers, $exponents, $flags);
        }
        if (!$node instanceof Product) {
            return false;
        }
        foreach ($node->factors as $factor) {
            if (!self::read($factor, $times, $numbers, $exponents, $flags)) {
                return false;
            }
        }

        return true;
    }
}
