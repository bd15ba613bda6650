<?php

declare(strict_types=1);

namespace Runel\Job\Divide;

use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Indeterminates;
use Runel\Expression\Node;
use Runel\Expression\Quotient;
use Runel\Job\Divide\Ladder\DivideLinearLadder;
use Runel\Job\Divide\Ladder\DivideLongLadder;
use Runel\Method\Method;
use Runel\Method\Offer;
use Runel\Method\PlainFamily;
use Runel\Method\Wanting;
use Runel\Method\WaysToMultiply;
use Runel\Number\DivisionByZero;
use Runel\Polynomial\NotPolynomial;
use Runel\Polynomial\Polynomial;
use Runel\Problem\Problem;
use Runel\Slip\Rule\SecondTermRule;
use Runel\Slip\Slip;
use Runel\Slip\WrongRules;
use Runel\Working\MultiplyBack;

/** The ways to divide one polynomial by another. */
final readonly class DivideFamily extends PlainFamily
{
    public const JOB = 'divide';

    /** @var list<Method> */
    private array $methods;

    public function __construct(WaysToMultiply $multiplying)
    {
        $checks = new DivisionChecks(new MultiplyBack($multiplying));
        $this->methods = [
            new DivideTermByTerm($checks),
            new LongDivision($checks),
            new Synthetic($checks),
            new DivideByGrid($checks),
            new Bridge($checks),
        ];
    }

    public function job(): string
    {
        return self::JOB;
    }

    public function weight(Problem $problem): int
    {
        return DivideRecogniser::weight($problem);
    }

    public function methods(): array
    {
        return $this->methods;
    }

    /** By a single term each is divided; by a linear divisor numbers alone are enough; explanations come last. */
    public function rank(Offer $offer, Task $task): array
    {
        return [match (true) {
            $offer->method instanceof DivideTermByTerm, $offer->method instanceof Synthetic => 0,
            $offer->method instanceof LongDivision => 1,
            $offer->method instanceof DivideByGrid => 2,
            default => 3,
        }];
    }

    public function rules(): array
    {
        return [
            new DivisionRule(Slip::RemainderLeftOut),
            new DivisionRule(Slip::RemainderLeftOut, 'not-over-divisor'),
            new DivisionRule(Slip::DivisorSignNotTurned),
            new DivisionRule(Slip::MissingPlaceholder),
            new DivisionRule(Slip::QuotientDegree),
            new DivisionRule(Slip::OuterFactorForgotten, 'divisor'),
            new SecondTermRule(Slip::MinusNotCarried),
            new SecondTermRule(Slip::SubtractedNotAdded),
            ...WrongRules::products(),
            ...WrongRules::fractions(),
        ];
    }

    public function wants(Node $line, Problem $problem): ?Wanting
    {
        return $line instanceof Expression ? self::left($line) : Wanting::Remainder;
    }

    public function ladders(): array
    {
        return [new DivideLinearLadder(), new DivideLongLadder()];
    }

    /** Whether something is left to be divided. */
    private static function left(Node $line): ?Wanting
    {
        if ($line instanceof Quotient && Indeterminates::of($line->denominator) !== []) {
            try {
                $above = Polynomial::fromExpression($line->numerator)->degree();

                return $above < Polynomial::fromExpression($line->denominator)->degree() ? null : Wanting::Remainder;
            } catch (NotPolynomial | DivisionByZero) {
                return Wanting::Remainder;
            }
        }
        foreach ($line->children() as $child) {
            $wants = self::left($child);
            if ($wants !== null) {
                return $wants;
            }
        }

        return null;
    }
}
