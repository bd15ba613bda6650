<?php

declare(strict_types=1);

namespace Runel\Job\Show;

use Runel\Expression\Equation;
use Runel\Expression\Node;
use Runel\Message\Message;
use Runel\Method\PlainFamily;
use Runel\Method\ShowsSides;
use Runel\Method\Wanting;
use Runel\Method\Weight;
use Runel\Problem\Problem;
use Runel\Slip\WrongRules;

/** Two sides shown to be the same for every value of their letters: an identity is proved, not solved. */
final readonly class ShowFamily extends PlainFamily implements ShowsSides
{
    public const JOB = 'show';

    public function job(): string
    {
        return self::JOB;
    }

    public function weight(Problem $problem): int
    {
        $node = $problem->node;
        $isIdentity = $node instanceof Equation && $problem->polynomial?->isZero() === true
            && $problem->subject === null && !$node->left->equals($node->right);

        return $isIdentity ? Weight::CERTAIN : Weight::NOT;
    }

    public function methods(): array
    {
        return [new MeetInTheMiddle()];
    }

    public function rules(): array
    {
        return [...WrongRules::products(), ...WrongRules::fractions()];
    }

    public function wants(Node $line, Problem $problem): ?Wanting
    {
        return $line instanceof Equation && $line->left->equals($line->right) ? null : Wanting::BothSides;
    }

    public function notThere(Problem $problem): Message
    {
        $node = $problem->node;
        if (!$node instanceof Equation || $problem->polynomial === null) {
            return Message::of('error.asked-show');
        }

        return $node->left->equals($node->right)
            ? Message::of('error.asked-show-same')
            : Apart::of($node, $problem->letters)?->said() ?? Message::of('error.asked-show');
    }
}
