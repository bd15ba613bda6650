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

/**
 * The square of the letter with two strips beside it, half of the middle wide, and the corner that is missing to a
 * larger square. Where the middle is negative the strips are taken away from inside, and the corner is taken twice.
 */
final readonly class SquareTilesFigure implements Figure
{
    /**
     * @param Expression $half     half of the middle, without its sign
     * @param Expression $corner   its square
     * @param bool       $negative whether the strips are taken away
     * @param bool       $filled   whether the corner is there
     */
    private function __construct(
        public Letter $letter,
        public Expression $half,
        public Expression $corner,
        public Expression $middle,
        public Expression $side,
        public bool $negative,
        public bool $filled,
    ) {}

    /**
     * @param Expression $half   without its sign
     * @param Expression $middle the middle coefficient, with its sign
     */
    public static function open(
        Letter $letter,
        Expression $half,
        Expression $corner,
        Expression $middle,
        bool $negative,
    ): self {
        $side = Sum::of([$letter, $half->signed($negative)]);

        return new self($letter, $half, $corner, $middle, $side, $negative, false);
    }

    public function filled(): self
    {
        return new self(
            $this->letter,
            $this->half,
            $this->corner,
            $this->middle,
            $this->side,
            $this->negative,
            true,
        );
    }

    public function type(): string
    {
        return 'square-tiles';
    }

    public function data(): array
    {
        return [
            'letter' => $this->letter,
            'half' => $this->half,
            'corner' => $this->corner,
            'middle' => $this->middle,
            'side' => $this->side,
            'negative' => $this->negative,
            'filled' => $this->filled,
        ];
    }

    public function ground(): array
    {
        return [$this->letter, $this->half, $this->corner, $this->middle, $this->negative];
    }

    public function written(): array
    {
        return $this->filled ? ['strips' => true, 'corner' => true] : ['strips' => true];
    }

    public function claims(string $part): array
    {
        $two = Numeral::of(2);
        $strips = Product::apart([$two, $this->half]);

        return $part === 'strips'
            ? [
                new Identity($strips->signed($this->negative), $this->middle),
                new Identity(new Power($this->half, $two), $this->corner),
                new Identity($this->side, $this->side),
                new Identity($this->letter, $this->letter),
            ]
            : [new Identity(new Power($this->side, $two), Sum::of([
                new Power($this->letter, $two),
                Product::apart([$this->middle, $this->letter]),
                $this->corner,
            ]))];
    }
}
