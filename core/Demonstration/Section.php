<?php

declare(strict_types=1);

namespace Runel\Demonstration;

/** A part of a demonstration that folds to one line when it is done. */
final readonly class Section
{
    /** @param list<Step> $steps */
    public function __construct(public Phase $phase, public array $steps) {}

    /**
     * @param list<self> $sections
     *
     * @return list<Step> of all of them, in order
     */
    public static function steps(array $sections): array
    {
        return array_merge(...array_map(static fn(self $section): array => $section->steps, $sections));
    }

    /**
     * How many lines they write.
     *
     * @param list<self> $sections
     */
    public static function lines(array $sections): int
    {
        return array_sum(array_map(static fn(Step $step): int => \count($step->lines), self::steps($sections)));
    }
}
