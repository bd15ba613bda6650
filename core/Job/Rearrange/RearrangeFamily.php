<?php

declare(strict_types=1);

namespace Runel\Job\Rearrange;

use Runel\Expression\Node;
use Runel\Job\Rearrange\Ladder\FormulasLadder;
use Runel\Job\Rearrange\Ladder\FormulasTwiceLadder;
use Runel\Method\PlainFamily;
use Runel\Method\Wanting;
use Runel\Problem\Problem;
use Runel\Slip\Rule\InverseRule;
use Runel\Slip\Rule\SecondTermRule;
use Runel\Slip\Slip;
use Runel\Slip\WrongRules;
use Runel\Working\SolutionForm;

/** The ways to change the subject of a formula. */
final readonly class RearrangeFamily extends PlainFamily
{
    public const JOB = 'rearrange';

    public function job(): string
    {
        return self::JOB;
    }

    public function weight(Problem $problem): int
    {
        return RearrangeRecogniser::weight($problem);
    }

    public function methods(): array
    {
        return [new FormulaBalance(), new FormulaByQuadratic()];
    }

    public function rules(): array
    {
        return [
            ...WrongRules::equations(),
            new InverseRule(Slip::WrongInverse),
            new SecondTermRule(Slip::SignNotTurned),
            ...WrongRules::roots(),
            ...WrongRules::products(),
            ...WrongRules::fractions(),
        ];
    }

    public function wants(Node $line, Problem $problem): ?Wanting
    {
        return SolutionForm::wantsSubject($line, (string) $problem->subject);
    }

    public function ladders(): array
    {
        return [new FormulasLadder(), new FormulasTwiceLadder()];
    }
}
