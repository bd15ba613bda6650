<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Sum;

/** The special products in letters that the problem does not use. */
final readonly class Identities
{
    private const LETTERS = ['pq', 'uv', 'mn', 'rs', 'gh', 'jk', 'cd', 'AB'];

    private function __construct(public Letter $p, public Letter $q) {}

    /** @param list<string> $used */
    public static function beside(array $used): self
    {
        foreach (self::LETTERS as $letters) {
            if (array_intersect(str_split($letters), $used) === []) {
                return new self(new Letter($letters[0]), new Letter($letters[1]));
            }
        }
        throw new \LogicException('A problem has fewer letters than there are pairs here.');
    }

    /** @return array{Expression, Expression} (p + q)² or (p − q)², and what it is multiplied out */
    public function square(bool $minus): array
    {
        $two = Numeral::of(2);

        return [
            new Power(Sum::of([$this->p, $this->q->signed($minus)]), $two),
            Sum::of([
                new Power($this->p, $two),
                Product::of([$two, $this->p, $this->q])->signed($minus),
                new Power($this->q, $two),
            ]),
        ];
    }

    /** @return array{Expression, Expression} (p + q)(p − q) and p² − q² */
    public function difference(): array
    {
        $two = Numeral::of(2);

        return [
            Product::of([Sum::of([$this->p, $this->q]), Sum::of([$this->p, new Negative($this->q)])]),
            Sum::of([new Power($this->p, $two), new Negative(new Power($this->q, $two))]),
        ];
    }

    /** @return array{Expression, Expression} (p ± q)(p² ∓ pq + q²) and p³ ± q³ */
    public function cubes(bool $minus): array
    {
        [$two, $three] = [Numeral::of(2), Numeral::of(3)];

        return [
            Product::of([
                Sum::of([$this->p, $this->q->signed($minus)]),
                Sum::of([
                    new Power($this->p, $two),
                    Product::of([$this->p, $this->q])->signed(!$minus),
                    new Power($this->q, $two),
                ]),
            ]),
            Sum::of([new Power($this->p, $three), (new Power($this->q, $three))->signed($minus)]),
        ];
    }

    /** @return array{Expression, Expression} (p ± q)³, and what it is multiplied out */
    public function cube(bool $minus): array
    {
        [$two, $three] = [Numeral::of(2), Numeral::of(3)];

        return [
            new Power(Sum::of([$this->p, $this->q->signed($minus)]), $three),
            Sum::of([
                new Power($this->p, $three),
                Product::of([$three, new Power($this->p, $two), $this->q])->signed($minus),
                Product::of([$three, $this->p, new Power($this->q, $two)]),
                (new Power($this->q, $three))->signed($minus),
            ]),
        ];
    }
}
