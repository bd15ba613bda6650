<?php

declare(strict_types=1);

namespace App\Lessons;

use Runel\Lesson\Proposal;
use Runel\Message\Refusal;
use Runel\Style\HouseStyle;

/** Where a room stands in the lesson it is played in: which item, when it should begin, what comes next. */
final readonly class LessonLines
{
    public function __construct(private Proposal $proposal, private HouseStyle $style) {}

    /**
     * Null where the code is no lesson's.
     *
     * @return array{
     *     name: string, item: int, items: int, begins: int, whole: int, left: int, next: string
     * }|null times in seconds
     */
    public function at(string $code): ?array
    {
        try {
            $lesson = ProposedLesson::of(LessonCode::of(['lesson' => $code]), $this->proposal, $this->style);
        } catch (Refusal) {
            return null;
        }
        $number = $lesson->code->item;
        $begins = $lesson->plan->begins($number);
        $whole = $lesson->plan->seconds();

        return [
            'name' => $lesson->code->code(1),
            'item' => $number,
            'items' => \count($lesson->plan->items),
            'begins' => $begins,
            'whole' => $whole,
            'left' => $whole - $begins,
            'next' => $lesson->play($number + 1),
        ];
    }
}
