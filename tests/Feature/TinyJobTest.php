<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use App\Faces\JsonFace;
use App\Sets\SeededChance;
use Opis\JsonSchema\Validator;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Method\Catalogue;
use Runel\Method\Families;
use Runel\Practice\Belonging;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;
use Tests\Core\TinyJob\OpenMinusFamily;

/** What it costs to add a job: its folder, its words, and its line in the list of jobs. Nothing else is touched. */
final class TinyJobTest extends TestCase
{
    private const WORDS = [
        'name.job.open-minus' => 'Opening a bracket behind a minus',
        'name.method.open-minus.turned-signs' => 'By turning every sign',
        'sets.task.open-minus' => 'Open the bracket.',
        'practice.skill.open-minus' => 'Brackets behind a minus',
        'tiny.title' => 'Turn every sign',
        'tiny.why' => 'The minus is before all of the bracket.',
        'tiny.ask' => 'What is it without the bracket?',
        'tiny.advice' => 'one line',
        'tiny.check' => 'With 2 for the letter',
        'tiny.check-why' => 'Both have the same value.',
    ];

    private Catalogue $catalogue;

    protected function setUp(): void
    {
        parent::setUp();
        $this->catalogue = new Catalogue(new Families([...Jobs::all()->all, new OpenMinusFamily()]));
        app()->instance(Catalogue::class, $this->catalogue);
        foreach (array_keys(self::WORDS) as $key) {
            app('translator')->load('*', explode('.', $key)[0], 'en');
        }
        app('translator')->addLines(self::WORDS, 'en');
    }

    public function testItIsOfferedDemonstratedAndWritten(): void
    {
        $task = new Task(Problem::read('-(3x-5)'), HouseStyle::default());
        self::assertSame('open-minus', $this->catalogue->families->ofProblem($task->problem)[0]);
        $demonstration = app(Demonstrations::class)->of($task);
        $data = json_decode(app(JsonFace::class)->write($demonstration), flags: \JSON_THROW_ON_ERROR);
        $schema = json_decode((string) file_get_contents(resource_path('schema/runel-1.json')));
        self::assertTrue((new Validator())->validate($data, $schema)->isValid());
        self::assertSame('-3*x+5', $data->answer->ascii);
        self::assertSame('Turn every sign', $data->steps[0]->title);
        self::assertStringContainsString('Open', app(Faces::class)->text($task->style)->word('name.job.open-minus'));
        $this->get('/board?problem=-(3x-5)')->assertOk()->assertSee('By turning every sign');
        $this->get('/reading?problem=-(3x-5)')->assertOk()->assertSee('Opening a bracket behind a minus');
    }

    public function testItIsMarkedByItsOwnSlipsAndItsOwnEnd(): void
    {
        $task = new Task(Problem::read('-(3x-5)'), HouseStyle::default());
        $mark = fn(string ...$lines): array => [
            ($marking = Marker::mark($this->catalogue, $task, 'open-minus', array_values($lines)))->finished,
            $marking->wants?->value,
            array_map(static fn(MarkedLine $line): ?string => $line->slip?->value, $marking->lines),
        ];
        self::assertSame([true, null, [null]], $mark('-3x+5'));
        self::assertSame([false, 'wrong-line', ['minus-not-carried']], $mark('-3x-5'));
        self::assertSame([false, 'not-collected', [null]], $mark('-x-2x+5'));
    }

    public function testItsProblemsAreMadeToOrder(): void
    {
        $ladder = $this->catalogue->families->ladders()->of('open-minus');
        foreach (['1', '2'] as $rung) {
            $order = Order::of($ladder, $rung, '4', '7', Wishes::none());
            foreach (Maker::make($this->catalogue, new SeededChance(), HouseStyle::default(), $order) as $made) {
                self::assertStringStartsWith('-(', $made->problem);
                self::assertSame($rung === '2', str_contains(substr($made->problem, 2), '-'), $made->problem);
                $belongs = Belonging::of($made->demonstration, $this->catalogue);
                self::assertSame(['open-minus', (int) $rung], [$belongs->ladder?->skill(), $belongs->rung?->number]);
            }
        }
    }
}
