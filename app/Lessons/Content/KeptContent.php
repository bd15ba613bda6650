<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Lessons\Showing;
use Runel\Lesson\Item;
use Runel\Lesson\ItemKind;
use Runel\Message\Refusal;

/** What an item of a lesson holds, as it is kept and sent: one class a kind. */
interface KeptContent
{
    public function kind(): ItemKind;

    /** @return array<string, mixed> what its reading needs; what is null, '' or false is left out of what is kept */
    public function toArray(): array;

    /**
     * The item itself, worked and forecast.
     *
     * @throws Refusal where its problem can no longer be demonstrated
     */
    public function item(Showing $showing): Item;

    /** What was typed, in one line. */
    public function typed(): string;

    /** The same in a file written in Markdown, as {@see \App\Lessons\LessonReader} reads it. */
    public function markdown(): string;
}
