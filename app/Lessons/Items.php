<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Demonstrations\Demonstrations;
use App\Lessons\Content\KeptExample;
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

    /** The same with the step it is shown to called by its name, where it has none yet. */
    public function named(LessonItem $kept, HouseStyle $style): LessonItem
    {
        $content = $kept->content;
        if (!$content instanceof KeptExample || $content->step === null || $content->stepId !== null) {
            return $kept;
        }
        try {
            $steps = $this->item($kept, $style, Pace::usual())->content->demonstration()?->steps() ?? [];

            return $kept->with(['stepId' => $steps[$content->step - 1]->id ?? null]);
        } catch (Refusal) {
            return $kept;
        }
    }

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
