<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Example;
use Illuminate\Database\Seeder;

/** The shelf of the evening study room above the boatbuilder's yard: one difficulty more each time. */
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
            ['(3t^3 - 4t + 2)(t^2 - 5)', 'grid', 'Powers are missing: keep their places'],
            ['(2x^2 + 3x + 4)(x^2 + x + 6)', 'by-degree', 'Degree by degree, with its whole-number twin'],
            ['(3m^2 - 2m + 6)(2m - 5)', 'columns', 'Coefficients alone'],
            ['(3a + 2b)(a - 5b + 4)', 'grid', 'Two letters'],
            ['(k + 4)(k - 6)(3k + 1)', 'grid', 'Three brackets: which two first?'],
        ],
        'Factoring, leading 1 and more' => [
            ['x^2 + 11x + 28', 'sum-product', 'All plus, leading 1'],
            ['n^2 - 4n - 45', 'sum-product', 'A minus at the end: hunt for a difference'],
            ['8x^2 + 22x + 15', 'split-middle', 'A leading number: split the middle'],
            ['12p^2 - 11p - 15', 'cross', 'Cross products: signs first'],
            ['10m^2 + 29m + 21', 'product-grid', 'Edges from common factors'],
            ['-6x^2 + 27x - 30', 'trial', 'A common factor and a minus to take out first'],
            ['9t^2 - 49', 'special', 'Recognise it: no hunt at all'],
            ['3x^2 + 7x + 5', 'split-middle', 'Prime: every pair fails'],
            ['4x^2 = 12x + 7', 'factoring', 'An equation: zero on one side first'],
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
