<?php

declare(strict_types=1);

namespace Runel\Job\CompleteSquare;

use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Job\CompleteSquare\Ladder\SquareVertexLadder;
use Runel\Method\PlainFamily;
use Runel\Method\Wanting;
use Runel\Problem\Problem;
use Runel\Slip\WrongRules;
use Runel\Working\SolutionForm;

/** Completing the square as a job of its own: of an equation, and of a function or an expression. */
final readonly class CompleteSquareFamily extends PlainFamily
{
    public const JOB = 'complete-square';

    public function job(): string
    {
        return self::JOB;
    }

    public function weight(Problem $problem): int
    {
        return CompleteSquareRecogniser::weight($problem);
    }

    public function methods(): array
    {
        return [new SquareOfEquation(), new Vertex()];
    }

    public function rules(): array
    {
        return [
            ...WrongRules::squares(),
            ...WrongRules::equations(),
            ...WrongRules::roots(),
            ...WrongRules::products(),
        ];
    }

    /** Of a function or an expression the letter has to stand once: in the square. */
    public function wants(Node $line, Problem $problem): ?Wanting
    {
        if ($this->seeksSolutions($problem)) {
            return SolutionForm::wants($line, (string) $problem->letter());
        }
        $side = $line instanceof Equation ? $line->right : $line;
        foreach ($problem->polynomial?->letters() ?? [] as $letter) {
            if (Letters::count($side, $letter) === 1 && $side instanceof Expression) {
                return null;
            }
        }

        return Wanting::Square;
    }

    public function seeksSolutions(Problem $problem): bool
    {
        return $problem->node instanceof Equation && $problem->letter() !== null;
    }

    public function ladders(): array
    {
        return [new SquareVertexLadder()];
    }
}
