<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\SameDegree;

/** Long division laid out: one column a power, the quotient above, product and difference of each round below. */
final readonly class LongDivisionFigure implements Figure, Lights
{
    /** @var array<string, int> when each piece is written, by its name, as in "product 1" */
    private array $pieces;

    /**
     * @param array<int, Expression>            $dividend by power, highest first, missing ones with a 0
     * @param array<int, Expression>            $divisor  by power, highest first
     * @param non-empty-list<LongDivisionRound> $rounds
     * @param Expression                        $whole    what is divided, as a polynomial
     * @param int                               $count    how many pieces are written
     * @param bool                              $turns    whether signs are turned, so that products are added
     */
    public function __construct(
        public array $dividend,
        public array $divisor,
        public array $rounds,
        private Expression $whole,
        public int $count = 0,
        public bool $turns = true,
    ) {
        $pieces = [];
        foreach ($rounds as $place => $round) {
            foreach ($round->pieces($turns) as $piece) {
                $pieces[] = "$piece $place";
            }
        }
        $this->pieces = array_flip($pieces);
    }

    public function next(): self
    {
        return $this->with($this->count + 1, $this->turns);
    }

    /** With all pieces written. */
    public function finished(): self
    {
        return $this->with(\count($this->pieces), $this->turns);
    }

    /** With nothing written yet, and with products that are subtracted as they stand. */
    public function subtracting(): self
    {
        return $this->with(0, false);
    }

    /** Whether a piece of a round is written. */
    public function has(string $piece, int $round): bool
    {
        return ($this->pieces["$piece $round"] ?? \PHP_INT_MAX) < $this->count;
    }

    /** The piece written last, and its round; null at the start. */
    public function last(): ?string
    {
        return array_key_last($this->begun());
    }

    public function type(): string
    {
        return 'long-division';
    }

    public function data(): array
    {
        $quotient = [];
        $rounds = [];
        $begun = $this->begun();
        foreach ($this->rounds as $place => $round) {
            if (!isset($begun["times $place"])) {
                break;
            }
            $quotient[] = $round->times;
            $turned = isset($begun["turned $place"]);
            $product = $turned ? $round->turned : $round->product;
            $rounds[] = [
                'product' => isset($begun["product $place"]) ? array_values($product) : [],
                'turned' => $turned,
                'difference' => isset($begun["difference $place"]) ? array_values($round->difference) : [],
                'down' => isset($begun["down $place"]) ? $round->down : null,
            ];
        }

        return [
            'dividend' => array_values($this->dividend),
            'divisor' => array_values($this->divisor),
            'quotient' => $quotient,
            'rounds' => $rounds,
        ];
    }

    public function ground(): array
    {
        return [$this->dividend, $this->divisor, $this->rounds, $this->whole];
    }

    public function written(): array
    {
        return array_fill_keys(['given', ...array_keys($this->begun())], true);
    }

    public function lightable(): array
    {
        return array_fill_keys(array_keys($this->pieces), true);
    }

    public function lit(): array
    {
        $last = $this->last();

        return $last === null ? [] : [$last => true];
    }

    public function claims(string $part): array
    {
        $piece = Piece::named($part);
        $round = $this->rounds[$piece->place];
        $divisor = Sum::of(array_values($this->divisor));
        $product = Sum::of(array_values($round->product));

        return match ($piece->kind) {
            'times' => [
                new SameDegree([$round->times], $round->power),
                new Identity(Product::of([$round->times, self::first($this->divisor)]), self::first($round->before)),
            ],
            'product' => [
                new Identity(Product::of([$round->times, $divisor]), $product),
                ...self::placed($round->product),
            ],
            'turned' => [
                new Identity(new Negative($product), Sum::of(array_values($round->turned))),
                ...self::placed($round->turned),
            ],
            'difference' => [
                new Identity(Sum::of([
                    Sum::of(array_values($round->before)),
                    new Negative($product),
                    new Negative(Sum::of(array_values($round->difference))),
                ]), Numeral::of(0)),
                ...self::placed($round->difference),
            ],
            'down' => $this->comesDown($round),
            default => [
                new Identity($this->whole, Sum::of(array_values($this->dividend))),
                new Identity($divisor, $divisor),
                ...self::placed($this->dividend),
                ...self::placed($this->divisor),
            ],
        };
    }

    /** @return array<string, int> the pieces that are written, in their order */
    private function begun(): array
    {
        return \array_slice($this->pieces, 0, $this->count);
    }

    /** @return list<Identity> what comes down is the dividend's own term */
    private function comesDown(LongDivisionRound $round): array
    {
        $own = $this->dividend[$round->power - 1] ?? null;

        return $own === null || $round->down === null ? [] : [new Identity($own, $round->down)];
    }

    /**
     * @param array<int, Expression> $terms by power
     *
     * @return list<SameDegree> every term stands in the column of its power
     */
    private static function placed(array $terms): array
    {
        $claims = [];
        foreach ($terms as $power => $term) {
            $claims[] = new SameDegree([$term], $power);
        }

        return $claims;
    }

    /** @param array<int, Expression> $terms highest power first */
    private static function first(array $terms): Expression
    {
        $first = reset($terms);

        return $first === false ? throw new \LogicException('Nothing is divided.') : $first;
    }

    private function with(int $count, bool $turns): self
    {
        return new self($this->dividend, $this->divisor, $this->rounds, $this->whole, $count, $turns);
    }
}
