<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Expression\Alternatives;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Expression\Quotient;
use Runel\Slip\Rule\AcrossRule;
use Runel\Slip\Rule\BracketPairRule;
use Runel\Slip\Rule\BracketRule;
use Runel\Slip\Rule\CollectRule;
use Runel\Slip\Rule\CommonFactorRule;
use Runel\Slip\Rule\CubesRule;
use Runel\Slip\Rule\DividedExponentsRule;
use Runel\Slip\Rule\EquationRule;
use Runel\Slip\Rule\ExcludedRule;
use Runel\Slip\Rule\FalseRootRule;
use Runel\Slip\Rule\FormulaRule;
use Runel\Slip\Rule\FractionRule;
use Runel\Slip\Rule\FrontRule;
use Runel\Slip\Rule\InverseRule;
use Runel\Slip\Rule\LeadingRule;
use Runel\Slip\Rule\LetterBelowRule;
use Runel\Slip\Rule\LetterDividedRule;
use Runel\Slip\Rule\MinusBeforeProductRule;
use Runel\Slip\Rule\OtherInverseRule;
use Runel\Slip\Rule\OwnDenominatorRule;
use Runel\Slip\Rule\PlaceholderRule;
use Runel\Slip\Rule\PowerRule;
use Runel\Slip\Rule\ProductRule;
use Runel\Slip\Rule\RadicalRule;
use Runel\Slip\Rule\RaisedProductRule;
use Runel\Slip\Rule\RootRule;
use Runel\Slip\Rule\RootSignRule;
use Runel\Slip\Rule\RootSquaredRule;
use Runel\Slip\Rule\SomeTermsRule;
use Runel\Slip\Rule\SquareCompletionRule;
use Runel\Slip\Rule\SquareRule;
use Runel\Slip\Rule\TurnedOverRule;
use Runel\Slip\Rule\TwoSquaresRule;

