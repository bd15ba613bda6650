<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Number\Rational;

/**
 * A perfect square with the three things ringed that make its bracket: the root of the first term, the sign of the
 * middle, the root of the last. Each drops into the bracket as it is ringed.
 */
final readonly class RingedSquareFigure implements Figure, Lights
{
    private const PARTS = ['root', 'sign', 'half'];

    /**
     * @param array{Expression, Expression, Expression} $terms of the trinomial, without their signs
     * @param Expression                                $size  the half, without its sign
     * @param int                                       $count how many of the three are ringed
     */
    private function __construct(
        public Letter $letter,
        public bool $negative,
        public array $terms,
        public Expression $size,
        public int $count,
    ) {}

    /** @param Rational $half half of the middle coefficient, not 0 */
    public static function of(Letter $letter, Rational $half): self
    {
        $size = $half->absolute();
        $middle = $size->times(Rational::of(2));

        return new self($letter, $half->isNegative(), [
            new Power($letter, Numeral::of(2)),
            Product::withFront(Numeral::of($middle), $letter),
            Numeral::of($size->times($size)),
        ], Numeral::of($size), 0);
    }

    public function next(): self
    {
        return new self($this->letter, $this->negative, $this->terms, $this->size, $this->count + 1);
    }

    public function type(): string
    {
        return 'ringed-square';
    }

    public function data(): array
    {
        return [
            'terms' => $this->terms,
            'negative' => $this->negative,
            'bracket' => \array_slice([
                $this->letter,
                $this->negative ? 'minus' : 'plus',
                $this->size,
            ], 0, $this->count),
        ];
    }

    public function ground(): array
    {
        return [$this->letter, $this->negative, $this->terms];
    }

    public function written(): array
    {
        return ['given' => true] + array_fill_keys(\array_slice(self::PARTS, 0, $this->count), true);
    }

    public function lightable(): array
    {
        return array_fill_keys(self::PARTS, true);
    }

    public function lit(): array
    {
        return array_fill_keys(\array_slice(self::PARTS, max(0, $this->count - 1), min(1, $this->count)), true);
    }

    public function claims(string $part): array
    {
        [$first, $middle, $last] = $this->terms;
        $second = $this->size->signed($this->negative);

        return match ($part) {
            'root' => [new Identity(Product::apart([$this->letter, $this->letter]), $first)],
            'sign' => [new Identity(
                Product::apart([Numeral::of(2), $this->letter, $second]),
                $middle->signed($this->negative),
            )],
            'half' => [new Identity(Product::apart([$this->size, $this->size]), $last)],
            default => [new Identity(
                new Power(Sum::of([$this->letter, $second]), Numeral::of(2)),
                Sum::of([$first, $middle->signed($this->negative), $last]),
            )],
        };
    }
}
