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
        $grouping = self::grouping($trinomial, $outer, $task);
        if ($grouping !== null) {
            $sections[] = new Section(Phase::Writing, $grouping->steps(self::options(self::isLarge($task))));
        }

        return new Work($sections, $search->looked(), 1, Advice::pairs('split-middle', $search));
    }

    protected function brackets(Trinomial $trinomial, Task $task): array
    {
        return self::grouping($trinomial, new Outer($trinomial->common, false), $task)?->brackets()
            ?? parent::brackets($trinomial, $task);
    }

    private static function grouping(Trinomial $trinomial, Outer $outer, Task $task): ?Grouping
    {
        $pair = $trinomial->pair();

        return $pair === null
            ? null
            : new Grouping($trinomial, $outer, self::isLarge($task) ? [$pair[1], $pair[0]] : $pair);
    }

    private static function isLarge(Task $task): bool
    {
        return $task->choice(self::CHOICE) === 'large';
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
