<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\Trinomial;
use Runel\Demonstration\Option;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Task;
use Runel\Message\Message;
use Runel\Style\PairOrder;
use Runel\Working\Outer;

/** Factoring by splitting the middle term: two numbers with product ac and sum b, then grouping. */
final class SplitMiddle extends FactorMethod
{
    /** Which of the two numbers comes first: small or large. */
    public const CHOICE = 'split';

    public function id(): string
    {
        return 'split-middle';
    }

    protected function refusalOf(Trinomial $trinomial): ?Message
    {
        return null;
    }

    protected function work(Trinomial $trinomial, Outer $outer, Task $task): Work
    {
        $search = PairSearch::of($trinomial->product(), $trinomial->b, $task->style->get(PairOrder::class));
        $sections = [new Section(Phase::Hunting, [PairSearch::productStep(
            $trinomial,
            'factor.product.why',
        ), ...$search->steps()], outcome: $search->outcome())];
        $pair = $trinomial->pair();
        if ($pair !== null) {
            $large = $task->choice(self::CHOICE) === 'large';
            $grouping = new Grouping($trinomial, $outer, $large ? [$pair[1], $pair[0]] : $pair);
            $sections[] = new Section(Phase::Writing, $grouping->steps(self::options($large)));
        }

        return new Work($sections, $search->looked(), 1, Advice::pairs('split-middle', $search));
    }

    /** @return list<Option> which of the two numbers comes first */
    private static function options(bool $large): array
    {
        return array_map(static fn(string $value): Option => new Option(
            self::CHOICE,
            $value,
            Message::of("factor.split.option-$value"),
            ($value === 'large') === $large,
        ), ['small', 'large']);
    }
}
