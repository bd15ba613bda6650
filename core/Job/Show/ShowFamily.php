<?php

declare(strict_types=1);

namespace Runel\Job\Show;

use Runel\Algebra\RealNumber;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Method\PlainFamily;
use Runel\Method\ShowsSides;
use Runel\Method\Simplifies;
use Runel\Method\TakesNumbers;
use Runel\Method\Wanting;
use Runel\Method\Weight;
use Runel\Number\Rational;
use Runel\Number\Surd;
use Runel\Problem\Problem;
use Runel\Slip\WrongRules;
use Runel\Style\HouseStyle;

/** Two sides shown to be the same for every value of their letters: an identity is proved, not solved. */
final readonly class ShowFamily extends PlainFamily implements ShowsSides, TakesNumbers
{
    public const JOB = 'show';

    private BySimplifying $bySimplifying;

    public function __construct(Simplifies $simplifying)
    {
        $this->bySimplifying = new BySimplifying($simplifying);
    }

    public function job(): string
    {
        return self::JOB;
    }

    public function weight(Problem $problem): int
    {
        $node = $problem->node;
        $isIdentity = $node instanceof Equation && $problem->polynomial?->isZero() === true
            && $problem->subject === null && !$node->left->equals($node->right);

        return match (true) {
            $isIdentity => Weight::CERTAIN,
            // Other equations are solved, unless the words say something else.
            $problem->asked->job === self::JOB && $this->comesToTheSame($problem) => Weight::ASKED,
            default => Weight::NOT,
        };
    }

    public function weightOfNumbers(Problem $problem): int
    {
        return $this->comesToTheSame($problem) ? Weight::CERTAIN : Weight::NOT;
    }

    private function comesToTheSame(Problem $problem): bool
    {
        return $this->bySimplifying->refusal(new Task($problem, HouseStyle::default())) === null;
    }

    public function methods(): array
    {
        return [new MeetInTheMiddle(), $this->bySimplifying];
    }

    public function rules(): array
    {
        return [...WrongRules::products(), ...WrongRules::roots(), ...WrongRules::fractions()];
    }

    public function wants(Node $line, Problem $problem): ?Wanting
    {
        return $line instanceof Equation && $line->left->equals($line->right) ? null : Wanting::BothSides;
    }

    public function notThere(Problem $problem): Message
    {
        $node = $problem->node;
        if (!$node instanceof Equation) {
            return Message::of('error.asked-show');
        }

        return $node->left->equals($node->right)
            ? Message::of('error.asked-show-same')
            : Apart::of($node, $problem->letters)?->said() ?? self::apartAsNumbers($node)
                ?? Message::of('error.asked-show');
    }

    /** The values of two sides without letters, where they differ. */
    private static function apartAsNumbers(Equation $equation): ?Message
    {
        [$left, $right] = [RealNumber::of($equation->left), RealNumber::of($equation->right)];
        $rounded = static fn(Surd $value): Expression => Numeral::of(
            Rational::ofDecimal($value->toDecimal(3))->asDecimal(),
        );

        return $left === null || $right === null || $left->equals($right)
            ? null
            : Message::of('error.asked-show-apart-numbers', [
                'left' => $rounded($left),
                'right' => $rounded($right),
            ]);
    }
}
