<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Address\Address;
use App\Lessons\Content\KeptExample;
use App\Lessons\Content\KeptTwoWays;
use Runel\Demonstration\TaskReference;
use Runel\Lesson\Content\SlipToFind;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Notation\Ascii;
use Runel\Style\HouseStyle;

/** Where in Runel an item is played. */
final class Room
{
    /** What goes behind a room's address where who presents goes on presenting. */
    public static function presented(Item $item): string
    {
        return $item->kind() === ItemKind::YourTurn ? '&stage=open' : '&present=1';
    }

    /**
     * Null where the lesson shows it itself.
     *
     * @param string          $code what is carried along, so that the room knows which item comes next
     * @param LessonItem|null $kept what the tutor said of it
     */
    public static function of(Item $item, HouseStyle $style, string $code, ?LessonItem $kept = null): ?string
    {
        $demonstration = $item->content->demonstration();
        if ($demonstration === null) {
            return null;
        }
        $kind = $item->kind();
        $address = Address::for(new TaskReference(
            $demonstration->task->problem->source,
            $demonstration->job,
            $kind === ItemKind::Demonstration ? $demonstration->method : null,
            $style,
            $demonstration->task->choices,
        ));
        $lesson = ['lesson' => $code];
        $content = $kept?->content;

        return match ($kind) {
            ItemKind::Demonstration => $address->to('board', $lesson + [
                'ask' => $content instanceof KeptExample && $content->ask ? '1' : null,
                'until' => $content instanceof KeptExample ? $content->step : null,
            ]),
            ItemKind::YourTurn => $address->to('your-turn', $lesson + [
                'step' => null,
                'time' => $kept?->minutes === null ? null : $kept->minutes * 60,
            ]),
            ItemKind::TwoWays => $address->to('two-ways', $lesson + [
                'step' => null,
                'left' => $demonstration->method,
                'right' => $content instanceof KeptTwoWays ? $content->other : null,
            ]),
            ItemKind::SlipToFind => $address->to('spot', $lesson + ['step' => null]) . '&' . http_build_query([
                'page' => array_map(
                    Ascii::typed(...),
                    $item->content instanceof SlipToFind ? $item->content->lines : [],
                ),
            ]),
            // A warning, words and a set are shown by the lesson itself.
            ItemKind::Goal, ItemKind::Note, ItemKind::Warning, ItemKind::Set => null,
        };
    }
}
