<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Node;
use Runel\Problem\Job;
use Runel\Slip\Rule\BracketPairRule;
use Runel\Slip\Rule\BracketRule;
use Runel\Slip\Rule\CollectRule;
use Runel\Slip\Rule\CommonFactorRule;
use Runel\Slip\Rule\DivisionRule;
use Runel\Slip\Rule\EquationRule;
use Runel\Slip\Rule\FalseRootRule;
use Runel\Slip\Rule\FractionRule;
use Runel\Slip\Rule\GroupedTermRule;
use Runel\Slip\Rule\InverseRule;
use Runel\Slip\Rule\LeadingRule;
use Runel\Slip\Rule\LostSolutionRule;
use Runel\Slip\Rule\OtherInverseRule;
use Runel\Slip\Rule\PlaceholderRule;
use Runel\Slip\Rule\ProductRule;
use Runel\Slip\Rule\RootRule;
use Runel\Slip\Rule\RootSignRule;
use Runel\Slip\Rule\SecondTermRule;
use Runel\Slip\Rule\SquareCompletionRule;
use Runel\Slip\Rule\SquareRule;

/** The wrong rules of each job, the likeliest first. */
final class WrongRules
{
    /** So many outcomes of one line are looked at. */
    private const MOST = 600;

    /** @return list<WrongRule> */
    public static function of(Job $job): array
    {
        return match ($job) {
            Job::Multiply => [...self::products(), ...self::fractions()],
            Job::Factor => [
                ...self::factorings(),
                ...self::products(),
                new GroupedTermRule(Slip::TermMissed),
            ],
            Job::Divide => [...self::divisions(), ...self::products(), ...self::fractions()],
            Job::CompleteSquare => [...self::squares(), ...self::equations(), ...self::roots(), ...self::products()],
            Job::Solve => [
                ...self::brackets(),
                ...self::equations(),
                ...self::factorings(),
                ...self::products(),
                ...self::squares(),
                ...self::roots(),
                ...self::fractions(),
            ],
            Job::Rearrange => [
                ...self::equations(),
                new InverseRule(Slip::WrongInverse),
                new SecondTermRule(Slip::SignNotTurned),
                ...self::roots(),
                ...self::products(),
                ...self::fractions(),
            ],
        };
    }

    /**
     * What comes out when a line is rewritten by each rule at each place, up to a limit.
     *
     * @param list<WrongRule> $rules
     *
     * @return iterable<array{WrongRule, Node}>
     */
    public static function outcomes(array $rules, Node $line): iterable
    {
        $left = self::MOST;
        foreach ($rules as $rule) {
            foreach (self::done($rule, $line) as $wrong) {
                if ($left-- === 0) {
                    return;
                }
                yield [$rule, $wrong];
            }
        }
    }

    /** @return iterable<Node> the slip at one place; of alternatives, in all of them alike, too */
    private static function done(WrongRule $rule, Node $line): iterable
    {
        yield from $rule->wrong($line);
        if (!$line instanceof Alternatives) {
            return;
        }
        $ways = [];
        foreach ($line->equations as $equation) {
            $ways[] = \iterator_to_array((static fn() => yield from $rule->wrong($equation))(), false);
        }
        foreach (array_keys($ways[0]) as $number) {
            $slipped = array_values(array_filter(
                array_column($ways, $number),
                static fn(Node $way): bool => $way instanceof Equation,
            ));
            if (\count($slipped) === \count($ways)) {
                yield new Alternatives($slipped);
            }
        }
    }

    /** @return list<WrongRule> where the places of a polynomial, or the cells of a product, are counted */
    public static function counting(): array
    {
        return [new PlaceholderRule(Slip::MissingPlaceholder)];
    }

    /** @return list<WrongRule> */
    private static function equations(): array
    {
        return [
            new FalseRootRule(Slip::ExtraneousKept),
            new RootSignRule(Slip::SignNotTurned, 'roots'),
            new EquationRule(Slip::DividedByNegative),
            new EquationRule(Slip::SignNotTurned),
            new EquationRule(Slip::OneSideOnly),
            new EquationRule(Slip::WrongInverse),
            new OtherInverseRule(Slip::WrongInverse, 'other'),
            new LeadingRule(Slip::DividedSomeTerms),
            new EquationRule(Slip::ProductNotZero),
            new EquationRule(Slip::RootLost),
            new EquationRule(Slip::PlusMinusForgotten),
            new LostSolutionRule(Slip::RootLost, 'one'),
            new EquationRule(Slip::FractionClearedOneTerm),
            new EquationRule(Slip::SquaredTermByTerm),
        ];
    }

    /** @return list<WrongRule> */
    private static function factorings(): array
    {
        return [
            new CommonFactorRule(Slip::MinusOneTwice),
            new CommonFactorRule(Slip::CommonFactorForgotten),
            new BracketPairRule(Slip::SignsInWrongBrackets),
            new BracketPairRule(Slip::ScaledFactorsGiven),
            new BracketPairRule(Slip::RightProductWrongSum),
            new BracketPairRule(Slip::RightSumWrongProduct),
        ];
    }

    /** @return list<WrongRule> */
    private static function divisions(): array
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
        ];
    }

    /** @return list<WrongRule> */
    private static function squares(): array
    {
        return [
            new SquareCompletionRule(Slip::OuterFactorForgotten),
            new SquareCompletionRule(Slip::AddedToOneSide),
            new SquareCompletionRule(Slip::HalfNotSquared),
            new SquareCompletionRule(Slip::SquaredNotHalved),
            new SquareCompletionRule(Slip::FunctionDivided),
        ];
    }

    /** @return list<WrongRule> */
    private static function roots(): array
    {
        return [
            new RootRule(Slip::RootOfSumSplit),
            new RootRule(Slip::DenominatorNotRooted),
            new FractionRule(Slip::StackedFraction),
        ];
    }

    /** @return list<WrongRule> tried after what is likelier */
    private static function fractions(): array
    {
        return [new FractionRule(Slip::TermCancelled), new FractionRule(Slip::DividedSomeTerms)];
    }

    /** @return list<WrongRule> */
    private static function brackets(): array
    {
        return [
            new BracketRule(Slip::MinusNotCarried),
            new BracketRule(Slip::FirstTermOnly),
            new SquareRule(Slip::DoubleProductForgotten),
        ];
    }

    /** @return list<WrongRule> */
    private static function products(): array
    {
        return [
            ...self::brackets(),
            new ProductRule(Slip::DoubleProductForgotten),
            new ProductRule(Slip::MinusNotCarried),
            new ProductRule(Slip::TermMissed),
            new ProductRule(Slip::SignOfProduct),
            new ProductRule(Slip::ExponentsNotAdded),
            new ProductRule(Slip::ExponentsMultiplied),
            new ProductRule(Slip::LetterDropped),
            new ProductRule(Slip::CoefficientsAdded),
            new CollectRule(Slip::LargerSignLost),
            new CollectRule(Slip::SignsIgnored, 'both-minus'),
            new CollectRule(Slip::SignsIgnored),
            new CollectRule(Slip::UnlikeTermsCollected),
            new CollectRule(Slip::TermMissed),
            new ProductRule(Slip::UnlikeTermsCollected),
        ];
    }
}
