<?php

declare(strict_types=1);

namespace Runel\Ladder;

/**
 * What can make a problem harder than the simplest of its kind, or turn it into another kind. What a rung does not ask
 * for may not be there: so the easier cases, which make a problem no practice, are named here too.
 */
enum Difficulty: string
{
    case Minus = 'minus';
    case LeadingNumber = 'leading-number';
    case BothLeading = 'both-leading';
    case TwoLetters = 'two-letters';
    case Gap = 'gap';
    case Longer = 'longer';
    case SumDifference = 'sum-difference';
    case OppositeSigns = 'opposite-signs';
    case ManyTrials = 'many-trials';
    case CommonFactor = 'common-factor';
    case LeadingMinus = 'leading-minus';
    case SquareTrinomial = 'square-trinomial';
    case OddMiddle = 'odd-middle';
    case Surd = 'surd';
    case NoSolution = 'no-solution';
    case HigherPower = 'higher-power';
    case Remainder = 'remainder';
    case FarRoot = 'far-root';
    case BothSides = 'both-sides';
    case Brackets = 'brackets';
    case MinusBracket = 'minus-bracket';
    case Fraction = 'fraction';
    case Product = 'product';
    case Quotient = 'quotient';
    case Square = 'square';
    case Twice = 'twice';
    case Beside = 'beside';
    case LetterOutside = 'letter-outside';
    case FalseSolution = 'false-solution';
    case TwoRoots = 'two-roots';
    case Trinomial = 'trinomial';
    case Multiplied = 'multiplied';
    case TurnedOver = 'turned-over';
    case DeadWay = 'dead-way';
    case InRoot = 'in-root';
    /** The easier cases, and what belongs to no rung. */
    case Repeated = 'repeated';
    case ZeroMiddle = 'zero-middle';
    case ZeroEnd = 'zero-end';
    case Prime = 'prime';
    case FractionAnswer = 'fraction-answer';
}
