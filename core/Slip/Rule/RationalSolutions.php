<?php

declare(strict_types=1);

namespace Runel\Slip\Rule;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Power;
use Runel\Expression\Product;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Slip\LineParts;

/** What solves a product that is 0, or a quadratic equation, where all of it is rational. */
final readonly class RationalSolutions
{
    /** @param non-empty-list<Rational> $roots each once */
    private function __construct(public string $letter, public array $roots) {}

    /** Null where there are none of this kind. */
    public static function of(Node $line): ?self
    {
        if (!$line instanceof Equation) {
            return null;
        }
        $isZero = Polynomial::tryFrom($line->right)?->isZero() === true;

        return $isZero && ($line->left instanceof Product || $line->left instanceof Power)
            ? self::ofFactors($line->left->factors())
            : self::ofQuadratic($line);
    }

    /** @param non-empty-list<Rational> $roots */
    public function written(array $roots): Node
    {
        $equations = array_map(
            fn(Rational $root): Equation => new Equation(new Letter($this->letter), Numeral::of($root)),
            $roots,
        );

        return \count($equations) === 1 ? $equations[0] : new Alternatives($equations);
    }

    /** @param list<Expression> $factors */
    private static function ofFactors(array $factors): ?self
    {
        $letter = null;
        $roots = [];
        foreach ($factors as $factor) {
            $linear = UnivariateTerms::of(Polynomial::tryFrom($factor->base()));
            if ($linear === null && Polynomial::tryFrom($factor)?->isConstant() === true) {
                continue;
            }
            if ($linear?->polynomial->degree() !== 1 || ($letter ?? $linear->letter) !== $linear->letter) {
                return null;
            }
            $letter = $linear->letter;
            $root = $linear->polynomial->coefficient($letter, 0)->negated()
                ->dividedBy($linear->polynomial->coefficient($letter, 1));
            $roots[(string) $root] = $root;
        }

        return $letter === null || $roots === [] ? null : new self($letter, array_values($roots));
    }

    private static function ofQuadratic(Equation $line): ?self
    {
        $whole = (new LineParts($line))->difference($line);
        $quadratic = $whole?->quadratic();
        if ($whole === null || $quadratic === null) {
            return null;
        }
        [$a, $b, $c] = $quadratic;
        $discriminant = $b->times($b)->minus($a->times($c)->times(Rational::of(4)));
        $root = $discriminant->isNegative() || $discriminant->isZero() ? null : $discriminant->squareRoot();
        $over = $a->times(Rational::of(2));

        return $root === null ? null : new self($whole->letter, [
            $b->negated()->plus($root)->dividedBy($over),
            $b->negated()->minus($root)->dividedBy($over),
        ]);
    }
}
