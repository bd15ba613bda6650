<?php

declare(strict_types=1);

namespace Runel\Method\Solve;

use Runel\Demonstration\Task;
use Runel\Method\Choice;
use Runel\Method\Factor\FactorFamily;
use Runel\Method\Family;
use Runel\Method\Offer;
use Runel\Method\Quadratic\CompletingSquare;
use Runel\Method\Quadratic\Formula;
use Runel\Method\Quadratic\Quadratic;
use Runel\Method\Quadratic\SquareRoots;
use Runel\Number\Rational;
use Runel\Problem\Job;

/** The ways to solve equations. */
final readonly class SolveFamily implements Family
{
    public function __construct(private FactorFamily $factoring) {}

    public function job(): Job
    {
        return Job::Solve;
    }

    public function methods(): array
    {
        return [
            new Factoring($this->factoring),
            new SquareRoots(),
            CompletingSquare::solving(),
            new Formula(),
        ];
    }

    /** What is seen at once comes first, then what factors, then the way that always works. */
    public function rank(Offer $offer, Task $task): array
    {
        $quadratic = Quadratic::ofTask($task);
        $halves = $quadratic !== null && $quadratic->a->isOne()
            && $quadratic->b->dividedBy(Rational::of(2))->isInteger();

        return [match (true) {
            $offer->method instanceof SquareRoots => 0,
            $offer->method instanceof Factoring => 1,
            $offer->method instanceof CompletingSquare => $halves ? 2 : 4,
            default => 3,
        }];
    }

    public function choices(): array
    {
        return [new Choice(Factoring::CHOICE, null)];
    }
}
