<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Learners\LearnerRecord;
use App\Models\Attempt;
use App\Models\Learner;
use App\Ruling\Ruling;
use App\View\Version;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** The tutor's word stands above the judge's; looking writes nothing; nobody's request holds the server. */
final class TrustTest extends TestCase
{
    private const LINES = ['4x-12-2x-10=12', '2x=34', 'x=17'];

    public function testAFullMarkAndAWordOnALineDecideWhatIsCounted(): void
    {
        $this->signIn();
        $learner = $this->worked();
        $attempt = $learner->attempts()->sole();
        self::assertSame(['slipped', ['minus-not-carried']], [$attempt->outcome, $attempt->countedSlips()]);
        $rule = function (array $said) use ($learner, $attempt): Attempt {
            $this->put("/learners/$learner->id/attempts/$attempt->id", $said)->assertRedirect();

            return $attempt->refresh();
        };
        $full = $rule(['mark' => '5 of 5']);
        self::assertSame(['sound', []], [$full->outcome, $full->countedSlips()]);
        $this->travel(1)->days();
        self::assertSame([], LearnerRecord::of($learner, Carbon::now())->wobbling(), 'and nothing wobbles');
        self::assertSame(0, array_sum(array_map(
            static fn(array $week): int => array_sum($week['slips']),
            LearnerRecord::of($learner, Carbon::now())->weeks(),
        )));
        $this->get("/learners/$learner->id")->assertDontSee('There was a slip')->assertSee('value="5 of 5"', false);
        self::assertSame('slipped', $rule(['mark' => '3 of 5'])->outcome);
        self::assertSame('sound', $rule(['lines' => ['1' => 'right']])->outcome, 'the rest follows from it');
        $other = $rule(['slips' => ['1' => 'arithmetic']]);
        self::assertSame(['slipped', ['arithmetic']], [$other->outcome, $other->countedSlips()]);
        self::assertSame([], $rule(['slips' => ['1' => 'none']])->countedSlips());
        self::assertNull($rule(['piece' => 'apart'])->outcome);
        self::assertSame('slipped', $rule(['piece' => 'wrong'])->outcome);
        $this->put("/learners/$learner->id/attempts/$attempt->id", ['piece' => 'splendid'])->assertStatus(422)
            ->assertSee('not a word Runel knows');
        self::assertSame('slipped', $attempt->refresh()->outcome);
        self::assertSame(self::LINES, $attempt->typed());
    }

    /** @return iterable<array{string, bool|null}> */
    public static function marks(): iterable
    {
        yield ['5 of 5', true];
        yield ['5/5', true];
        yield ['6 of 5', true];
        yield ['4,5 / 4,5', true];
        yield ['100 %', true];
        yield ['0/5', false];
        yield ['4 of 5', null];
        yield ['good', null];
        yield ['5', null];
        yield ['', null];
        yield ['0/0', null];
    }

    #[DataProvider('marks')]
    public function testAMarkSaysWhetherAllIsRight(string $mark, ?bool $full): void
    {
        self::assertSame($full, Ruling::fullMark($mark));
    }

    public function testAWordInAPileChangesItsCount(): void
    {
        $pile = "# Wren\nProblem: 4(x-3)-2(x-5)=12\n" . implode("\n", self::LINES);
        $this->post('/marking', ['text' => $pile])->assertOk()->assertSee('minus not carried');
        $words = ['text' => $pile, 'rule' => [['lines' => ['1' => 'right']]]];
        $this->post('/marking', $words)->assertOk()->assertSee('No slip has been found');
        $this->signIn();
        $learner = Learner::query()->orderBy('name')->firstOrFail();
        $before = $learner->attempts()->count();
        $this->post('/learners/pile/keep', $words + ['whose' => [$learner->id]])->assertRedirect();
        self::assertSame('sound', $learner->attempts()->orderByDesc('id')->firstOrFail()->outcome);
        self::assertSame($before + 1, $learner->attempts()->count());
    }

