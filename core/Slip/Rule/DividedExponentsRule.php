<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Expression\Quotient;
use Runel\Polynomial\Monomial;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** Powers of a letter divided by dividing their exponents: x⁶/x² as x³, x⁵/x² as x^(5/2). */
final readonly class DividedExponentsRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        return $parts->atEachPlace(static fn(Node $node): iterable => $node instanceof Quotient
            ? self::divided(self::term($node->numerator), self::term($node->denominator))
            : [], Quotient::class);
    }

    /** @return iterable<Expression> */
    private static function divided(?Term $above, ?Term $below): iterable
    {
        $exponents = $above->monomial->exponents ?? [];
        $isDivided = false;
        $fractions = [];
        foreach ($below->monomial->exponents ?? [] as $letter => $exponent) {
            $own = $exponents[$letter] ?? 0;
            if ($exponent < 1 || $own === 0) {
                return;
            }
            $isDivided = $isDivided || $exponent > 1;
            if ($exponent > 1 && $own % $exponent !== 0) {
                unset($exponents[$letter]);
                $quotient = new Quotient(Numeral::of($own), Numeral::of($exponent));
                $fractions[] = new Power(new Letter((string) $letter), $quotient);
            } else {
                $exponents[$letter] = $exponent === 1 ? $own - 1 : intdiv($own, $exponent);
            }
        }
        if ($isDivided && $above !== null && $below !== null) {
            $left = new Term($above->coefficient->dividedBy($below->coefficient), Monomial::of($exponents));
            $written = $left->toExpression();
            yield $fractions === [] ? $written : Product::of([...($written->isOne() ? [] : [$written]), ...$fractions]);
        }
    }

    private static function term(Expression $written): ?Term
    {
        $terms = Polynomial::tryFrom($written)->terms ?? [];

        return \count($terms) === 1 ? $terms[0] : null;
    }
}
