<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Demonstrations\Demonstrations;
use App\Models\Example;
use App\Sets\KeptSets;
use App\Sets\ProblemSet;
use App\Sets\SetQuery;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Runel\Demonstration\TaskReference;
use Runel\Ladder\Chance;
use Runel\Method\Catalogue;
use Runel\Style\HouseStyle;

/** The shelf of the evening study room above the boatbuilder's yard: one difficulty more each time. */
final class DatabaseSeeder extends Seeder
{
    private const EXAMPLES = [
        'multiply-first' => [
            ['(x + 6)(x + 3)', 'multiply', 'grid', 'All plus: four cells and nothing else new'],
            ['(4n - 3)(n + 7)', 'multiply', 'term-by-term', 'One minus; the middle terms pull against each other'],
            ['(5x - 2)(5x + 2)', 'multiply', 'special', 'Sum times difference: watch the middle go'],
            ['(3p + 8)^2', 'multiply', 'special', 'A square has a middle term'],
        ],
        'multiply-longer' => [
            ['(3t^3 - 4t + 2)(t^2 - 5)', 'multiply', 'grid', 'Powers are missing: keep their places'],
            ['(2x^2 + 3x + 4)(x^2 + x + 6)', 'multiply', 'by-degree', 'Degree by degree, with its whole-number twin'],
            ['(3m^2 - 2m + 6)(2m - 5)', 'multiply', 'columns', 'Coefficients alone'],
            ['(3a + 2b)(a - 5b + 4)', 'multiply', 'grid', 'Two letters'],
            ['(k + 4)(k - 6)(3k + 1)', 'multiply', 'grid', 'Three factors: which two first?'],
        ],
        'factor-first' => [
            ['x^2 + 11x + 28', 'factor', 'sum-product', 'All plus, leading 1'],
            ['n^2 - 4n - 45', 'factor', 'sum-product', 'A minus at the end: hunt for a difference'],
            ['8x^2 + 22x + 15', 'factor', 'split-middle', 'A leading number: split the middle'],
            ['12p^2 - 11p - 15', 'factor', 'cross', 'Cross products: signs first'],
            ['10m^2 + 29m + 21', 'factor', 'product-grid', 'Edges from common factors'],
            ['-6x^2 + 27x - 30', 'factor', 'trial', 'A common factor and a minus to take out first'],
            ['9t^2 - 49', 'factor', 'special', 'Recognise it: no hunt at all'],
            ['3x^2 + 7x + 5', 'factor', 'split-middle', 'Prime: every pair fails'],
            ['4x^2 = 12x + 7', 'solve', 'factoring', 'An equation: zero on one side first'],
        ],
        'equations' => [
            ['x + 7 = 12', 'solve', 'balance', 'One step: undo plus'],
            ['3n + 2 = 11', 'solve', 'balance', 'Two steps: what was done last is undone first'],
            ['5x + 2 = 2x + 11', 'solve', 'balance', 'The unknown on both sides'],
            ['7 - 2(t - 3) = 1', 'solve', 'balance', 'A minus before the parentheses'],
            ['(x + 1)/2 - (x - 3)/5 = 4', 'solve', 'balance', 'Fractions: clear them first'],
            ['2(x + 1) = 2x + 5', 'solve', 'balance', 'No number solves it'],
            ['√(x + 3) = x - 3', 'solve', 'isolate-roots', 'One root; a false solution'],
            ['√(3x + 1) - √(x + 4) = 1', 'solve', 'isolate-roots', 'Two roots: square twice'],
        ],
        'formulas' => [
            ['y = mx + c for m', 'rearrange', 'balance', 'Two moves'],
            ['A = 1/2(a + b)h for b', 'rearrange', 'balance', 'A fraction in front'],
            ['E = 1/2 m v^2 for v', 'rearrange', 'balance', 'A square: plus or minus'],
            ['T = 2p√(l/g) for l', 'rearrange', 'balance', 'Under a root'],
            ['y = (x + 1)/(x - 2) for x', 'rearrange', 'balance', 'On both sides: collect and take out'],
        ],
        'quadratics' => [
            ['(x - 4)^2 = 18', 'solve', 'square-roots', 'The square stands there already'],
            ['x^2 + 7x + 10 = 0', 'solve', 'completing-square', 'An odd middle: half of it is a fraction'],
            ['5x^2 - 14x + 6 = 0', 'solve', 'formula', 'Nothing factors: roots stay'],
            ['y = 2x^2 - 12x + 11', 'complete-square', 'vertex', 'A function: the vertex is read off'],
        ],
        'divide' => [
            ['(2x^3 - 3x^2 - 8x + 12)/(x - 2)', 'divide', 'synthetic', 'Nothing left over: a factor'],
            ['(3x^3 - 11x^2 + 4)/(x - 2)', 'divide', 'bridge', 'From long division to synthetic, why it works'],
            ['(6x^3 - 7x^2 + 4x - 1)/(2x - 1)', 'divide', 'synthetic', 'A number before the letter in the divisor'],
            ['(t^4 + 2t^2 - 5)/(t^2 - t + 3)', 'divide', 'long', 'A quadratic divisor and a gap'],
            ['(2n^3 + 5n^2 - n + 6)/(n + 3)', 'divide', 'grid', 'The grid filled backwards'],
            ['find k so that x - 2 is a factor of 2x^3 + kx^2 - 5x + 6', 'divide', 'synthetic', 'One unknown'],
            ['2x^3 - 3x^2 - 8x + 12 = 0', 'solve', 'rational-roots', 'A cubic: one root found, a quadratic left'],
        ],
    ];

    /** Three evenings' practice, made to order. */
    private const SETS = [
        ['Evening 3: parentheses and their minus', ['linear.3-5.8'], '303'],
        ['Evening 5: hunting for pairs', ['factor-monic.1-4.8', 'factor-leading.1-3.6'], '505'],
        ['Evening 8: divide, and see what is left', ['divide-linear.2-5.8'], '808'],
    ];

    /** Once in the life of a database: a shelf that was emptied stays empty. */
    public function run(Catalogue $catalogue, Chance $chance, Demonstrations $demonstrations, KeptSets $kept): void
    {
        if (DB::table('milestones')->insertOrIgnore(['name' => 'demo-sets', 'reached_at' => now()]) === 1) {
            foreach (self::SETS as [$name, $picks, $seed]) {
                $query = SetQuery::of(['pick' => $picks, 'seed' => $seed]);
                $style = HouseStyle::default();
                $kept->keep(
                    $name,
                    $seed,
                    ProblemSet::made($query, $style, $catalogue, $chance, $demonstrations)->items,
                );
            }
        }
        DB::transaction(function (): void {
            if (DB::table('milestones')->insertOrIgnore([
                'name' => 'demo-records',
                'reached_at' => now(),
            ]) === 1) {
                $this->call(RecordsSeeder::class);
            }
        });
        DB::transaction(static function (): void {
            if (DB::table('milestones')->insertOrIgnore(['name' => 'demo-shelf', 'reached_at' => now()]) === 0) {
                return;
            }
            $position = 0;
            foreach (self::EXAMPLES as $shelf => $examples) {
                foreach ($examples as [$problem, $job, $method, $note]) {
                    Example::query()->create([
                        'shelf' => $shelf,
                        'task' => new TaskReference($problem, $job, $method, HouseStyle::default()),
                        'note' => $note,
                        'position' => ++$position,
                    ]);
                }
            }
        });
    }
}
