<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;

/** What is worked beside in some sections: what a check of other work shows of them. */
final readonly class SideWork
{
    /**
     * @param list<Line>  $lines
     * @param Figure|null $figure the last one
     */
    public function __construct(public array $lines = [], public ?Figure $figure = null) {}

    /**
     * Without the whole-number twin, which is an extra and no part of multiplying back.
     *
     * @param list<Section> $sections
     */
    public static function of(array $sections): self
    {
        $steps = Section::steps(array_values(array_filter(
            $sections,
            static fn(Section $section): bool => $section->phase !== Phase::Twin,
        )));
        $beside = static fn(Step $step): array => array_values(array_filter(
            $step->lines,
            static fn(Line $line): bool => $line->link === Link::Side,
        ));

        return self::joined(array_map(static fn(Step $step): self => new self($beside($step), $step->figure), $steps));
    }

    /** @param list<self> $works one after the other */
    public static function joined(array $works): self
    {
        $figure = null;
        foreach ($works as $work) {
            $figure = $work->figure ?? $figure;
        }

        return new self(array_merge(...array_map(static fn(self $work): array => $work->lines, $works)), $figure);
    }
}
