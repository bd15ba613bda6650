<?php

declare(strict_types=1);

namespace App\Board;

use Runel\Expression\Node;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Method\Catalogue;
use Runel\Proof\Effort;
use Runel\Why\ButWhy;

/** A line that somebody would have written instead: judged as their own work, from the line before. */
final readonly class WhyNot
{
    /** In steps of proof and search. */
    private const EFFORT = 60_000;
    private const LONGEST = 200;

    private function __construct(public Node $before, public MarkedLine $line) {}

    /** @return self|null null where nothing is typed, or no line stands there to go on from */
    public static function of(Board $board, string $typed, Catalogue $catalogue): ?self
    {
        $before = $board->isChecking() ? null : ButWhy::lineBefore($board->demonstration, $board->shown - 1);
        if ($before === null || trim($typed) === '') {
            return null;
        }
        $marking = Marker::mark(
            $catalogue,
            $board->demonstration->task,
            $board->demonstration->job,
            [mb_substr(mb_scrub($typed), 0, self::LONGEST)],
            [$before->node],
            Effort::of(self::EFFORT),
        );

        return new self($before->node, $marking->lines[0]);
    }
}
