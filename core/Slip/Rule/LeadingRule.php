<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\LineParts;
use Runel\Slip\OfSlip;
use Runel\Slip\WrongRule;

/** An equation is divided by a number, and not every term of it is. */
final readonly class LeadingRule implements WrongRule
{
    use OfSlip;

    public function wrong(LineParts $parts): iterable
    {
        $line = $parts->line;
        if (!$line instanceof Equation) {
            return;
        }
        [$left, $right] = [$parts->polynomial($line->left), $parts->polynomial($line->right)];
        if ($left === null || $right === null || $left->isConstant()) {
            return;
        }
        foreach (self::divisors($left) as $by) {
            $over = static fn(Polynomial $side): Expression => $side->scaledBy($by->reciprocal())->toExpression();
            $first = Polynomial::ofTerms([$left->terms[0]])->scaledBy($by->reciprocal());
            $onlyFirst = $first->plus(Polynomial::ofTerms(\array_slice($left->terms, 1)))->toExpression();
            yield new Equation($over($left), $line->right);
            if (\count($left->terms) > 1) {
                yield new Equation($onlyFirst, $line->right);
                yield new Equation($onlyFirst, $over($right));
                $last = \array_slice($left->terms, -1);
                $butLast = Polynomial::ofTerms(\array_slice($left->terms, 0, -1))->scaledBy($by->reciprocal());
                yield new Equation($butLast->plus(Polynomial::ofTerms($last))->toExpression(), $over($right));
            }
        }
    }

    /** @return list<Rational> the leading number, and the number that goes into all of them */
    private static function divisors(Polynomial $side): array
    {
        $divisors = [];
        foreach ([$side->terms[0]->coefficient, $side->content()] as $by) {
            // Dividing by 1/n is told as what it is: multiplying.
            if (!$by->absolute()->numerator()->isOne()) {
                $divisors[(string) $by] = $by;
            }
        }

        return array_values($divisors);
    }
}
