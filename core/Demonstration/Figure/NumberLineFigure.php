<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\LikeTerms;
use Runel\Polynomial\Polynomial;

/**
 * Signed numbers added as jumps along a line: to the right what is positive, to the left what is negative. Like terms
 * are counted in the same way, in whatever letters they have.
 */
final readonly class NumberLineFigure implements Figure
{
    /** Further than this on one line is read, not seen. */
    private const WIDEST = 24;
    private const MOST_JUMPS = 4;

    /**
     * @param non-empty-list<Expression> $terms in their order
     * @param non-empty-list<int>        $jumps their coefficients
     * @param Expression                 $total what they come to
     */
    private function __construct(public array $terms, public array $jumps, public Expression $total) {}

    /** Null where nothing is negative, or there is too much to be seen. */
    public static function of(Equation $line): ?self
    {
        if (!$line->left instanceof Sum || \count($line->left->terms) > self::MOST_JUMPS) {
            return null;
        }
        $jumps = [];
        $letters = [];
        foreach ($line->left->terms as $term) {
            $polynomial = Polynomial::tryFrom($term);
            $jump = $polynomial === null || \count($polynomial->terms) !== 1
                ? null
                : $polynomial->terms[0]->coefficient->toInt();
            if ($jump === null || $polynomial === null) {
                return null;
            }
            $jumps[] = $jump;
            $letters[$polynomial->terms[0]->monomial->key] = true;
        }
        $figure = $jumps === [] ? null : new self($line->left->terms, $jumps, $line->right);
        $isSeen = $figure !== null && min($jumps) < 0 && \count($letters) === 1
            && $figure->most() - $figure->least() <= self::WIDEST;

        return $isSeen ? $figure : null;
    }

    /** @return non-empty-list<int> where one stands: at 0, and after each jump */
    public function places(): array
    {
        $places = [0];
        foreach ($this->jumps as $jump) {
            $places[] = $places[\count($places) - 1] + $jump;
        }

        return $places;
    }

    public function least(): int
    {
        return min($this->places());
    }

    public function most(): int
    {
        return max($this->places());
    }

    public function type(): string
    {
        return 'number-line';
    }

    public function data(): array
    {
        return ['jumps' => $this->terms, 'sum' => $this->total];
    }

    public function ground(): array
    {
        return [$this->terms, $this->total];
    }

    public function written(): array
    {
        return ['jumps' => true];
    }

    public function claims(string $part): array
    {
        return [new Identity(Sum::of($this->terms), $this->total), new LikeTerms($this->terms)];
    }
}