/** The wrong rules that jobs share, in groups, each with the likeliest first. */
final class WrongRules
{
    /** So many outcomes of one line are looked at. */
    private const MOST = 600;

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
        $parts = new LineParts($line);
        $ways = $line instanceof Alternatives
            ? array_map(static fn(Equation $way): LineParts => new LineParts($way), $line->equations)
            : [];
        foreach ($rules as $rule) {
            foreach (self::done($rule, $parts, $ways) as $wrong) {
                if ($left-- === 0) {
                    return;
                }
                // Nobody writes a fraction with 0 below.
                if (!self::isOverZero($wrong)) {
                    yield [$rule, $wrong];
                }
            }
        }
    }

    private static function isOverZero(Node $node): bool
    {
        if ($node instanceof Quotient && $node->denominator->isZero()) {
            return true;
        }
        foreach ($node->children() as $child) {
            if (!$child instanceof Numeral && !$child instanceof Letter && self::isOverZero($child)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<LineParts> $ways of alternatives, each by itself
     *
     * @return iterable<Node> the slip at one place; of alternatives, in all of them alike, too
     */
    private static function done(WrongRule $rule, LineParts $parts, array $ways): iterable
    {
        yield from $rule->wrong($parts);
        $done = [];
        foreach ($ways as $way) {
            $done[] = \iterator_to_array((static fn() => yield from $rule->wrong($way))(), false);
        }
        foreach (array_keys($done[0] ?? []) as $number) {
            $slipped = array_values(array_filter(
                array_column($done, $number),
                static fn(Node $way): bool => $way instanceof Equation,
            ));
            if (\count($slipped) === \count($done)) {
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
    public static function equations(): array
    {
        return [
            new FalseRootRule(Slip::ExtraneousKept),
            new ExcludedRule(Slip::ExcludedKept),
            new FormulaRule(Slip::MinusOfBLost),
            new FormulaRule(Slip::DiscriminantSign),
            new FormulaRule(Slip::TwoAUnderRootOnly),
            new FormulaRule(Slip::DiscriminantNotRooted),
            new RootSquaredRule(Slip::RootNumberNotSquared),
            new TurnedOverRule(Slip::TurnedOverOneByOne),
            new RootRule(Slip::DenominatorNotRooted),
            new AcrossRule(Slip::FirstTermOnly, 'across'),
            new AcrossRule(Slip::FractionsAddedAcross),
            new RootSignRule(Slip::SignNotTurned, 'roots'),
            new EquationRule(Slip::DividedByNegative),
            new EquationRule(Slip::SignNotTurned),
            new EquationRule(Slip::OneSideOnly),
            new EquationRule(Slip::WrongInverse),
            new OtherInverseRule(Slip::WrongInverse, 'other'),
            new InverseRule(Slip::WrongInverse),
            new InverseRule(Slip::WrongInverse, 'root'),
            new InverseRule(Slip::WrongInverse, 'power'),
            new LeadingRule(Slip::DividedSomeTerms),
            new LetterDividedRule(Slip::DividedSomeTerms),
            new EquationRule(Slip::ProductNotZero),
            new EquationRule(Slip::RootLost),
            new EquationRule(Slip::PlusMinusForgotten),
            new EquationRule(Slip::FractionClearedOneTerm),
            new LetterBelowRule(Slip::FractionClearedOneTerm),
            new OwnDenominatorRule(Slip::OneSideOnly, 'crossed'),
            new EquationRule(Slip::SquaredTermByTerm),
        ];
    }

    /** @return list<WrongRule> */
    public static function factorings(): array
    {
        return [
            new CommonFactorRule(Slip::MinusOneTwice),
            new CommonFactorRule(Slip::CommonFactorForgotten),
            new CommonFactorRule(Slip::CommonFactorForgotten, 'minus'),
            new SomeTermsRule(Slip::FactorOutOfSome),
            new BracketPairRule(Slip::SignsInWrongBrackets),
            new BracketPairRule(Slip::ScaledFactorsGiven),
            new TwoSquaresRule(Slip::DoubleProductForgotten, 'back'),
            new BracketPairRule(Slip::RightProductWrongSum),
            new BracketPairRule(Slip::RightSumWrongProduct),
            new CubesRule(Slip::CubesMiddle),
            new CubesRule(Slip::PowerOfSumSplit, 'back'),
        ];
    }

    /** @return list<WrongRule> */
    public static function squares(): array
    {
        return [
            new SquareCompletionRule(Slip::OuterFactorForgotten),
            new SquareCompletionRule(Slip::AddedToOneSide),
            new SquareCompletionRule(Slip::HalfNotSquared),
            new SquareCompletionRule(Slip::SquaredNotHalved),
            new SquareCompletionRule(Slip::MiddleSignLost),
            new SquareCompletionRule(Slip::HalfNotTaken),
            new SquareCompletionRule(Slip::FunctionDivided),
        ];
    }

    /** @return list<WrongRule> */
    public static function roots(): array
    {
        return [
            new RootRule(Slip::RootOfSumSplit),
            new RootRule(Slip::DenominatorNotRooted),
            new FractionRule(Slip::StackedFraction),
            new RadicalRule(Slip::RootOfSumSplit, 'joined'),
            new RadicalRule(Slip::RootNotSimplified, 'outside'),
            new RadicalRule(Slip::RootNotSimplified, 'swapped'),
        ];
    }

    /** @return list<WrongRule> tried after what is likelier */
    public static function fractions(): array
    {
        return [
            new FractionRule(Slip::TermCancelled),
            new FractionRule(Slip::DividedSomeTerms),
            new DividedExponentsRule(Slip::QuotientDegree, 'divided'),
        ];
    }

    /** @return list<WrongRule> */
    public static function brackets(): array
    {
        return [
            new BracketRule(Slip::MinusNotCarried),
            new MinusBeforeProductRule(Slip::MinusNotCarried),
            new BracketRule(Slip::FirstTermOnly),
            new SquareRule(Slip::DoubleProductForgotten),
            new SquareRule(Slip::CoefficientNotSquared),
            new SquareRule(Slip::SignOfProduct, 'square'),
            new SquareRule(Slip::PowerOfSumSplit),
            new FrontRule(Slip::InnerFactorSquaredIn),
            new FrontRule(Slip::MultipliedOutTwice),
        ];
    }

    /** @return list<WrongRule> */
    public static function products(): array
    {
        return [
            ...self::brackets(),
            new RaisedProductRule(Slip::CoefficientNotSquared),
            new RaisedProductRule(Slip::CoefficientNotSquared, 'raised'),
            new ProductRule(Slip::DoubleProductForgotten),
            new ProductRule(Slip::MinusNotCarried),
            new ProductRule(Slip::TermMissed),
            new ProductRule(Slip::SignOfProduct),
            new ProductRule(Slip::ExponentsNotAdded),
            new ProductRule(Slip::ExponentsMultiplied),
            new PowerRule(Slip::ExponentsMultiplied),
            new PowerRule(Slip::ExponentsAdded),
            new PowerRule(Slip::ExponentsAdded, 'terms'),
            new PowerRule(Slip::CoefficientNotSquared, 'below'),
            new PowerRule(Slip::SignOfProduct, 'exponent'),
            new PowerRule(Slip::QuotientDegree, 'minus'),
            new ProductRule(Slip::LetterDropped),
            new ProductRule(Slip::CoefficientsAdded),
            new CollectRule(Slip::LargerSignLost),
            new CollectRule(Slip::SignsIgnored, 'both-minus'),
            new CollectRule(Slip::SignsIgnored),
            new CollectRule(Slip::UnlikeTermsCollected),
            new CollectRule(Slip::UnlikeTermsCollected, 'unlike'),
            new CollectRule(Slip::TermMissed),
            new ProductRule(Slip::UnlikeTermsCollected),
        ];
    }
}
