<?php

declare(strict_types=1);

namespace Runel\Slip;

/** The slips people make, each by its plain name. Their wording lives in the language files under "slip". */
enum Slip: string
{
    case MissingPlaceholder = 'missing-placeholder';
    case ExponentsMultiplied = 'exponents-multiplied';
    case ExponentsAdded = 'exponents-added';
    case ExponentsNotAdded = 'exponents-not-added';
    case LetterDropped = 'letter-dropped';
    case SignOfProduct = 'sign-of-product';
    case CoefficientsAdded = 'coefficients-added';
    case LargerSignLost = 'larger-sign-lost';
    case SignsIgnored = 'signs-ignored';
    case UnlikeTermsCollected = 'unlike-terms-collected';
    case TermMissed = 'term-missed';
    case MinusNotCarried = 'minus-not-carried';
    case DoubleProductForgotten = 'double-product-forgotten';
    case CommonFactorForgotten = 'common-factor-forgotten';
    case NotFactoredCompletely = 'not-factored-completely';
    case RightProductWrongSum = 'right-product-wrong-sum';
    case RightSumWrongProduct = 'right-sum-wrong-product';
    case SignsInWrongBrackets = 'signs-in-wrong-brackets';
    case ScaledFactorsGiven = 'scaled-factors-given';
    case MinusOneTwice = 'minus-one-twice';
    case RootLost = 'root-lost';
    case ProductNotZero = 'product-not-zero';
    case FractionClearedOneTerm = 'fraction-cleared-one-term';
    case HalfNotSquared = 'half-not-squared';
    case SquaredNotHalved = 'squared-not-halved';
    case AddedToOneSide = 'added-to-one-side';
    case OuterFactorForgotten = 'outer-factor-forgotten';
    case DividedSomeTerms = 'divided-some-terms';
    case FunctionDivided = 'function-divided';
    case PlusMinusForgotten = 'plus-minus-forgotten';
    case RootOfSumSplit = 'root-of-sum-split';
    case TermCancelled = 'term-cancelled';
    case DenominatorNotRooted = 'denominator-not-rooted';
    case RootNotSimplified = 'root-not-simplified';
    case DivisorSignNotTurned = 'divisor-sign-not-turned';
    case SubtractedNotAdded = 'subtracted-not-added';
    case QuotientDegree = 'quotient-degree';
    case RemainderLeftOut = 'remainder-left-out';
    case StackedFraction = 'stacked-fraction';
    case SignNotTurned = 'sign-not-turned';
    case OneSideOnly = 'one-side-only';
    case WrongInverse = 'wrong-inverse';
    case DividedByNegative = 'divided-by-negative';
    case FirstTermOnly = 'first-term-only';
    case SquaredTermByTerm = 'squared-term-by-term';
    case Arithmetic = 'arithmetic';
    case Copying = 'copying';
    case ExtraneousKept = 'extraneous-kept';
    case ExcludedKept = 'excluded-kept';
    case ConjugateSign = 'conjugate-sign';
    case UnlikeExponentsAdded = 'unlike-exponents-added';
    case CoefficientNotSquared = 'coefficient-not-squared';
    case FractionsAddedAcross = 'fractions-added-across';
    case MinusOfBLost = 'minus-of-b-lost';
    case DiscriminantSign = 'discriminant-sign';
    case TwoAUnderRootOnly = 'two-a-under-root-only';
    case RoundedEarly = 'rounded-early';
    case MiddleSignLost = 'middle-sign-lost';
    case FactorOutOfSome = 'factor-out-of-some';
    case HalfNotTaken = 'half-not-taken';
    case RootNumberNotSquared = 'root-number-not-squared';
    case PowerOfSumSplit = 'power-of-sum-split';
    case DiscriminantNotRooted = 'discriminant-not-rooted';
    case InnerFactorSquaredIn = 'inner-factor-squared-in';
    case MultipliedOutTwice = 'multiplied-out-twice';
    case TurnedOverOneByOne = 'turned-over-one-by-one';
    case CubesMiddle = 'cubes-middle';
    case NotPutBack = 'not-put-back';
    case BasesMultiplied = 'bases-multiplied';
    case ZeroExponent = 'zero-exponent';
}
