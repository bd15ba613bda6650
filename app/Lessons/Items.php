<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Demonstrations\Demonstrations;
use Runel\Lesson\Content\TutorsWords;
use Runel\Lesson\Item;
use Runel\Lesson\Pace;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Style\HouseStyle;

/** What is kept of an item, made into the item itself: its problem demonstrated, its time forecast. */
final readonly class Items
{
    public function __construct(private Demonstrations $demonstrations, private Catalogue $catalogue) {}

    /** An item whose problem can no longer be demonstrated stays, as a note of what was typed. */
    public function item(LessonItem $kept, HouseStyle $style, Pace $pace): Item
    {
        try {
            $item = $kept->content->item(new Showing($this->demonstrations, $this->catalogue, $style, $pace));
        } catch (Refusal) {
            $item = Item::words(TutorsWords::note($kept->content->typed()), $pace);
        }
        $item = $kept->minutes === null ? $item : $item->lasting($kept->minutes * 60);

        return $kept->newPage ? $item->onNewPage() : $item;
    }
}
