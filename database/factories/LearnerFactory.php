<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Learner;
use Illuminate\Database\Eloquent\Factories\Factory;
use Runel\Style\HouseStyle;

/**
 * Made-up learners of the evening study room, no two of one name.
 *
 * @extends Factory<Learner>
 */
final class LearnerFactory extends Factory
{
    private const NAMES = ['Mirela', 'Jarek', 'Tove', 'Ilias', 'Noor', 'Bastian', 'Saoirse', 'Kemal'];

    protected $model = Learner::class;

    private static int $made = 0;

    public function definition(): array
    {
        $number = self::$made++;
        $again = intdiv($number, \count(self::NAMES));

        return [
            'name' => self::NAMES[$number % \count(self::NAMES)] . ($again === 0 ? '' : ' ' . ($again + 1)),
            'style' => HouseStyle::default(),
        ];
    }
}