    public function testAnotherLearnersWorkIsOutOfReachThroughMine(): void
    {
        $this->signIn();
        $mine = $this->worked();
        $other = Attempt::query()->where('learner_id', '<>', $mine->id)->firstOrFail();
        $this->delete("/learners/$mine->id/attempts/$other->id")->assertNotFound();
        $this->put("/learners/$mine->id/attempts/$other->id", ['mark' => '5 of 5'])->assertNotFound();
        self::assertTrue(Attempt::query()->whereKey($other->id)->exists());
    }

    public function testNobodyComesToShareANameThatTwoShareAlready(): void
    {
        $this->signIn();
        foreach (['Wren', 'Wren'] as $name) {
            Learner::query()->create(['name' => $name, 'style' => \Runel\Style\HouseStyle::default()]);
        }
        $this->post('/learners', ['name' => 'wren'])->assertStatus(422)->assertSee('already');
        $one = Learner::query()->where('name', 'Wren')->firstOrFail();
        $change = ['version' => '1', 'daily' => '3', 'note' => 'stays'];
        $this->put("/learners/$one->id", ['name' => 'Wren'] + $change)->assertRedirect();
        self::assertSame('stays', $one->refresh()->note);
    }

    /** Every address that is read, twice, as anybody: the database is what it was. */
    public function testLookingWritesNothing(): void
    {
        $this->signIn();
        $learner = $this->worked();
        $this->post('/handing', ['learners' => [$learner->id], 'problems' => '2x+3=11', 'days' => '1']);
        $handing = $learner->handings()->sole();
        $lesson = \App\Models\Lesson::query()->firstOrFail();
        $this->post("/lessons/$lesson->id/plays");
        $play = \App\Models\LessonPlay::query()->whereNull('ended_at')->sole();
        $link = app(\App\Learners\Handings::class)->address($handing);
        $state = static fn(): string => hash('xxh128', serialize(array_map(
            static fn(string $table): array => DB::table($table)->orderByRaw('rowid')->get()->all(),
            DB::getSchemaBuilder()->getTableListing(schemaQualified: false),
        )));
        $before = $state();
        $lines = http_build_query(['line' => ['2x=8', 'x=4']]);
        foreach ([
            $link, "$link&task=1", "$link&task=1&$lines", "$link&task=1&help=4&next=x%3D4", "/plays/$play->id",
            "/plays/$play->id/1", "/plays/$play->id/2?step=3", "/plays/$play->id/1/line", "/lessons/$lesson->id",
            '/learners', "/learners/$learner->id", "/learners/$learner->id/farewell", '/lessons', '/tutor', '/',
            '/sets',
        ] as $address) {
            $this->get($address);
            $this->get($address);
            self::assertSame($before, $state(), $address);
        }
        self::assertNull($play->refresh()->ended_at, 'a lesson does not end by being looked at');
    }

    public function testMarkingIsTakenAsJsonFromHereOnly(): void
    {
        $request = ['problem' => '2x=4', 'lines' => ['x=2']];
        $this->postJson('/api/markings', $request)->assertOk()->assertJsonPath('looked-at', 1);
        $this->call('POST', '/api/markings', server: ['CONTENT_TYPE' => 'text/plain'], content: (string) json_encode(
            $request,
        ))->assertStatus(415)->assertJsonPath('error.code', 'bad-request');
        foreach ([['Sec-Fetch-Site' => 'cross-site'], ['Origin' => 'http://elsewhere.example']] as $foreign) {
            $this->postJson('/api/markings', $request, $foreign)->assertForbidden();
            $this->post('/marking', ['text' => '2x=4'], $foreign)->assertForbidden();
        }
        $this->postJson('/api/markings', $request, ['Origin' => config()->string('app.url')])->assertOk();
    }

