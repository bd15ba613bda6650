<?php

declare(strict_types=1);

namespace Runel\Demonstration\Figure;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Law\Claim\Claim;
use Runel\Law\Claim\DoesNotSolve;
use Runel\Law\Claim\Identity;
use Runel\Law\Claim\Solves;

/** Both sides of an equation as curves: they meet where it is solved, and not where a candidate is none. */
final readonly class SidesCurveFigure implements Figure
{
    /**
     * @param list<Expression> $solutions where they meet
     * @param list<Expression> $rejected  where they do not
     */
    public function __construct(
        public string $letter,
        public Equation $equation,
        public array $solutions,
        public array $rejected,
    ) {}

    public function type(): string
    {
        return 'sides';
    }

    public function data(): array
    {
        return [
            'left' => $this->equation->left,
            'right' => $this->equation->right,
            'meet' => $this->solutions,
            'apart' => $this->rejected,
        ];
    }

    public function ground(): array
    {
        return [$this];
    }

    public function written(): array
    {
        return ['curves' => true];
    }

    public function claims(string $part): array
    {
        $self = static fn(Expression $shown): Claim => new Identity($shown, $shown);

        return [
            $self($this->equation->left),
            $self($this->equation->right),
            ...array_map($self, [...$this->solutions, ...$this->rejected]),
            ...array_map(
                fn(Expression $value): Claim => new Solves($this->equation, $this->letter, $value),
                $this->solutions,
            ),
            ...array_map(
                fn(Expression $value): Claim => new DoesNotSolve($this->equation, $this->letter, $value),
                $this->rejected,
            ),
        ];
    }
}
