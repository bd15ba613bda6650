<?php

declare(strict_types=1);

namespace Runel\Job\Solve;

use Runel\Algebra\LetteredQuadratic;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Job\Solve\Ladder\LinearLadder;
use Runel\Job\Solve\Ladder\RootEquationsLadder;
use Runel\Job\Solve\Ladder\RootsRationalLadder;
use Runel\Job\Solve\Ladder\SolveFractionsLadder;
use Runel\Job\Solve\Ladder\SolveSubstitutionLadder;
use Runel\Job\Solve\Ladder\SquareSolveLadder;
use Runel\Message\Message;
use Runel\Method\Choice;
use Runel\Method\Offer;
use Runel\Method\PlainFamily;
use Runel\Method\Wanting;
use Runel\Method\WantsEveryValue;
use Runel\Method\WaysToFactor;
use Runel\Problem\Problem;
use Runel\Slip\Slip;
use Runel\Slip\WrongRules;
use Runel\Working\SolutionForm;

/** The ways to solve equations. */
final readonly class SolveFamily extends PlainFamily implements WantsEveryValue
{
    public const JOB = 'solve';

    public function __construct(private WaysToFactor $factoring) {}

    public function job(): string
    {
        return self::JOB;
    }

    public function weight(Problem $problem): int
    {
        return SolveRecogniser::weight($problem);
    }

    public function methods(): array
    {
        $factoring = new SolveByFactoring($this->factoring);
        $others = [new SquareRoots(), new CompletingSquare(), new Formula()];
        $powers = new SolvePowers();
        $roads = new QuadraticRoads([$factoring, ...$others, $powers]);
        $rational = new SolveByRationalRoots($this->factoring, $roads);
        $isolate = new IsolateRoots($roads);
        $clear = new ClearDenominators($roads, $rational);

        return [
            new Balance(),
            new Factoring(
                new SolveBySameBracket($roads),
                $factoring,
                new SolveByStructure($this->factoring, $roads),
                new LetteredFactoring($this->factoring),
            ),
            ...$others,
            $rational,
            $isolate,
            $clear,
            $powers,
            new SolveBySubstitution($this->factoring, $roads, [new Balance(), $powers, $rational, $isolate, $clear]),
            new SolveByRealRoots($this->factoring),
        ];
    }

    public function rank(Offer $offer, Task $task): array
    {
        return [QuadraticRoads::place($offer->method, $task)];
    }

    public function choices(): array
    {
        return [
            new Choice(SolveByFactoring::CHOICE, null),
            new Choice(IsolateRoots::CHOICE, ['1', '2']),
            new Choice(EqualSquares::CHOICE, EqualSquares::VALUES),
        ];
    }

    public function rules(): array
    {
        return [
            ...WrongRules::brackets(),
            ...WrongRules::equations(),
            new PartlyClearedRule(Slip::FractionClearedOneTerm),
            new PartlyClearedRule(Slip::OneSideOnly, 'cleared'),
            ...WrongRules::factorings(),
            ...WrongRules::products(),
            ...WrongRules::squares(),
            ...WrongRules::roots(),
            ...WrongRules::fractions(),
        ];
    }

    public function wants(Node $line, Problem $problem): ?Wanting
    {
        $lettered = $problem->letter() === null ? LetteredQuadratic::ofProblem($problem) : null;

        return $lettered === null
            ? SolutionForm::wants($line, (string) $problem->letter())
            : SolutionForm::wantsSubject($line, $lettered->letter);
    }

    public function seeksSolutions(Problem $problem): bool
    {
        return $problem->letter() !== null;
    }

    public function ladders(): array
    {
        return [
            new LinearLadder(),
            new SquareSolveLadder(),
            new RootsRationalLadder(),
            new RootEquationsLadder(),
            new SolveFractionsLadder(),
            new SolveSubstitutionLadder(),
        ];
    }

    public function notThere(Problem $problem): Message
    {
        return $problem->node instanceof Equation && $problem->letters !== []
            ? Message::of($problem->holdsPi() && \count($problem->letters) === 1
                ? 'error.powers-and-pi'
                : 'error.which-letter', ['letter' => new Letter($problem->letters[0])])
            : parent::notThere($problem);
    }

    public function reason(Problem $problem): ?Message
    {
        return $problem->node instanceof Equation ? Unsolved::reason($problem->node) : null;
    }
}
