<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;

/** One round of a long division: how many times, the product, its opposite, what is left, and what comes down. */
final readonly class LongDivisionRound
{
    /**
     * @param int                    $power      the power of the quotient's term
     * @param Expression             $times      that term; 0 with its letter where the divisor does not go in
     * @param array<int, Expression> $before     what is divided, by power, highest first
     * @param array<int, Expression> $product    the divisor times the term, by power; none where the term is 0
     * @param array<int, Expression> $turned     the same with every sign turned
     * @param array<int, Expression> $difference what is left, by power, the highest one gone
     * @param Expression|null        $down       the term that comes down, one power lower; null at the end
     */
    public function __construct(
        public int $power,
        public Expression $times,
        public array $before,
        public array $product,
        public array $turned,
        public array $difference,
        public ?Expression $down,
    ) {}

    /**
     * @param bool $turns whether the product's signs are turned, so that it is added
     *
     * @return non-empty-list<string> the pieces it is written in, in order
     */
    public function pieces(bool $turns): array
    {
        $down = $this->down === null ? [] : ['down'];
        $turned = $turns ? ['turned'] : [];

        return $this->product === [] ? ['times', ...$down] : ['times', 'product', ...$turned, 'difference', ...$down];
    }
}
