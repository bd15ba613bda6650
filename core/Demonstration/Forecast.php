<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Message\Message;

/** What a demonstration will cost and what will turn up in it. */
final readonly class Forecast
{
    /**
     * @param int     $steps     things written, checks not counted
     * @param int     $lines     lines written, side work included
     * @param int     $trials    things tried before the right one is known, itself counted; 0 where nothing is hunted
     * @param int     $products  single products worked out
     * @param bool    $fractions whether fractions turn up
     * @param bool    $roots     whether roots turn up
     * @param Message $advice    one sentence why to pick the method, or not
     */
    public function __construct(
        public int $steps,
        public int $lines,
        public int $trials,
        public int $products,
        public bool $fractions,
        public bool $roots,
        public Message $advice,
    ) {}

    /**
     * Steps and lines are counted from the sections themselves, so that a forecast cannot disagree with its work.
     *
     * @param list<Section> $sections
     */
    public static function of(
        array $sections,
        Message $advice,
        int $trials = 0,
        int $products = 0,
        bool $fractions = false,
        bool $roots = false,
    ): self {
        return new self(
            steps: \count(Section::steps($sections)),
            trials: $trials,
            products: $products,
            fractions: $fractions,
            roots: $roots,
            lines: Section::lines($sections),
            advice: $advice,
        );
    }
}
