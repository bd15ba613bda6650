<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Section;

/** The end of a factoring: what the last work has written already is not written again. */
final class Arrival
{
    /**
     * Where the last work arrives at the answer already, that line is the result and is not written again.
     *
     * @param non-empty-list<Section> $sections
     *
     * @return non-empty-list<Section>
     */
    public static function once(array $sections): array
    {
        $last = $sections[\count($sections) - 1];
        $step = $last->steps[\count($last->steps) - 1];
        $result = $step->lines[0] ?? null;
        for ($number = \count($sections) - 2; $number >= 0 && $result !== null; --$number) {
            $steps = $sections[$number]->steps;
            for ($place = \count($steps) - 1; $place >= 0; --$place) {
                $lines = $steps[$place]->lines;
                $main = array_filter($lines, static fn(Line $line): bool => $line->link !== Link::Side);
                $end = array_key_last($main);
                if ($end === null) {
                    continue;
                }
                $same = $lines[$end]->node->equals($result->node);
                if ($lines[$end]->link === Link::Given || !$same) {
                    return $sections;
                }
                $lines[$end] = Line::result($result->node, $lines[$end]->move);
                $steps[$place] = $steps[$place]->withLines(array_values($lines));
                $before = \array_slice($sections, 0, $number);
                $between = \array_slice($sections, $number + 1, -1);

                return [
                    ...$before,
                    $sections[$number]->withSteps(array_values($steps)),
                    ...$between,
                    $last->withSteps([...\array_slice($last->steps, 0, -1), $step->withLines([])]),
                ];
            }
        }

        return $sections;
    }
}
