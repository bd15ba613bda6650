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
     *     name: string, item: int, items: int, begins: int, whole: int, left: int, next: string,
     *     before: string|null, leave: string
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
        $begins = $lesson->plan()->begins($number);
        $whole = $lesson->plan()->seconds();

        return [
            'name' => $lesson->code(1),
            'item' => $number,
            'items' => \count($lesson->plan()->items),
            'begins' => $begins,
            'whole' => $whole,
            'left' => $whole - $begins,
            'next' => $lesson->play($number + 1),
            'before' => $number > 1 ? $lesson->play($number - 1) : null,
            'leave' => $lesson->back(),
        ];
    }

    /**
     * Of a kept lesson only the tutor is told more: what stands here is in the code itself.
     *
     * @param string $step how far the room has come; '' where it has no steps
     *
     * @return array{
     *     item: int, line: string, next: string, before: string|null, leave: string, items: string, step: string
     * }|null null where the code is no kept lesson's
     */
    public static function held(string $code, string $step): ?array
    {
        $held = KeptLesson::decoded($code);
        if ($held === null) {
            return null;
        }
        [$play, $item] = $held;

        return [
            'item' => $item,
            'line' => route('plays.line', ['play' => $play, 'item' => $item], false),
            'next' => route('plays.reach', ['play' => $play, 'item' => $item + 1], false),
            'before' => $item > 1 ? route('plays.item', ['play' => $play, 'item' => $item - 1], false) : null,
            'leave' => route('plays.leave', ['play' => $play], false),
            'items' => route('plays.show', ['play' => $play], false),
            'step' => ctype_digit($step) ? $step : '',
        ];
    }
}
