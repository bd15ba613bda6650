<?php

declare(strict_types=1);

namespace Runel\Slip;

use Runel\Slip\Rule\BracketRule;
use Runel\Slip\Rule\CollectRule;
use Runel\Slip\Rule\CommonFactorRule;
use Runel\Slip\Rule\EquationRule;
use Runel\Slip\Rule\FactorSignRule;
use Runel\Slip\Rule\ProductRule;
use Runel\Slip\Rule\RemainderRule;
use Runel\Slip\Rule\SquareRule;

/** All wrong rules, the likeliest first. */
final class WrongRules
{
    /** @return list<WrongRule> */
    public static function all(): array
    {
        return [
            BracketRule::minus(),
            BracketRule::factor(),
            new SquareRule(),
            new EquationRule(Slip::DividedByNegative),
            new EquationRule(Slip::SignNotTurned),
            new EquationRule(Slip::OneSideOnly),
            new EquationRule(Slip::WrongInverse),
            new EquationRule(Slip::ProductNotZero),
            new EquationRule(Slip::RootLost),
            new EquationRule(Slip::PlusMinusForgotten),
            new EquationRule(Slip::FractionClearedOneTerm),
            new EquationRule(Slip::SquaredTermByTerm),
            new RemainderRule(),
            new CommonFactorRule(),
            new FactorSignRule(),
            new ProductRule(Slip::TermMissed),
            new ProductRule(Slip::ExponentsMultiplied),
            new ProductRule(Slip::CoefficientsAdded),
            new ProductRule(Slip::SignOfProduct),
            new CollectRule(Slip::LargerSignLost),
            new CollectRule(Slip::SignsIgnored),
            new CollectRule(Slip::UnlikeTermsCollected),
        ];
    }
}
