<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Learners\Records;
use App\Models\Attempt;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Carbon;
use Runel\Demonstration\TaskReference;
use Runel\Expression\Node;
use Runel\Expression\Rewriter;
use Runel\Job\Jobs;
use Runel\Ladder\Dice;
use Runel\Notation\Arranger;
use Runel\Notation\Ascii;
use Runel\Notation\PlainText;
use Runel\Notation\TimesSign;
use Runel\Practice\Made;
use Runel\Slip\LineParts;
use Runel\Style\HouseStyle;

/**
 * Pieces of work on problems made to order: what a demonstration writes, and now and then a slip done on purpose.
 *
 * @extends Factory<Attempt>
 */
final class AttemptFactory extends Factory
{
    protected $model = Attempt::class;

    public function definition(): array
    {
        return [
            'task' => new TaskReference('2x + 3 = 11', 'solve', null, HouseStyle::default()),
            'lines' => ['2x = 8', 'x = 4'],
            'verdicts' => ['follows', 'follows'],
            'slips' => [],
            'finished' => true,
            'source' => Records::TYPED,
            'at' => Carbon::now(),
        ];
    }

    /** @param bool $slips whether a slip is made where one can be */
    public function working(Made $made, Dice $dice, Carbon $at, bool $slips, int $help): self
    {
        $lines = [];
        foreach ($made->demonstration->steps() as $step) {
            foreach ($step->lines as $line) {
                if ($line->branch === null && !\in_array($line->link->value, ['side', 'given'], true)) {
                    $lines[] = Rewriter::unmarked($line->node);
                }
            }
        }
        $wrong = $slips && $lines !== [] ? self::slip($made, $lines[0]) : null;
        // A slip on paper ends the piece; one on the screen is mended, and stays counted.
        $onPaper = $wrong !== null && $dice->between(0, 2) === 0;
        $written = array_map(self::typed(...), $onPaper ? [$wrong[1]] : $lines);

        return $this->state([
            'task' => new TaskReference($made->problem, $made->demonstration->job, null, HouseStyle::default()),
            'skill' => $made->ladder->skill(),
            'rung' => $made->rung->number,
            'lines' => $written === [] ? [self::typed($made->demonstration->answer->node())] : $written,
            'verdicts' => array_fill(0, max(1, \count($written)), $onPaper ? 'wrong' : 'follows'),
            'slips' => $wrong === null ? [] : [$wrong[0]],
            'help' => $help,
            'seconds' => $dice->between(70, 420),
            'finished' => !$onPaper,
            'source' => $onPaper ? Records::PILE : Records::TURN,
            'remark' => $onPaper ? 'Look at this line again.' : '',
            'at' => $at,
        ]);
    }

    /** @return array{string, Node}|null the likeliest slip in the first line, and what it comes to */
    private static function slip(Made $made, Node $line): ?array
    {
        foreach (Jobs::all()->of($made->demonstration->job)->rules() as $rule) {
            foreach ($rule->wrong(new LineParts($made->demonstration->task->problem->node)) as $wrong) {
                if (Ascii::write($wrong) !== Ascii::write($line)) {
                    return [$rule->slip()->value, $wrong];
                }
            }
        }

        return null;
    }

    private static function typed(Node $node): string
    {
        return (new PlainText())->write((new Arranger(HouseStyle::default()->get(TimesSign::class)))->arrange($node));
    }
}
