<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Inside;
use Runel\Expression\Letter;
use Runel\Expression\Mark;
use Runel\Expression\Marked;
use Runel\Expression\Node;
use Runel\Expression\Product;
use Runel\Expression\Sum;
use Runel\Law\Claim\Solves;
use Runel\Notation\Ascii;
use Runel\Number\Rational;
use Runel\Polynomial\Polynomial;
use Runel\Proof\Proof;

/** Where in a line that does not follow it went wrong: the parts that cannot stay as they are. */
final readonly class SlipPlace
{
    public function __construct(private Proof $proof) {}

    /** The line with those parts marked; null where none can be singled out. */
    public function marked(Node $before, Node $after): ?Node
    {
        return match (true) {
            $before instanceof Expression && $after instanceof Expression => $this->inExpression($before, $after),
            $after instanceof Alternatives => $this->inAlternatives($before, $after),
            $before instanceof Equation && $after instanceof Equation => $this->inEquation($before, $after),
            default => null,
        };
    }

    private function inExpression(Expression $before, Expression $after): ?Expression
    {
        [$right, $given] = [Polynomial::tryFrom($before), Polynomial::tryFrom($after)];
        if ($right === null || $given === null) {
            return null;
        }
        if ($after instanceof Product && Inside::holds($after, Sum::class)) {
            return $this->inProduct($right, $after);
        }

        return self::terms($after, $given->minus($right), array_map(
            Ascii::write(...),
            $before->terms(),
        ));
    }

    /**
     * @param Polynomial   $off   by what the side is more than it should be
     * @param list<string> $stood the terms that stood there before: those are not doubted where others can be
     */
    private static function terms(Expression $side, Polynomial $off, array $stood = []): ?Expression
    {
        $terms = $side->terms();
        $doubted = [];
        foreach ($off->terms as $more) {
            $alike = [];
            $turned = [];
            foreach ($terms as $place => $term) {
                $own = Polynomial::tryFrom($term)->terms ?? [];
                if (\count($own) !== 1 || $own[0]->monomial->key !== $more->monomial->key) {
                    continue;
                }
                $alike[] = $place;
                // Of several, the one that only has the wrong sign.
                if ($own[0]->coefficient->times(Rational::of(2))->equals($more->coefficient)) {
                    $turned[] = $place;
                }
            }
            $new = array_values(array_filter(
                $alike,
                static fn(int $place): bool => !\in_array(Ascii::write($terms[$place]), $stood, true),
            ));
            array_push($doubted, ...($turned !== [] ? $turned : ($new !== [] ? $new : $alike)));
        }
        foreach ($doubted as $place) {
            $terms[$place] = self::doubt($terms[$place]);
        }

        return $doubted === [] ? null : Sum::of(array_values($terms));
    }

    /** The only factor that does not go into what it should be the product of. */
    private function inProduct(Polynomial $right, Product $after): ?Expression
    {
        $letters = $right->letters();
        $wrong = [];
        foreach (\count($letters) === 1 ? $after->factors : [] as $place => $factor) {
            $own = Polynomial::tryFrom($factor);
            if ($own === null || $own->isZero() || $own->letters() !== $letters) {
                continue;
            }
            if (!$right->dividedWithRemainder($own, $letters[0])[1]->isZero()) {
                $wrong[] = $place;
            }
        }
        $factors = $after->factors;
        foreach ($wrong as $place) {
            $last = $factors[$place] instanceof Sum ? \count($factors[$place]->terms) - 1 : null;
            if ($factors[$place] instanceof Sum && $last !== null) {
                $terms = $factors[$place]->terms;
                $terms[$last] = self::doubt($terms[$last]);
                $factors[$place] = Sum::of(array_values($terms));
            }
        }

        return $wrong === [] ? null : Product::of(array_values($factors));
    }

    private function inEquation(Equation $before, Equation $after): ?Equation
    {
        if ($this->proof->same($before->left, $after->left)) {
            return new Equation($after->left, $this->side($before->right, $after->right));
        }
        $one = OneNumber::between($before, $after);
        if ($one === null) {
            return $this->proof->same($before->right, $after->right)
                ? new Equation($this->side($before->left, $after->left), $after->right)
                : null;
        }
        $marked = self::terms(
            $one->onRight ? $after->right : $after->left,
            Polynomial::ofTerms([$one->given, $one->right->negated()]),
        );

        return $marked === null ? null : new Equation(
            $one->onRight ? $after->left : $marked,
            $one->onRight ? $marked : $after->right,
        );
    }

    private function side(Expression $before, Expression $after): Expression
    {
        return $this->inExpression($before, $after) ?? self::doubt($after);
    }

    /** Of x = 3 or x = −5, those that do not solve the line before. */
    private function inAlternatives(Node $before, Alternatives $after): ?Alternatives
    {
        $sources = match (true) {
            $before instanceof Alternatives => $before->equations,
            $before instanceof Equation => [$before],
            default => [],
        };
        $equations = [];
        $found = false;
        foreach ($after->equations as $equation) {
            if (!$equation->left instanceof Letter) {
                return null;
            }
            $letter = $equation->left->name;
            $solves = array_filter(
                $sources,
                fn(Equation $source): bool => $this->proof->holds(new Solves($source, $letter, $equation->right)),
            );
            $found = $found || $solves === [];
            $equations[] = $solves === [] ? new Equation($equation->left, self::doubt($equation->right)) : $equation;
        }

        return $found ? new Alternatives($equations) : null;
    }

    private static function doubt(Expression $part): Marked
    {
        return new Marked($part, Mark::doubted());
    }
}
