<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Example;
use App\Shelf\Shelf;
use Illuminate\Database\Eloquent\Factories\Factory;
use Runel\Demonstration\TaskReference;
use Runel\Style\HouseStyle;

/**
 * Problems for a shelf: brackets with small numbers, no two alike.
 *
 * @extends Factory<Example>
 */
final class ExampleFactory extends Factory
{
    protected $model = Example::class;

    private static int $made = 0;

    public function definition(): array
    {
        $number = ++self::$made;

        return [
            'shelf' => Shelf::OWN,
            'task' => new TaskReference("(x + $number)(2x - 7)", 'multiply', 'grid', HouseStyle::default()),
            'note' => "Number $number",
            'position' => $number,
        ];
    }
}
