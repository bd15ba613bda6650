<?php

declare(strict_types=1);

namespace App\Sets;

use App\Values\Given;

/** What the tutor has printed over a set: title, date, a line of their own, and the points. */
final readonly class SheetHead
{
    private const LONGEST = 80;
    private const MOST_POINTS = 99;

    /** @param list<int> $points one for all problems, or one each; none where none are given */
    private function __construct(
        public string $title,
        public string $date,
        public string $line,
        public array $points,
    ) {}

    /** @param Given $given what is of no use is passed over */
    public static function of(Given $given): self
    {
        preg_match_all('/\d{1,2}/', $given->text('points', 400), $points);

        return new self(
            $given->text('title', self::LONGEST),
            $given->text('date', self::LONGEST),
            $given->text('line', self::LONGEST),
            array_map(intval(...), \array_slice($points[0], 0, self::MOST_POINTS)),
        );
    }

    /** What a problem is worth; null where nothing is said. */
    public function pointsOf(int $place): ?int
    {
        return \count($this->points) === 1 ? $this->points[0] : $this->points[$place] ?? null;
    }

    /** What all of them are worth together; null where one of them has no points. */
    public function total(int $problems): ?int
    {
        $total = 0;
        for ($place = 0; $place < $problems; ++$place) {
            $points = $this->pointsOf($place);
            if ($points === null) {
                return null;
            }
            $total += $points;
        }

        return $problems === 0 ? null : $total;
    }

    /** @return array<string, string> the parts of a query */
    public function parts(): array
    {
        return array_filter([
            'title' => $this->title,
            'date' => $this->date,
            'line' => $this->line,
            'points' => implode(', ', $this->points),
        ], static fn(string $part): bool => $part !== '');
    }
}
