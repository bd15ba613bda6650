<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contract\Requested;
use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use App\Files\HandedIn;
use App\Pile\Pile;
use App\Pile\PileReader;
use Illuminate\Support\Arr;
use PHPUnit\Framework\Attributes\DataProvider;
use Runel\Demonstration\Figure\ArrangementHuntFigure;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Step;
use Runel\Demonstration\Task;
use Runel\Expression\Marked;
use Runel\Expression\Node;
use Runel\Judging\OwnArrangement;
use Runel\Judging\OwnPair;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Notation\Ascii;
use Runel\Style\HouseStyle;
use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\DiffOnlyOutputBuilder;
use Tests\Golden\Overheard;
use Tests\Golden\Scenes;
use Tests\Golden\Transcript;

/**
 * Every word of some sixty demonstrations, held. A change is meant or it is a fault: read it as a diff (bin/golden).
 */
final class TranscriptTest extends TestCase
{
    /** The rooms of words that methods speak from. */
    private const METHODS = [
        'advice', 'arcs', 'balance', 'brackets', 'check', 'columns', 'cross', 'divide', 'factor', 'grid', 'hunt',
        'isolate', 'product', 'quadratic', 'rearrange', 'roots', 'rows', 'scale', 'scale-why', 'solve', 'special',
        'special-form',
    ];

    /** Who translates for the whole class, and remembers every word that was asked for. */
    private static ?Overheard $overheard = null;
    /** @var array<string, string> what was told, by its task: no road is walked twice */
    private static array $told = [];

    protected function setUp(): void
    {
        parent::setUp();
        self::$overheard ??= new Overheard(app('translation.loader'), 'en');
        self::$overheard->setFallback('en');
        app()->instance('translator', self::$overheard);
        app()->forgetInstance(Faces::class);
    }

    /** @param array<string, array{string, string, string, array<string, string>, 4?: array<string, string>}> $scenes */
    #[DataProvider('batches')]
    public function testSaysWhatItSaid(array $scenes): void
    {
        foreach ($scenes as $name => $scene) {
            $file = \dirname(__DIR__) . "/Golden/transcripts/$name.txt";
            $text = self::told(...$scene);
            if (getenv('RUNEL_GOLDEN') === 'refresh') {
                file_put_contents($file, $text);
            }
            self::assertFileExists($file);
            self::assertSame(
                (string) file_get_contents($file),
                $text,
                "$name says something else; bin/golden writes it down",
            );
        }
    }

    /**
     * @param array<string, string> $style
     * @param array<string, string> $choices
     */
    private static function told(
        string $problem,
        string $job,
        string $method,
        array $style,
        array $choices = [],
    ): string {
        return self::$told[serialize(\func_get_args())] ??= Transcript::of(
            app(Demonstrations::class)->of(self::task($problem, $style, $choices), $job, $method),
            app(Faces::class),
        );
    }

    /**
     * @param array<string, string> $style
     * @param array<string, string> $choices
     */
    private static function task(string $problem, array $style, array $choices = []): Task
    {
        return app(Requested::class)->reference(
            ['problem' => $problem, 'style' => $style, 'choices' => $choices],
        )->task();
    }

    /**
     * Some scenes at a time: each time the whole house is built.
     *
     * @return iterable<string, array{array<string, array<mixed>>}>
     */
    public static function batches(): iterable
    {
        foreach (array_chunk(iterator_to_array(Scenes::all()), 40, true) as $scenes) {
            yield array_key_first($scenes) . ' …' => [array_map(array_values(...), $scenes)];
        }
    }

    /** What is said of more than a hundred lines of learners, held in the same way. */
    public function testMarksAsItMarked(): void
    {
        $folder = \dirname(__DIR__) . '/Golden';
        $pieces = PileReader::pieces(HandedIn::pasted((string) file_get_contents("$folder/pile.txt")), '');
        $style = HouseStyle::default();
        $wording = app(Faces::class)->text($style);
        $text = '';
        $pile = Pile::mark($pieces, $style, app(Catalogue::class));
        self::assertSame(0, $pile->left, 'all of it is looked at');
        foreach ($pile->pieces as $piece) {
            $text .= "== {$piece->piece->problem}\n";
            $text .= $piece->refusal === null ? '' : "  {$wording->say($piece->refusal->reason)}\n";
            foreach ($piece->lines() as $line) {
                $place = $line->shown === null ? '' : ' at ' . implode(', ', self::doubted($line->shown));
                $slip = $line->slip === null ? '' : " {$line->slip->value}";
                $text .= "  $line->typed\n    {$line->verdict->value}$slip$place\n    {$wording->say($line->say)}\n";
                $text .= $line->hint === $line->say ? '' : "    ({$wording->say($line->hint)})\n";
            }
            $wants = $piece->marking?->wants;
            $text .= $wants === null ? '' : "  wants: {$wording->say(Message::of("pile.wants.$wants->value"))}\n";
        }
        if (getenv('RUNEL_GOLDEN') === 'refresh') {
            file_put_contents("$folder/pile-marked.txt", $text);
        }
        self::assertSame((string) file_get_contents("$folder/pile-marked.txt"), $text);
    }

