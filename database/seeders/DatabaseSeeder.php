<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Example;
use Illuminate\Database\Seeder;

/** The shelf of the evening study room above the boatyard: one difficulty more each time. */
final class DatabaseSeeder extends Seeder
{
    private const EXAMPLES = [
        'Multiplying, first evening' => [
            ['(x + 6)(x + 3)', 'grid', 'All plus: four cells and nothing else new'],
            ['(4n - 3)(n + 7)', 'term-by-term', 'One minus; the middle terms pull against each other'],
            ['(5x - 2)(5x + 2)', 'special', 'Sum times difference: watch the middle go'],
            ['(3p + 8)^2', 'special', 'A square has a middle term'],
        ],
        'Multiplying, gaps and longer ones' => [
            ['(2t^3 - 5t + 1)(t^2 - 4)', 'grid', 'Powers are missing: keep their places'],
            ['(4x^2 + x + 5)(x^2 + 3x + 2)', 'by-degree', 'Degree by degree, with its whole-number twin'],
            ['(3m^2 - 2m + 6)(2m - 5)', 'columns', 'Coefficients alone'],
            ['(2x + 3y)(x - 4y + 5)', 'grid', 'Two letters'],
            ['(x + 5)(x - 3)(2x + 1)', 'grid', 'Three brackets: which two first?'],
        ],
    ];

    public function run(): void
    {
        if (Example::query()->exists()) {
            return;
        }
        $position = 0;
        foreach (self::EXAMPLES as $shelf => $examples) {
            foreach ($examples as [$problem, $method, $note]) {
                Example::query()->create(['shelf' => $shelf, 'problem' => $problem, 'method' => $method, 'note' => $note, 'position' => ++$position]);
            }
        }
    }
}
