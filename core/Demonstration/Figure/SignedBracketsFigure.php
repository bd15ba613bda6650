<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Numeral;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\NegativeCount;

/** Two brackets, empty but for their signs and then their letters: what is known of them before any number is. */
final readonly class SignedBracketsFigure implements Figure, Lights
{
    /**
     * @param array{int, int, int} $coefficients a, b and c of the trinomial, a positive, none of them 0
     * @param Expression           $letter       what each bracket begins with
     * @param Expression           $last         what stands behind the last number; 1 where no second letter does
     * @param Expression           $whole        the trinomial
     */
    public function __construct(
        private array $coefficients,
        private Expression $letter,
        private Expression $last,
        private Expression $whole,
        private bool $isLettered = false,
    ) {}

    /** The letters written in as well. */
    public function lettered(): self
    {
        return new self($this->coefficients, $this->letter, $this->last, $this->whole, true);
    }

    /** @return array{string, string} the signs, a plus first where they differ */
    public function signs(): array
    {
        return match (true) {
            $this->coefficients[2] < 0 => ['+', '−'],
            $this->coefficients[1] < 0 => ['−', '−'],
            default => ['+', '+'],
        };
    }

    /** @return list<Expression> what each bracket begins with and, with a second letter, ends with; none before that */
    public function letters(): array
    {
        if (!$this->isLettered) {
            return [];
        }

        return $this->last->isOne() ? [$this->letter] : [$this->letter, $this->last];
    }

    /** Whether a number is still to come before the first letter. */
    public function isLeading(): bool
    {
        return $this->coefficients[0] !== 1;
    }

    public function type(): string
    {
        return 'signed-brackets';
    }

    public function data(): array
    {
        return ['signs' => $this->signs(), 'letters' => $this->letters()];
    }

    public function ground(): array
    {
        return [$this->coefficients, $this->whole];
    }

    public function written(): array
    {
        return ['signs' => true] + ($this->isLettered ? ['letters' => true] : []);
    }

    public function lightable(): array
    {
        return ['signs' => true, 'letters' => true];
    }

    public function lit(): array
    {
        return [$this->isLettered ? 'letters' : 'signs' => true];
    }

    public function claims(string $part): array
    {
        [$a, $b, $c] = array_map(Numeral::of(...), $this->coefficients);
        $whole = new Identity(Sum::of([
            Product::apart([$a, $this->letter, $this->letter]),
            Product::apart([$b, $this->letter, $this->last]),
            Product::apart([$c, $this->last, $this->last]),
        ]), $this->whole);
        if ($part === 'letters') {
            return [$whole];
        }
        $negative = \count(array_filter($this->signs(), static fn(string $sign): bool => $sign === '−'));

        return [$whole, new NegativeCount($c, $b, Numeral::of($negative))];
    }
}
