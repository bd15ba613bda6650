<?php

declare(strict_types=1);

namespace App\Turn;

use Runel\Expression\Node;
use Runel\Marking\Guidance;
use Runel\Method\Catalogue;

/** What helps a learner on from the lines that stand. */
final readonly class TurnHelp
{
    /** So many lines are tried, from the last one back, until help goes on from one. */
    private const MOST_LINES = 4;

    /**
     * @param Node          $standing the last line that is still true to the problem
     * @param Node          $from     the line that help goes on from: that one, or an earlier one where no way of ours
     *                                starts there
     * @param Guidance|null $guidance what the help is taken from; null where no demonstration goes on from here
     */
    private function __construct(public Node $standing, public Node $from, public ?Guidance $guidance) {}

    public static function of(YourTurn $turn, Catalogue $catalogue): self
    {
        $sound = self::sound($turn);
        foreach ($sound as $line) {
            $guidance = Guidance::after(
                $catalogue,
                $turn->task,
                $turn->job,
                $turn->address->reference->method,
                $line,
            );
            if ($guidance !== null) {
                return new self($sound[0], $line, $guidance);
            }
        }

        return new self($sound[0], $sound[0], null);
    }

    /** @return non-empty-list<Node> the lines that are still true, the latest first; the problem at the end */
    private static function sound(YourTurn $turn): array
    {
        $sound = [];
        foreach (array_reverse($turn->marking->lines) as $line) {
            if ($line->verdict->isChain() && $line->branch === null && $line->holds && $line->node !== null) {
                $sound[] = $line->node;
            }
        }
        $start = $turn->start() ?? $turn->task->problem->node;

        return \array_slice([...($sound === [] ? [$start] : $sound), $turn->task->problem->node], 0, self::MOST_LINES);
    }
}
