<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Expression\Rewriter;

/** A learner's lines beside those of a demonstration, in pairs where they say the same. */
final readonly class SideBySide
{
    /** @param list<array{MarkedLine|null, Line|null}> $rows */
    private function __construct(public array $rows) {}

    /**
     * The longest common subsequence of both, by the usual table of lengths.
     *
     * @param list<MarkedLine> $learner
     */
    public static function of(array $learner, Demonstration $demonstration): self
    {
        $way = [];
        foreach ($demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                if ($line->link !== Link::Side && $line->link !== Link::Given) {
                    $way[] = $line;
                }
            }
        }
        $alike = new Alike();
        $same = [];
        foreach ($learner as $row => $own) {
            foreach ($way as $column => $line) {
                $same[$row][$column] = $own->node !== null
                    && $alike->lines($own->node, Rewriter::unmarked($line->node));
            }
        }
        $lengths = array_fill(0, \count($learner) + 1, array_fill(0, \count($way) + 1, 0));
        for ($row = \count($learner) - 1; $row >= 0; --$row) {
            for ($column = \count($way) - 1; $column >= 0; --$column) {
                $lengths[$row][$column] = $same[$row][$column]
                    ? $lengths[$row + 1][$column + 1] + 1
                    : max($lengths[$row + 1][$column], $lengths[$row][$column + 1]);
            }
        }
        $rows = [];
        [$row, $column] = [0, 0];
        while ($row < \count($learner) || $column < \count($way)) {
            $isOwn = $column === \count($way)
                || ($row < \count($learner) && $lengths[$row + 1][$column] >= $lengths[$row][$column + 1]);
            $rows[] = match (true) {
                $row < \count($learner) && $column < \count($way) && $same[$row][$column]
                    => [$learner[$row++], $way[$column++]],
                $isOwn => [$learner[$row++], null],
                default => [null, $way[$column++]],
            };
        }

        return new self($rows);
    }
}
