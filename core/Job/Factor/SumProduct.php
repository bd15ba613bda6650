<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Expression\Numeral;
use Runel\Message\Message;
use Runel\Style\PairOrder;
use Runel\Working\Outer;

/** Factoring x² + bx + c: two numbers with product c and sum b. */
final class SumProduct extends FactorMethod
{
    public function id(): string
    {
        return 'sum-product';
    }

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return $trinomial->a === 1 ? null : Message::of('factor.refusal-leading', ['a' => Numeral::of($trinomial->a)]);
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        $search = PairSearch::of($trinomial->c, $trinomial->b, $task->style->get(PairOrder::class));
        $sections = [new Section(Phase::Hunting, $search->steps(), outcome: $search->outcome())];
        if (!$trinomial->isPrime()) {
            $sections[] = new Section(Phase::Writing, [Brackets::step($trinomial, $outer, 'factor.brackets.why-sum')]);
        }

        return new Work($sections, $search->looked(), 0, Advice::pairs('sum-product', $search));
    }
}
