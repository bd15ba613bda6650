<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Demonstration\Line;
use Runel\Demonstration\Task;
use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\DivisionByZero;
use Runel\Number\NoExactValue;
use Runel\Number\Rational;

/**
 * Numbers and powers of letters, multiplied, divided and raised: read factor by factor. Where there are no letters, the
 * numbers are the bases: 2⁵ · 2³ is 2⁸.
 */
final readonly class PowerProduct
{
    public const HIGHEST = 60;

    /**
     * @param list<array{Rational, int}>             $numbers   each with its exponent once brackets are open
     * @param array<string, non-empty-list<int>>     $exponents those of each base, in the order in which they stand
     * @param array<string, Letter|Numeral|Quotient> $bases     by how they are written
     */
    private function __construct(
        private Expression $whole,
        private array $numbers,
        private array $exponents,
        private array $bases,
        private bool $opens,
        private bool $divides,
        private bool $isNegative,
    ) {}

    /** Null where it is something else, or nothing is to be done. */
    public static function ofTask(Task $task): ?self
    {
        return $task->once(self::class, static function () use ($task): ?self {
            $lines = self::inOneBase($task->problem->node);

            return self::of(end($lines) ?: $task->problem->node);
        });
    }

    /** @return array<string, Expression> what numbers with exponents become on the way to one base, by the step */
    public static function inOneBase(Node $node): array
    {
        if (!$node instanceof Expression) {
            return [];
        }
        $based = OneBase::of($node);
        $turned = TurnedBases::of($based ?? $node);

        return [
            ...($based === null ? [] : [OneBase::told($node) => $based]),
            ...($turned === null ? [] : ['turned' => $turned]),
        ];
    }

    /** Null where it is something else, or nothing is to be done. */
    public static function of(Node $node): ?self
    {
        if (!$node instanceof Expression || Inside::holds($node, Sum::class) || Inside::holds($node, Root::class)) {
            return null;
        }
        $read = PowerReader::read($node);
        if ($read === null) {
            return null;
        }
        $self = new self(
            $node,
            $read->numbers,
            $read->exponents,
            $read->bases,
            $read->opens,
            $read->divides,
            $read->isNegative,
        );
        $sums = array_map(static fn(array $all): int => abs(array_sum($all)), array_values($self->exponents));
        $largest = max([0, ...$sums]);

        return $largest > self::HIGHEST || $self->result()->equals($node) ? null : $self;
    }

    /** Whether no law is left for what came of powers of numbers: 2⁸, 256, 2⁵/3⁵, 2⁻³. */
    public static function isDone(Expression $line): bool
    {
        $left = self::of($line);

        return !Inside::holds($line, Sum::class) && ($left === null || $left->worked()->equals($line));
    }

    /** Whether the bases are numbers. */
    public function isOfNumbers(): bool
    {
        return array_filter($this->bases, static fn(Expression $base): bool => $base instanceof Letter) === [];
    }

    /** Of one power of a number, as 2⁻³ or (2/3)⁻², what it comes to; null of anything else. */
    public function value(): ?Expression
    {
        $bare = $this->whole->bare()->bare();
        $base = $bare instanceof Power ? $bare->base->bare()->bare() : null;
        if (!$base instanceof Numeral && !$base instanceof Quotient) {
            return null;
        }
        try {
            return Numeral::of(Evaluation::rational($this->result()));
        } catch (DivisionByZero | NoExactValue) {
            return null;
        }
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
        [$above, $below] = $this->numbersRaised();
        foreach ($this->exponents as $base => $all) {
            foreach ($all as $exponent) {
                if (\count($all) > 1 && $this->bases[$base] instanceof Quotient) {
                    // It is not turned over where it is to be put together with others.
                    $above[] = $this->power($base, Numeral::of($exponent));
                } else {
                    $this->put($base, $exponent, $above, $below);
                }
            }
        }

        return $this->over($above, $below);
    }

    /** Numbers together, and each letter once, its exponents as a sum. */
    public function gathered(): Expression
    {
        $powers = [];
        foreach ($this->exponents as $base => $all) {
            $powers[] = $this->power($base, \count($all) === 1 ? Numeral::of($all[0]) : Sum::of(
                array_map(Numeral::of(...), $all),
            ));
        }
        [$above, $below] = $this->numbersRaised();
        $number = $below === [] ? $above : [new Quotient(
            \count($above) > 1 ? Product::apart($above) : Product::of($above),
            \count($below) > 1 ? Product::apart($below) : Product::of($below),
        )];
        $product = Product::of([...$number, ...$powers]);

        return $product->signed($this->isNegative);
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

    /** Numbers and exponents worked out; a negative exponent stays, and 0 where it is kept. */
    public function worked(bool $keepsZero = false): Expression
    {
        $factors = [];
        foreach ($this->exponents as $base => $all) {
            $exponent = array_sum($all);
            if ($exponent !== 0 || $keepsZero) {
                $factors[] = $this->power($base, Numeral::of($exponent));
            }
        }
        $number = $this->number();
        $size = Numeral::of($number);
        $product = Product::withFront($size, ...$factors);

        return $product->signed($this->isNegative);
    }

    /** Without negative exponents: what has one stands below the line. */
    public function result(): Expression
    {
        $above = [];
        $below = [];
        foreach ($this->exponents as $base => $all) {
            if (array_sum($all) !== 0) {
                $this->put($base, array_sum($all), $above, $below);
            }
        }
        $number = $this->number();
        [$top, $bottom] = [Numeral::of($number->numerator()), Numeral::of($number->denominator())];
        if ($below === []) {
            $product = Product::withFront(Numeral::of($number), ...$above);

            return $product->signed($this->isNegative);
        }

        return $this->over(
            $above !== [] && $top->isOne() ? $above : [$top, ...$above],
            $bottom->isOne() ? $below : [$bottom, ...$below],
        );
    }

    /** Whether a power is raised to a power. */
    public function raisesPowers(): bool
    {
        return Inside::some($this->whole, static fn(Node $part): bool => $part instanceof Power
            && Inside::holds($part->base, Power::class));
    }

    /** Whether a number is squared together with letters. */
    public function squaresNumber(): bool
    {
        return array_filter($this->numbers, static fn(array $one): bool => abs($one[1]) === 2) !== [];
    }

    /** Whether something stands more than once, so that laws put it together. */
    public function isGathered(): bool
    {
        return \count($this->numbers) > 1
            || array_filter($this->exponents, static fn(array $all): bool => \count($all) > 1) !== [];
    }

    /** Whether one comes to the power 0. */
    public function hasZero(): bool
    {
        return array_filter($this->exponents, static fn(array $all): bool => array_sum($all) === 0) !== [];
    }

    public function hasNegative(): bool
    {
        return array_filter($this->exponents, static fn(array $all): bool => array_sum($all) < 0) !== [];
    }

    /** @return array{list<Expression>, list<Expression>} the numbers with their exponents, above and below a line */
    private function numbersRaised(): array
    {
        [$above, $below] = [[], []];
        foreach ($this->numbers as [$number, $exponent]) {
            $size = abs($exponent);
            $power = $size === 1 ? Numeral::of($number) : new Power(Numeral::of($number), Numeral::of($size));
            $exponent >= 0 ? $above[] = $power : $below[] = $power;
        }

        return [$above, $below];
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

        return $written->signed($this->isNegative);
    }

    /**
     * A power on its side of the line, its exponent positive; a fraction is turned over instead.
     *
     * @param list<Expression> $above
     * @param list<Expression> $below
     */
    private function put(string $name, int $exponent, array &$above, array &$below): void
    {
        $base = $this->bases[$name];
        $size = Numeral::of(abs($exponent));
        if ($exponent >= 0) {
            $above[] = $this->power($name, $size);
        } elseif ($base instanceof Quotient) {
            $turned = Numeral::of(Rational::one()->dividedBy(Evaluation::rational($base)));
            $above[] = $size->isOne() ? $turned : new Power($turned, $size);
        } else {
            $below[] = $this->power($name, $size);
        }
    }

    private function power(string $name, Expression $exponent): Expression
    {
        $base = $this->bases[$name];

        return $exponent->isOne() ? $base : new Power($base, $exponent);
    }
}
