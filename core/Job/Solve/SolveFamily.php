<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Demonstration\Task;
use Runel\Job\Factor\FactorFamily;
use Runel\Method\Choice;
use Runel\Method\Family;
use Runel\Method\Offer;
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
        $quadratic = [new SolveByFactoring($this->factoring), new SquareRoots(), CompletingSquare::solving(), new Formula()];
        $roads = new QuadraticRoads($quadratic);

        return [
            new Balance(), ...$quadratic, new SolveByRationalRoots($this->factoring, $roads), new IsolateRoots($roads),
        ];
    }

    public function rank(Offer $offer, Task $task): array
    {
        return [QuadraticRoads::place($offer->method, $task)];
    }

    public function choices(): array
    {
        return [new Choice(SolveByFactoring::CHOICE, null), new Choice(IsolateRoots::CHOICE, ['1', '2'])];
    }
}