    /** @return list<string> the parts that are marked */
    private static function doubted(Node $node): array
    {
        return $node instanceof Marked
            ? [Ascii::write($node->content)]
            : array_merge(...array_map(self::doubted(...), $node->children()), ...[[]]);
    }

    /** Why a way does not apply, word by word. */
    public function testRefusesAsItRefused(): void
    {
        $said = '';
        foreach (Scenes::rows('refusals') as [$problem, $job, $method, $style]) {
            $by = $method === '' ? '' : " by $job.$method";
            $said .= "$problem$by\n    " . self::refused($problem, $job, $method, $style) . "\n";
        }
        $file = \dirname(__DIR__) . '/Golden/refusals.txt';
        if (getenv('RUNEL_GOLDEN') === 'refresh') {
            file_put_contents($file, $said);
        }
        self::assertStringEqualsFile($file, $said);
    }

    /** What each habit changes on a road it touches, as the difference from the road without it. */
    public function testEachHabitChangesItsOwnRoad(): void
    {
        $differ = new Differ(new DiffOnlyOutputBuilder(''));
        $changes = '';
        $missing = array_map(static fn(array $values): array => \array_slice($values, 1), HouseStyle::table());
        foreach (Scenes::habits() as [$key, $value, $problem, $job, $method, $beside]) {
            $said = array_map(
                static fn(array $style): string => self::told($problem, $job, $method, $style),
                [$beside, [$key => $value] + $beside],
            );
            self::assertNotSame($said[0], $said[1], "$key=$value changes nothing on $problem");
            $with = $beside === [] ? '' : ' with ' . http_build_query($beside, '', ', ');
            $changes .= "== $key=$value$with: $problem by $job.$method\n" . $differ->diff(...$said) . "\n";
            $missing[$key] = array_diff($missing[$key], [$value]);
        }
        $missing['places'] = [];
        self::assertSame([], array_filter($missing), 'each habit is heard on some road');
        $file = \dirname(__DIR__) . '/Golden/habits.txt';
        if (getenv('RUNEL_GOLDEN') === 'refresh') {
            file_put_contents($file, $changes);
        }
        self::assertStringEqualsFile($file, $changes);
    }

    /** What is said of a pair of somebody's own, wanted: product -60, sum 7. */
    public function testJudgesPairsAsItJudged(): void
    {
        self::assertSame([
            '12, -5' => '12 times −5 is −60 and their sum is 7: this is the pair.',
            '5 and -12' => 'The numbers are right, but both signs are turned: the sum is −7 instead of 7.',
            '10, -6' => '10 times −6 is −60. The product fits, but the sum is 4; wanted is 7.',
            '9 −2' => '9 and −2 add to 7, as wanted, but their product is −18; wanted is −60.',
            '2, 3' => '2 times 3 is 6, and their sum is 5. Neither fits.',
            'twelve' => 'Type two whole numbers with a comma between them.',
        ], self::pairs());
    }

    /** @return array<string, string> */
    private static function pairs(): array
    {
        $wording = app(Faces::class)->text(HouseStyle::default());
        $said = [];
        foreach (['12, -5', '5 and -12', '10, -6', '9 −2', '2, 3', 'twelve'] as $typed) {
            $said[$typed] = $wording->say(OwnPair::of(new PairHuntFigure(-60, 7), $typed)->message);
        }

        return $said;
    }

