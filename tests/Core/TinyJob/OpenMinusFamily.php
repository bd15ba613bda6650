<?php

declare(strict_types=1);

namespace Tests\Core\TinyJob;

use Runel\Expression\Negative;
use Runel\Expression\Node;
use Runel\Expression\Sum;
use Runel\Judging\Form;
use Runel\Method\PlainFamily;
use Runel\Method\Wanting;
use Runel\Method\Weight;
use Runel\Problem\Problem;
use Runel\Slip\Rule\BracketRule;
use Runel\Slip\Slip;

/** A job that Runel does not have: the bracket behind a minus opened, as in −(3x − 5). */
final readonly class OpenMinusFamily extends PlainFamily
{
    public const JOB = 'open-minus';

    public function job(): string
    {
        return self::JOB;
    }

    public function weight(Problem $problem): int
    {
        $node = $problem->node;

        return $node instanceof Negative && $node->operand instanceof Sum ? Weight::CERTAIN : Weight::NOT;
    }

    public function methods(): array
    {
        return [new TurnedSigns()];
    }

    public function rules(): array
    {
        return [new BracketRule(Slip::MinusNotCarried)];
    }

    public function wants(Node $line, Problem $problem): ?Wanting
    {
        return $line instanceof Sum && Form::isCollected($line) ? null : Wanting::Collected;
    }

    public function ladders(): array
    {
        return [new OpenMinusLadder()];
    }
}
