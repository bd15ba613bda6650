<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Law\Claim\NegativeCount;

/** Two brackets, empty but for their signs: what is known of the factors before any number is. */
final readonly class SignedBracketsFigure implements Figure
{
    /**
     * @param Expression $last   a number: the product of the two numbers that are wanted
     * @param Expression $middle a number: their sum, not 0 where the product is positive
     */
    public function __construct(private Expression $last, private Expression $middle) {}

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
        return [$this->last, $this->middle];
    }

    public function written(): array
    {
        return ['signs' => true];
    }

    public function claims(string $part): array
    {
        $negative = \count(array_filter($this->signs(), static fn(string $sign): bool => $sign === '−'));

        return [new NegativeCount($this->last, $this->middle, Numeral::of($negative))];
    }
}
