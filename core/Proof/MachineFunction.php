<?php

declare(strict_types=1);

namespace Runel\Proof;

use Runel\Expression\Evaluation;
use Runel\Expression\Expression;
use Runel\Expression\FractionalPower;
use Runel\Expression\Indeterminates;
use Runel\Expression\Letter;
use Runel\Expression\Marked;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Pi;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Expression\Root;
use Runel\Expression\Sum;
use Runel\Number\NoExactValue;

/** An expression as a function of machine numbers, quick to be worked out at many places. NAN where it has no value. */
final readonly class MachineFunction
{
    private const NUMBER = 0;
    private const LETTER = 1;
    private const SUM = 2;
    private const PRODUCT = 3;
    private const QUOTIENT = 4;
    private const POWER = 5;
    private const ROOT = 6;
    /** A power with letters in its exponent, of what is positive. */
    private const OPEN_POWER = 7;

    /**
     * @param self::*    $kind
     * @param list<self> $parts
     * @param float      $number a number's value, a power's exponent or a root's index
     * @param string     $letter a letter's name
     */
    private function __construct(
        private int $kind,
        private array $parts,
        private float $number = 0.0,
        private string $letter = '',
    ) {}

    /** @throws NoExactValue when an exponent is no number */
    public static function of(Expression $node): self
    {
        return match (true) {
            $node instanceof Numeral => new self(self::NUMBER, [], $node->value->toFloat()),
            $node instanceof Pi => new self(self::NUMBER, [], \M_PI),
            $node instanceof Letter => new self(self::LETTER, [], letter: $node->name),
            $node instanceof Sum => new self(self::SUM, array_map(self::of(...), $node->terms)),
            $node instanceof Product => new self(self::PRODUCT, array_map(self::of(...), $node->factors)),
            $node instanceof Negative => self::opposite(self::of($node->operand)),
            $node instanceof Marked => self::of($node->content),
            $node instanceof Quotient => new self(self::QUOTIENT, [
                self::of($node->numerator),
                self::of($node->denominator),
            ]),
            $node instanceof Power => self::raised($node),
            $node instanceof Root => new self(self::ROOT, [self::of($node->radicand)], $node->index),
            default => throw new NoExactValue('no function'),
        };
    }

    private static function opposite(self $function): self
    {
        return match ($function->kind) {
            self::NUMBER => new self(self::NUMBER, [], -$function->number),
            self::PRODUCT => new self(self::PRODUCT, [new self(self::NUMBER, [], -1.0), ...$function->parts]),
            default => new self(self::PRODUCT, [new self(self::NUMBER, [], -1.0), $function]),
        };
    }

    /** @throws NoExactValue where the exponent is no number that is worked with */
    private static function raised(Power $power): self
    {
        if (Indeterminates::of($power->exponent) !== []) {
            return new self(self::OPEN_POWER, [self::of($power->base), self::of($power->exponent)]);
        }
        $rooted = FractionalPower::rooted($power);

        return $rooted !== null
            ? self::of($rooted)
            : new self(self::POWER, [self::of($power->base)], Evaluation::exponent($power));
    }

    /** @param array<string, float> $letters their values */
    public function at(array $letters): float
    {
        return match ($this->kind) {
            self::NUMBER => $this->number,
            self::LETTER => $letters[$this->letter] ?? \NAN,
            self::SUM => $this->sum($letters),
            self::PRODUCT => $this->product($letters),
            self::QUOTIENT => self::quotient($this->parts[0]->at($letters), $this->parts[1]->at($letters)),
            self::POWER => self::power($this->parts[0]->at($letters), $this->number),
            self::ROOT => self::root($this->parts[0]->at($letters), $this->number),
            self::OPEN_POWER => self::openPower($this->parts[0]->at($letters), $this->parts[1]->at($letters)),
        };
    }

    /** @param array<string, float> $letters */
    private function sum(array $letters): float
    {
        $sum = 0.0;
        foreach ($this->parts as $part) {
            // Most parts are numbers and letters: they take no further call.
            $sum += match ($part->kind) {
                self::NUMBER => $part->number,
                self::LETTER => $letters[$part->letter] ?? \NAN,
                default => $part->at($letters),
            };
        }

        return $sum;
    }

    /** @param array<string, float> $letters */
    private function product(array $letters): float
    {
        $product = 1.0;
        foreach ($this->parts as $part) {
            $product *= match ($part->kind) {
                self::NUMBER => $part->number,
                self::LETTER => $letters[$part->letter] ?? \NAN,
                default => $part->at($letters),
            };
        }

        return $product;
    }

    private static function quotient(float $above, float $below): float
    {
        return $below === 0.0 ? \NAN : $above / $below;
    }

    private static function power(float $base, float $exponent): float
    {
        return $base === 0.0 && $exponent < 1 ? \NAN : $base ** $exponent;
    }

    private static function openPower(float $base, float $exponent): float
    {
        return $base > 0 ? $base ** $exponent : \NAN;
    }

    private static function root(float $under, float $index): float
    {
        return $under < 0 && (int) $index % 2 === 1 ? -((-$under) ** (1 / $index)) : $under ** (1 / $index);
    }
}
