<?php

declare(strict_types=1);

namespace Runel\Working;

use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Section;

/** Where the work of a part ends the whole. */
final class LastLine
{
    /**
     * The last line of a part that has no solution is the last line of all.
     *
     * @param list<Section> $sections
     *
     * @return list<Section>
     */
    public static function ended(array $sections): array
    {
        for ($number = \count($sections) - 1; $number >= 0; --$number) {
            $steps = $sections[$number]->steps;
            for ($place = \count($steps) - 1; $place >= 0; --$place) {
                $lines = $steps[$place]->lines;
                $end = array_key_last(array_filter($lines, static fn(Line $line): bool => $line->link !== Link::Side));
                if ($end !== null) {
                    $lines[$end] = Line::result($lines[$end]->node, $lines[$end]->move);
                    $steps[$place] = $steps[$place]->withLines(array_values($lines));
                    $sections[$number] = $sections[$number]->withSteps(array_values($steps));

                    return array_values($sections);
                }
            }
        }

        return $sections;
    }
}