    /** What is said of an arrangement of somebody's own, one looked at. */
    public function testJudgesArrangementsAsItJudged(): void
    {
        self::assertSame([
            'cross 3, 4 | 5, 3' => 'It makes 11: this is the arrangement.',
            'cross (3p − 5)(4p + 3)' => 'It makes 11: this is the arrangement.',
            'cross 3,4|3,5' => 'It makes 3, not 11. The numbers are right: turn one column over.',
            'cross 2 6 3 5' => 'It makes 8, not 11. Go on to the next pair: 11 arrangements are still open.',
            'cross 5,5|3,5' => '5 times 5 is 25; the first coefficient is 12.',
            'cross 3,4|5,5' => '5 times 5 is 25; wanted is 15.',
            'cross three' => 'Type the four numbers as they stand, as in 1, 6; 2, 5, or both factors.',
            'trial (3p − 5)(4p + 3)' => 'It makes −11: this is the arrangement.',
            'trial (3p + 5)(4p − 3)' => 'It makes 11, not −11: the right size. Swap the signs.',
            'trial p(12p − 11)' => '0 times −11 is 0; wanted is −15.',
            'trial three' => 'Type both factors, as in (x + 2)(6x − 5), or four numbers: 1, 6; 2, −5.',
            'trial (p + 3)(2p − 1)' => 'It makes 5: this is the arrangement.',
            'trial 1,2|1,3' => 'It makes 1, not 5. The numbers are right: turn one column over.',
            'trial 1,2|3,1' => 'It could make 7, but only with signs that give the wrong last term.',
        ], self::arrangements());
    }

    /** @return array<string, string> */
    private static function arrangements(): array
    {
        $wording = app(Faces::class)->text(HouseStyle::default());
        $said = [];
        foreach ([
            ['cross', '12p^2-11p-15', [], [
                '3, 4 | 5, 3', '(3p − 5)(4p + 3)', '3,4|3,5', '2 6 3 5', '5,5|3,5', '3,4|5,5', 'three',
            ]],
            ['trial', '12p^2-11p-15', [], ['(3p − 5)(4p + 3)', '(3p + 5)(4p − 3)', 'p(12p − 11)', 'three']],
            ['trial', '2p^2-5p-3', ['trial-signs' => 'last'], ['(p + 3)(2p − 1)', '1,2|1,3']],
            ['trial', '2p^2-7p-3', ['trial-signs' => 'last'], ['1,2|3,1']],
        ] as [$method, $problem, $style, $typed]) {
            $steps = app(Demonstrations::class)->of(self::task($problem, $style), 'factor', $method)->steps();
            $figure = array_values(array_filter(
                $steps,
                static fn(Step $step): bool => $step->id === 'trial-1',
            ))[0]->figure ?? null;
            self::assertInstanceOf(ArrangementHuntFigure::class, $figure);
            foreach ($typed as $one) {
                $said["$method $one"] = $wording->say(OwnArrangement::of($figure, $one)->message);
            }
        }

        return $said;
    }

    /** @param array<string, string> $style */
    private static function refused(string $problem, string $job, string $method, array $style): string
    {
        $task = self::task($problem, $style);
        try {
            app(Demonstrations::class)->of($task, $job ?: null, $method ?: null);
        } catch (Refusal $refusal) {
            return app(Faces::class)->text($task->style)->say($refusal->reason);
        }
        self::fail("Nothing is refused in $problem.");
    }

    /** What a method can say is said by a scene, to be read before anybody hears it. */
    public function testEveryWordOfAMethodIsSaidByAScene(): void
    {
        foreach (Scenes::all() as $scene) {
            self::told(...array_values($scene));
        }
        foreach (Scenes::habits() as [$key, $value, $problem, $job, $method, $beside]) {
            self::told($problem, $job, $method, [$key => $value] + $beside);
        }
        self::pairs();
        self::arrangements();
        foreach (Scenes::rows('refusals') as [$problem, $job, $method, $style]) {
            self::refused($problem, $job, $method, $style);
        }
        $words = [];
        foreach (self::METHODS as $room) {
            foreach (array_keys(Arr::dot(require lang_path("en/$room.php"))) as $key) {
                $words[] = "$room.$key";
            }
        }
        self::assertSame(
            [],
            array_values(array_diff($words, array_keys(self::$overheard->said ?? []))),
            'a new word wants a scene that says it',
        );
    }

    public function testNoTranscriptIsLeftOver(): void
    {
        $kept = array_map(static fn(string $file): string => basename($file, '.txt'), glob(
            \dirname(__DIR__) . '/Golden/transcripts/*.txt',
        ) ?: []);
        $wanted = array_keys(iterator_to_array(Scenes::all()));
        sort($kept);
        sort($wanted);
        self::assertSame($wanted, $kept);
    }
}
