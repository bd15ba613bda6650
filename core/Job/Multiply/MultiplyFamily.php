<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Job\Multiply\Ladder\MultiplyBinomialsLadder;
use Runel\Job\Multiply\Ladder\MultiplyLongLadder;
use Runel\Job\Multiply\Ladder\MultiplySpecialLadder;
use Runel\Job\Multiply\Ladder\MultiplyThreeLadder;
use Runel\Judging\Form;
use Runel\Method\Choice;
use Runel\Method\Help;
use Runel\Method\PlainFamily;
use Runel\Method\TakesNumbers;
use Runel\Method\Wanting;
use Runel\Method\WaysToMultiply;
use Runel\Method\Weight;
use Runel\Problem\Problem;
use Runel\Slip\WrongRules;

/** The ways to multiply. */
final readonly class MultiplyFamily extends PlainFamily implements WaysToMultiply, TakesNumbers
{
    public const JOB = 'multiply';
    /** The standing choice of how a factoring is multiplied back. */
    public const CHECK_BY = 'check-by';

    /** @var list<MultiplyMethod> */
    private array $methods;
    private MultiplyWholeNumbers $numbers;

    public function __construct()
    {
        $this->methods = [
            new MultiplyByGrid($this),
            new TermByTerm($this),
            new ByDegree($this),
            new MultiplyInColumns($this),
            new SpecialProducts($this),
        ];
        $this->numbers = new MultiplyWholeNumbers();
    }

    public function job(): string
    {
        return self::JOB;
    }

    public function weight(Problem $problem): int
    {
        return MultiplyRecogniser::weight($problem);
    }

    public function weightOfNumbers(Problem $problem): int
    {
        return MultiplyWholeNumbers::numbers($problem) === null ? Weight::NOT : Weight::LIKELY;
    }

    public function methods(): array
    {
        return [...$this->methods, $this->numbers];
    }

    public function choices(): array
    {
        return [
            new Choice(MultiplicationPlan::CHOICE, null),
            new Choice(self::CHECK_BY, ['term-by-term', 'grid', 'by-degree', 'columns'], true),
        ];
    }

    public function rules(): array
    {
        return [...WrongRules::products(), ...WrongRules::fractions()];
    }

    public function wants(Node $line, Problem $problem): ?Wanting
    {
        $bare = $line instanceof Expression ? $line->bare() : null;
        // All of it over one number is multiplied out, too.
        $isOver = $bare instanceof Quotient && $bare->denominator->number() !== null;

        return match (true) {
            !$line instanceof Expression => Wanting::Collected,
            !Form::isReduced($line), $isOver && Form::sharesNumber($bare) => Wanting::LowestTerms,
            default => Form::isCollected($isOver ? $bare->numerator : $line) ? null : Wanting::Collected,
        };
    }

    public function ladders(): array
    {
        return [
            new MultiplyBinomialsLadder(),
            new MultiplyLongLadder(),
            new MultiplyThreeLadder(),
            new MultiplySpecialLadder(),
        ];
    }

    /** A way that writes everything in one line helps less than one with lines between. */
    public function help(string $method, bool $isWhole): Help
    {
        return $isWhole ? Help::Last : Help::Good;
    }

    public function checking(Task $task): array
    {
        $wanted = $task->choice(self::CHECK_BY);
        $favourite = array_filter($this->methods, static fn(MultiplyMethod $method): bool => $method->id() === $wanted);

        return array_values([...$favourite, $this->methods[1]]);
    }
}
