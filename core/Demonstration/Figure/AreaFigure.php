<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Rewriter;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** A product as the area of a rectangle: its sides cut into their terms, each piece the product of two of them. */
final readonly class AreaFigure implements Figure
{
    /** More pieces to a side than these are a table and no picture. */
    private const MOST = 3;

    /**
     * @param non-empty-list<Term> $top
     * @param non-empty-list<Term> $side
     */
    private function __construct(public array $top, public array $side) {}

    /** The first product in a line that has such a picture: two factors, one of them a sum, and nothing negative. */
    public static function in(Node $line): ?self
    {
        $found = null;
        Rewriter::everywhere($line, static function (Node $part) use (&$found): ?Node {
            $found ??= $part instanceof Expression ? self::of($part) : null;

            return null;
        });

        return $found;
    }

    public static function of(Expression $product): ?self
    {
        $factors = match (true) {
            $product instanceof Product => $product->factors,
            $product instanceof Power && $product->exponent instanceof Numeral
                && $product->exponent->value->toInt() === 2 => [$product->base, $product->base],
            default => [],
        };
        $isSum = static fn(Expression $factor): bool => $factor->bare() instanceof Sum;
        if (\count($factors) !== 2 || array_filter($factors, $isSum) === []) {
            return null;
        }
        $sides = array_map(self::terms(...), $factors);

        return $sides[0] === null || $sides[1] === null ? null : new self($sides[1], $sides[0]);
    }

    /** @return non-empty-list<Term>|null null where a side has no length: negative, or in no letter's terms */
    private static function terms(Expression $factor): ?array
    {
        $terms = Polynomial::tryFrom($factor)->terms ?? [];
        foreach ($terms as $term) {
            if ($term->coefficient->isNegative()) {
                return null;
            }
        }

        return $terms === [] || \count($terms) > self::MOST ? null : $terms;
    }

    public function piece(int $row, int $column): Expression
    {
        return $this->side[$row]->times($this->top[$column])->toExpression();
    }

    public function type(): string
    {
        return 'area';
    }

    public function data(): array
    {
        $written = static fn(Term $term): Expression => $term->toExpression();

        return ['top' => array_map($written, $this->top), 'side' => array_map($written, $this->side)];
    }

    public function ground(): array
    {
        return [$this->top, $this->side];
    }

    public function written(): array
    {
        return ['pieces' => true];
    }

    public function claims(string $part): array
    {
        $claims = [];
        foreach ($this->side as $row => $left) {
            foreach ($this->top as $column => $above) {
                $claims[] = new Identity(
                    Product::apart([$left->toExpression(), $above->toExpression()]),
                    $this->piece($row, $column),
                );
            }
        }

        return $claims;
    }
}
