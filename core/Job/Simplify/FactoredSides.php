<?php

declare(strict_types=1);

namespace Runel\Job\Simplify;

use Runel\Algebra\FactoredPolynomial;
use Runel\Demonstration\Line;
use Runel\Expression\Expression;
use Runel\Polynomial\Polynomial;

/** What stands above and below, each factored beside the work. */
final class FactoredSides
{
    /**
     * @param list<Expression>                                $parts
     * @param (\Closure(Expression): FactoredPolynomial)|null $factors what each is in factors; all that it has if null
     *
     * @return list<Line> of those that are not factored as they stand, each once
     */
    public static function lines(array $parts, ?\Closure $factors = null): array
    {
        $factors ??= static fn(Expression $part): FactoredPolynomial
            => FactoredPolynomial::unknownFirst(Polynomial::fromExpression($part));
        $lines = [];
        foreach ($parts as $part) {
            $factored = $factors($part)->toExpression();
            $isKnown = array_filter($lines, static fn(array $known): bool => $known[0]->equals($part)) !== [];
            if (!$isKnown && !$factored->equals($part)) {
                $lines[] = [$part, $factored];
            }
        }

        return array_map(static fn(array $line): Line => Line::side($line[0], $line[1]), $lines);
    }
}
