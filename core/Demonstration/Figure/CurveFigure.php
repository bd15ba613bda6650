<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letter;
use Runel\Expression\Negative;
use Runel\Expression\Numeral;
use Runel\Expression\Substitution;
use Runel\Expression\Sum;
use Runel\Law\Claim\Identity;

/**
 * The curve of a polynomial: where it meets the axis of the letter, if it does, and the other one; of a parabola its
 * vertex and axis as well.
 */
final readonly class CurveFigure implements Figure
{
    public Expression $intercept;

    /**
     * @param Expression       $function a polynomial, in any form
     * @param Expression|null  $place    of a parabola, where the vertex is
     * @param Expression|null  $value    of a parabola, how high it lies
     * @param list<Expression> $roots    where the value is 0; none where it never is
     */
    public function __construct(
        public string $letter,
        public Expression $function,
        public ?Expression $place,
        public ?Expression $value,
        Expression $intercept,
        public array $roots,
    ) {
        $this->intercept = $intercept;
    }

    public function type(): string
    {
        return 'curve';
    }

    public function data(): array
    {
        return [
            'function' => $this->function,
            'vertex' => $this->place === null ? null : [$this->place, $this->value],
            'intercept' => $this->intercept,
            'roots' => $this->roots,
            'axis' => $this->place === null ? null : new Equation(new Letter($this->letter), $this->place),
        ];
    }

    public function ground(): array
    {
        return [$this];
    }

    public function written(): array
    {
        return ['curve' => true];
    }

    public function claims(string $part): array
    {
        $at = fn(Expression $place): Expression => Substitution::into($this->function, $this->letter, $place);

        return [
            ...($this->place === null || $this->value === null ? [] : [
                new Identity($at($this->place), $this->value),
                $this->symmetry($this->place),
            ]),
            new Identity($at(Numeral::of(0)), $this->intercept),
            ...array_map(
                static fn(Expression $root): Identity => new Identity($at($root), Numeral::of(0)),
                $this->roots,
            ),
            // Said of themselves, so that what is drawn is tied to what is claimed above.
            ...array_map(
                static fn(Expression $shown): Identity => new Identity($shown, $shown),
                [...$this->roots, ...($this->place === null ? [] : [$this->place]), $this->function],
            ),
        ];
    }

    /** The vertex is where the function, written from there, has no linear part left: f(v + t) = f(v − t). */
    private function symmetry(Expression $place): Identity
    {
        $step = new Letter($this->letter === 't' ? 's' : 't');
        $beside = fn(Expression $distance): Expression => Substitution::into(
            $this->function,
            $this->letter,
            Sum::of([$place, $distance]),
        );

        return new Identity($beside($step), $beside(new Negative($step)));
    }
}
