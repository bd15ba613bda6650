<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\NegativeCount;

/** Two brackets, empty but for their signs: what is known of the factors before any number is. */
final readonly class SignedBracketsFigure implements Figure
{
    /**
     * @param Expression                    $last   a number: the last coefficient
     * @param Expression                    $middle a number: the middle one, not 0
     * @param Expression                    $first  the term before both
     * @param array{Expression, Expression} $powers what stands behind the middle number, and behind the last: 1 where
     *                                              nothing does
     * @param Expression                    $whole  the trinomial
     */
    public function __construct(
        private Expression $last,
        private Expression $middle,
        private Expression $first,
        private array $powers,
        private Expression $whole,
    ) {}

    /** @return array{string, string} the signs, a plus first where they differ */
    public function signs(): array
    {
        return match (true) {
            $this->last instanceof Negative => ['+', '−'],
            $this->middle instanceof Negative => ['−', '−'],
            default => ['+', '+'],
        };
    }

    public function type(): string
    {
        return 'signed-brackets';
    }

    public function data(): array
    {
        return ['signs' => $this->signs()];
    }

    public function ground(): array
    {
        return [$this->last, $this->middle, $this->whole];
    }

    public function written(): array
    {
        return ['signs' => true];
    }

    public function claims(string $part): array
    {
        $negative = \count(array_filter($this->signs(), static fn(string $sign): bool => $sign === '−'));

        return [
            new NegativeCount($this->last, $this->middle, Numeral::of($negative)),
            new Identity(Sum::of([
                $this->first,
                Product::apart([$this->middle, $this->powers[0]]),
                Product::apart([$this->last, $this->powers[1]]),
            ]), $this->whole),
        ];
    }
}
