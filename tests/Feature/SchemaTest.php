<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demonstrations\Demonstrations;
use App\Faces\FigureWriting;
use App\Faces\JsonFace;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Runel\Demonstration\Task;
use Runel\Problem\Problem;
use Tests\Core\Chance;

/** The JSON of every method and of every kind of figure is what the shipped schema says. */
final class SchemaTest extends TestCase
{
    private const PROBLEMS = [
        '(3t^3-4t+2)(t^2-5)', '(2x^2+3x+4)(x^2+x+6)', '(x+5)(5-x)', '(a+b)(a-2b)', '(x+1)(x-2)(3x+1)',
        '(x+1)(x+2)=ax^2+bx+c',
        '15x^2-7x-4', '-6x^2+27x-30', 'x^2+104x-5040',
        '9t^2-49', '3x^2+7x+5', '6x^2+19xy+10y^2', '6x^2+9x', '4x^2=12x+7',
        '6x^2=9x', 'x^2+7x+10=0', '5x^2-14x+6=0', 'y=2x^2-12x+11',
        '(3x^3-11x^2+4)/(x-2)', '(6x^3-7x^2+4x-1)/(2x-1)', '(x^5-1)/(x^2+x+1)', '(5x+1)/(x+3)',
        '2x^3-3x^2-8x+12=0', 'x^4-5x^2+6', 'find k so that x - 2 is a factor of x^3 + kx - 4',
        '5x+2=2x+11', '7-3x=1', 'sqrt(3x+1)-sqrt(x+4)=1', 'A=1/2(a+b)h for b', 'sqrt(x)=-3', '2x+1=2x+3',
    ];
    private const FIGURES = [
        'arcs', 'balance', 'bridge', 'columns', 'cross', 'crossing', 'curve', 'division-grid', 'factor-grid', 'grid',
        'long-division', 'machine', 'pair-hunt', 'root-hunt', 'rows', 'sides', 'square-tiles', 'tableau',
        'trial-brackets',
        'whole-number-twin',
    ];

    public function testEveryDemonstrationKeepsToTheSchema(): void
    {
        $schema = json_decode((string) file_get_contents(
            resource_path('schema/runel-1.json'),
        ), flags: \JSON_THROW_ON_ERROR);
        $figures = [];
        $judged = 0;
        foreach (self::PROBLEMS as $seed => $typed) {
            $task = new Task(Problem::read($typed), (new Chance($seed))->style());
            foreach (app(Demonstrations::class)->offers($task) as $offer) {
                if ($offer->forecast === null) {
                    continue;
                }
                $demonstration = app(Demonstrations::class)->of($task, $offer->method->job(), $offer->method->id());
                $written = app(JsonFace::class)->write($demonstration);
                $data = json_decode($written, flags: \JSON_THROW_ON_ERROR);
                $changed = app(JsonFace::class)->data($demonstration, FigureWriting::Changes);
                self::assertTrue((new Validator())->validate(
                    json_decode((string) json_encode($changed), flags: \JSON_THROW_ON_ERROR),
                    $schema,
                )->isValid(), "$typed {$offer->method->id()} by changes");
                $result = (new Validator())->setMaxErrors(3)->validate($data, $schema);
                $error = $result->error();
                $said = $error === null ? '' : json_encode((new ErrorFormatter())->format($error));
                self::assertTrue($result->isValid(), "$typed {$offer->method->id()}: $said");
                foreach ($data->steps as $step) {
                    $figures[$step->figure->type ?? ''] = true;
                }
                self::assertSame($data->forecast->lines, array_sum(
                    array_map(static fn(\stdClass $step): int => \count($step->lines), $data->steps),
                ));
                ++$judged;
            }
        }
        self::assertGreaterThan(50, $judged);
        self::assertSame([], array_diff(self::FIGURES, array_keys($figures)), 'every kind of figure was judged');
        $broken = json_decode((string) json_encode($data ?? null), flags: \JSON_THROW_ON_ERROR);
        \assert($broken instanceof \stdClass);
        $broken->checks[0]->holds = false;
        self::assertFalse((new Validator())->validate($broken, $schema)->isValid(), 'the schema refuses something');
    }
}
