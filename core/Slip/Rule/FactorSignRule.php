<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\Slip;
use Runel\Slip\WrongRule;

/** A quadratic is factored with the right numbers and the signs in the wrong places. */
final class FactorSignRule implements WrongRule
{
    public function slip(): Slip
    {
        return Slip::SignsInWrongBrackets;
    }

    public function wrong(Node $line): iterable
    {
        $polynomial = $line instanceof Expression ? Polynomial::tryFrom($line) : null;
        $letters = $polynomial?->letters() ?? [];
        if (\count($letters) !== 1 || $polynomial?->degree() !== 2) {
            return;
        }
        // With both signs exchanged the middle turns its sign; with one of them, the last term does.
        [$a, $b, $c] = array_map(
            static fn(int $power): Rational => $polynomial->coefficient($letters[0], $power),
            [2, 1, 0],
        );
        yield Polynomial::ofCoefficients($letters[0], [$a, $b->negated(), $c])->toExpression();
    }
}
