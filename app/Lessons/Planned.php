<?php

declare(strict_types=1);

namespace App\Lessons;

use Runel\Lesson\Item;
use Runel\Lesson\Plan;

/** A lesson that can be looked at, printed, taken away and played, whether it is kept or only proposed. */
interface Planned
{
    public function plan(): Plan;

    public function item(int $number): ?Item;

    /** Where an item is played; after the last one, where the lesson ends. */
    public function play(int $number): string;

    /** The room an item is played in, where that is not the lesson's own. */
    public function room(int $number): ?string;

    /** The plan. */
    public function back(): string;

    /** On paper: plan, worked, faded or blank. */
    public function sheet(string $for): string;

    /** Where a file of it is fetched. */
    public function file(string $extension): string;

    /** The address of the set an item hands out. */
    public function set(int $number): string;

    /** What is carried along while an item is played. */
    public function code(int $number): string;
}