    /** As much work as is granted, in order; the rest is said not to have been looked at. */
    public function testNastyLinesEndWhereTheWorkDoes(): void
    {
        $nasty = '(x^2+x+1)^5';
        $lines = array_map(static fn(int $one): string => "$nasty=(x-$one)^9", range(1, 60));
        $lines = str_replace('^9', '^4', $lines);
        $answer = $this->postJson('/api/markings', ['problem' => "$nasty=(x-1)^3", 'lines' => $lines])->assertOk();
        self::assertLessThan(60, $answer->json('looked-at'));
        self::assertNotContains('wrong', array_column(\array_slice((array) $answer->json('lines'), 40), 'verdict'));
        $ordinary = array_fill(0, 60, '2x=8');
        self::assertSame(60, $this->postJson('/api/markings', [
            'problem' => '2x+3=11',
            'lines' => $ordinary,
        ])->json('looked-at'), 'an ordinary page is looked at whole');
    }

    public function testWhoeverComesWhileWorkIsDoneIsToldSo(): void
    {
        $lock = fopen(config()->string('runel.lock'), 'c');
        self::assertIsResource($lock);
        self::assertTrue(flock($lock, \LOCK_EX | \LOCK_NB));
        $this->post('/marking', ['text' => "Wren\n2x=4\nx=2"])->assertStatus(429)->assertHeader('Retry-After')
            ->assertSee('Wren');
        $this->postJson('/api/markings', ['problem' => '2x=4', 'lines' => ['x=2']])->assertStatus(429);
        $this->get('/your-turn?problem=2x%3D4&line[]=x%3D2')->assertOk();
        flock($lock, \LOCK_UN);
        $this->post('/marking', ['text' => "Wren\n2x=4\nx=2"])->assertOk();
    }

    public function testAnAddressIsNotMadeOfTenThousandDigits(): void
    {
        $this->post('/style', ['problem' => str_repeat('7', 100_000)])->assertStatus(422)->assertSee('too long');
        $this->post('/style', ['problem' => '7x'])->assertRedirect();
    }

    /** Scripts import one another by name: each lies in the folder of their version, and is fetched with the page. */
    public function testAllScriptsAreThereInOneVersion(): void
    {
        $html = (string) $this->get('/')->getContent();
        foreach (glob(resource_path('js/*.js')) ?: [] as $file) {
            $address = Version::script(basename($file, '.js'));
            self::assertStringContainsString("\"$address\"", $html);
            self::assertFileEquals($file, public_path(ltrim($address, '/')));
            preg_match_all("#from '\./([a-z]+)\.js'#", (string) file_get_contents($file), $imported);
            self::assertSame([], array_diff($imported[1], Version::MODULES));
        }
    }

    public function testAnAssetWithoutAVersionIsAnError(): void
    {
        self::assertMatchesRegularExpression('#^/vendor/bulma\.css\?v=\w{10}$#', Version::asset('vendor/bulma.css'));
        $this->expectException(\LogicException::class);
        Version::asset('vendor/nothing.css');
    }

    public function testWhoOnlyLooksLeavesNoSession(): void
    {
        config(['session.driver' => 'file', 'session.files' => sys_get_temp_dir() . '/runel-sessions-' . getmypid()]);
        @mkdir(config()->string('session.files'), 0o700);
        $count = static fn(): int => \count(glob(config()->string('session.files') . '/*') ?: []);
        $this->get('/style/kept')->assertOk();
        self::assertSame(0, $count());
        $this->get('/tutor')->assertOk();
        self::assertSame(1, $count(), 'the door has a form');
        array_map(unlink(...), glob(config()->string('session.files') . '/*') ?: []);
        rmdir(config()->string('session.files'));
    }

    private function worked(): Learner
    {
        $location = (string) $this->post('/learners', ['name' => 'Ilvy'])->headers->get('Location');
        $this->post("$location/lines", [
            'problem' => '4(x-3)-2(x-5)=12',
            'lines' => implode("\n", self::LINES),
        ])->assertRedirect();

        return Learner::query()->findOrFail(basename($location));
    }
}
