<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kept\Archive;
use App\Kept\Copies;
use App\Kept\Forgetting;
use App\Learners\Handings;
use App\Learners\LearnerRecord;
use App\Models\Attempt;
use App\Models\Example;
use App\Models\Handing;
use App\Models\Learner;
use App\Models\Lesson;
use App\Style\NamedStyles;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use Runel\Message\BadRequest;
use Runel\Style\HouseStyle;

/** What is kept outlives upgrades, damage and accidents, and leaves every file when it has to go. */
final class KeepingTest extends DiskTestCase
{
    /** @return iterable<string, array{string}> a database of each landed stage */
    public static function stages(): iterable
    {
        foreach (glob(__DIR__ . '/../Fixtures/databases/*.sql') ?: [] as $dump) {
            yield basename($dump, '.sql') => [$dump];
        }
    }

    #[DataProvider('stages')]
    public function testDatabasesOfEveryStageAreBroughtIntoThePresentForm(string $dump): void
    {
        $this->dumped($dump);
        $task = ['problem' => '(x^2-9)/(x^2+5x+6)', 'job' => null, 'method' => null, 'style' => [], 'choices' => []];
        // The first stage kept what was typed alone.
        $typed = Schema::hasColumn('examples', 'task')
            ? ['task' => json_encode($task, \JSON_THROW_ON_ERROR)]
            : ['problem' => $task['problem']];
        DB::table('examples')->insert($typed + ['shelf' => 'own', 'note' => 'kept without a job', 'position' => 99]);
        $rows = self::counts();
        $lines = isset($rows['attempts']) ? DB::table('attempts')->orderBy('id')->pluck('lines', 'id')->all() : [];
        self::assertSame(0, Artisan::call('runel:copy', ['--before-migration' => true]));
        self::assertSame(0, Artisan::call('migrate', ['--force' => true]));
        self::assertSame(0, Artisan::call('runel:check'), Artisan::output());
        self::assertSame(['migration'], array_column(app(Copies::class)->all(), 'reason'), 'and a copy was made');
        $kept = Example::query()->where('note', 'kept without a job')->sole();
        self::assertSame('divide', $kept->task->job, 'what was kept before opens as it did');
        foreach ($rows as $table => $count) {
            self::assertSame($count, DB::table($table)->count(), "$table: nothing is lost");
        }
        if ($lines !== []) {
            self::assertSame($lines, DB::table('attempts')->orderBy('id')->pluck('lines', 'id')->all());
            $attempt = Attempt::query()->where('handing_id', '01kbhandedouttoalearner000')->sole();
            self::assertSame([['4x-12-2x+10=12'], 'slipped'], [$attempt->typed(), $attempt->outcome]);
            $this->signIn();
            foreach (['/learners', "/learners/$attempt->learner_id", '/lessons', '/tutor'] as $room) {
                $this->get($room)->assertOk();
            }
            $this->post("/learners/$attempt->learner_id/lines", ['problem' => '2x=4', 'lines' => 'x=2'])
                ->assertRedirect();
        }
        $this->get('/')->assertOk();
    }

    /** Whatever carries a style from before the defaults changed is opened as it was written. */
    public function testStylesOfAnEarlierStageSayWhatTheySaid(): void
    {
        $this->dumped(__DIR__ . '/../Fixtures/styles/2026-11-28.sql');
        self::assertSame(0, Artisan::call('migrate', ['--force' => true]));
        $this->signIn();
        $then = static fn(HouseStyle $style): array => array_intersect_key($style->all(), [
            'middle-terms' => 1, 'verdict' => 1, 'times' => 1,
        ]);
        $inHead = ['middle-terms' => 'in-head-last', 'times' => 'cross', 'verdict' => 'shown'];
        self::assertEquals($inHead, $then(Learner::query()->where('name', 'Ilias')->sole()->style));
        self::assertEquals($inHead, $then(app(NamedStyles::class)->all()['Harbour school']->style));
        $lesson = Lesson::query()->sole();
        self::assertEquals(['middle-terms' => 'written'] + $inHead, $then($lesson->style));
        $shelf = Example::query()->where('task', 'like', '%in-head%')->sole();
        self::assertEquals(['times' => 'dot'] + $inHead, $then($shelf->task->style));
        $this->get("/lessons/$lesson->id")->assertOk();
        $this->followingRedirects()->post("/lessons/$lesson->id/plays")->assertOk();
        $handing = Handing::query()->sole();
        $door = $this->followingRedirects()->get(app(Handings::class)->address($handing))->assertOk();
        self::assertStringContainsString('Multiply (x+6)', self::visible((string) $door->getContent()));
        foreach (['/', '/style', '/sets', "/learners/$handing->learner_id"] as $room) {
            $this->get($room)->assertOk();
        }
    }

    public function testDoublesAreJoinedAndNothingOfThemIsDropped(): void
    {
        $this->dumped(__DIR__ . '/../Fixtures/databases/2026-11-26-verdicts.sql');
        DB::statement('drop index attempts_handing_id_place_unique');
        $row = (array) DB::table('attempts')->where('handing_id', '01kbhandedouttoalearner000')->sole();
        DB::table('attempts')->insert([
            'id' => '01kbattemptunderway0000001',
            'lines' => '["x=7"]',
            'slips' => '["copying"]',
            'help' => 3,
        ] + $row);
        Artisan::call('migrate', ['--force' => true]);
        $attempt = Attempt::query()->where('handing_id', '01kbhandedouttoalearner000')->sole();
        self::assertSame(['4x-12-2x+10=12'], $attempt->typed(), 'the longer one stays');
        self::assertSame(['x=7'], array_column($attempt->past(), 'line'));
        self::assertSame([['minus-not-carried', 'copying'], 3], [$attempt->slipIds(), $attempt->help]);
        $this->expectException(\Illuminate\Database\UniqueConstraintViolationException::class);
        DB::table('attempts')->insert(['id' => '01kbattemptunderway0000002'] + $row);
    }

    public function testCopiesAreMadeVerifiedThinnedAndBroughtBack(): void
    {
        $this->fill();
        $copies = app(Copies::class);
        $learners = Learner::query()->count();
        $name = (string) $copies->make('asked');
        self::assertSame(0o600, fileperms("$this->folder/copies/$name") & 0o777);
        self::assertSame(0o700, fileperms("$this->folder/copies") & 0o777);
        self::assertNotNull($copies->makeDaily());
        self::assertNull($copies->makeDaily(), 'once a day');
        Learner::query()->delete();
        // The drill: everything is gone, and comes back.
        self::assertSame(0, Artisan::call('runel:restore'));
        self::assertStringContainsString($name, Artisan::output());
        self::assertSame(0, Artisan::call('runel:restore', ['name' => $name]));
        DB::purge('sqlite');
        self::assertSame($learners, Learner::query()->count());
        self::assertSame('restore', $copies->all()[0]['reason'], 'what was there is kept, too');
        self::assertSame(2, Artisan::call('runel:restore', ['name' => 'runel-2001-01-01-000000-asked.sqlite']));
        file_put_contents("$this->folder/copies/$name", str_repeat('no database', 9000));
        self::assertSame(2, Artisan::call('runel:restore', ['name' => $name]));
        self::assertSame($learners, Learner::query()->count(), 'a damaged copy changes nothing');
        config(['runel.copies' => 3]);
        foreach (range(1, 5) as $day) {
            $this->travel(1)->days();
            $copies->makeDaily();
        }
        self::assertCount(3, array_filter($copies->all(), static fn(array $one): bool => $one['reason'] !== 'restore'));
        self::assertFileExists($this->path);
    }

    public function testWhoIsDeletedLeavesTheCopies(): void
    {
        $this->fill();
        $learner = Learner::query()->create([
            'name' => 'Quillon Ostrander',
            'style' => \Runel\Style\HouseStyle::default(),
        ]);
        $name = (string) app(Copies::class)->make('asked');
        self::assertStringContainsString('Quillon', (string) file_get_contents("$this->folder/copies/$name"));
        app(Forgetting::class)->forget($learner);
        self::assertStringNotContainsString('Quillon', (string) file_get_contents("$this->folder/copies/$name"));
        self::assertSame(0, Artisan::call('runel:restore', ['name' => $name]), 'the copy is still sound');
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function strangeRows(): iterable
    {
        yield 'no moment' => ['attempts', ['at' => 'yesterday-ish'], 'at'];
        yield 'a moment there never was' => ['attempts', ['at' => '2026-02-31 10:00:00'], 'at'];
        yield 'a name without end' => ['learners', ['name' => str_repeat('n', 100_000)], 'name'];
        yield 'a path for a key' => ['learners', ['id' => '../../x'], 'id'];
        yield 'no version' => ['learners', ['version' => 0], 'version'];
        yield 'a negative version' => ['learners', ['version' => -5], 'version'];
        yield 'no list of lines' => ['attempts', ['lines' => '{"0":7}'], 'lines'];
        yield 'no such slip' => ['attempts', ['slips' => '["borrowed"]'], 'slips'];
        yield 'no such style' => ['learners', ['style' => '{"times":"star"}'], 'style'];
        yield 'a task that is none' => ['attempts', ['task' => '{"job":"solve"}'], 'task'];
        yield 'a column missing' => ['handings', ['expires_at' => null], 'expires_at'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('strangeRows')]
    public function testAnImportLooksAtEveryRowBeforeAnythingIsWritten(
        string $table,
        array $change,
        string $column,
    ): void {
        $this->fill();
        $file = (string) tempnam(sys_get_temp_dir(), 'runel');
        DB::table('handings')->insert([
            'id' => strtolower((string) \Illuminate\Support\Str::ulid()), 'learner_id' => Learner::query()->value('id'),
            'tasks' => '[{"problem":"2x=4"}]', 'expires_at' => '2099-01-01 00:00:00',
        ]);
        app(Archive::class)->write($file);
        $zip = new \ZipArchive();
        $zip->open($file);
        $rows = explode("\n", trim((string) $zip->getFromName("$table.jsonl")));
        $last = \count($rows) - 1;
        $rows[$last] = json_encode($change + (array) json_decode($rows[$last], true), \JSON_THROW_ON_ERROR);
        $zip->addFromString("$table.jsonl", implode("\n", $rows) . "\n");
        $zip->close();
        Attempt::query()->delete();
        Learner::query()->delete();
        try {
            app(Archive::class)->read($file);
            self::fail('it came in');
        } catch (BadRequest $refused) {
            self::assertSame('kept.broken', $refused->reason->key);
            self::assertSame(
                ['file' => "$table.jsonl", 'line' => $last + 1, 'column' => $column],
                $refused->reason->parameters,
            );
        }
        self::assertSame(0, Learner::query()->count(), 'nothing came in');
        foreach ([0, -5, 'two'] as $version) {
            $zip->open($file);
            $zip->addFromString('runel.json', (string) json_encode(['runel' => $version]));
            $zip->close();
            self::assertSame(2, Artisan::call('runel:import', ['file' => $file]));
        }
        unlink($file);
    }

    public function testAFileThatUnpacksToMoreThanThereIsRoomForIsRefusedUnread(): void
    {
        $this->fill();
        $file = (string) tempnam(sys_get_temp_dir(), 'runel');
        app(Archive::class)->write($file);
        $bytes = (string) file_get_contents($file);
        // In the directory at the end of a zip the unpacked size stands 24 bytes behind an entry's mark.
        $entry = (int) strrpos($bytes, "PK\x01\x02");
        file_put_contents($file, substr_replace($bytes, pack('V', 1_000_000_001), $entry + 24, 4));
        try {
            app(Archive::class)->read($file);
            self::fail('it came in');
        } catch (BadRequest $refused) {
            self::assertSame('kept.too-large', $refused->reason->key);
        }
        unlink($file);
    }

    public function testDamagedRowsTakeNothingDownAndGoOutAsTheyAre(): void
    {
        $this->fill();
        $this->signIn();
        $learner = Learner::query()->whereHas('attempts')->orderBy('name')->firstOrFail();
        $sound = $learner->attempts()->count();
        $attempt = $learner->attempts()->firstOrFail();
        DB::table('attempts')->where('id', $attempt->id)->update([
            'at' => 'yesterday-ish',
            'lines' => '["x=4',
            'task' => '{',
        ]);
        DB::table('lessons')->limit(1)->update(['held_at' => 'soon']);
        foreach (['/learners', "/learners/$learner->id", '/lessons', '/lessons/runel-lessons.ics'] as $room) {
            $this->get($room)->assertOk();
        }
        $this->get("/learners/$learner->id")->assertSee('one piece of work cannot be read');
        self::assertSame($sound - 1, \count(LearnerRecord::of($learner, Carbon::now())->work()));
        $file = (string) tempnam(sys_get_temp_dir(), 'runel');
        app(Archive::class)->write($file);
        $zip = new \ZipArchive();
        $zip->open($file);
        self::assertStringContainsString('yesterday-ish', (string) $zip->getFromName('attempts.jsonl'));
        self::assertStringContainsString('yesterday-ish', (string) $zip->getFromName('attempts.csv'));
        $manifest = (array) json_decode((string) $zip->getFromName('runel.json'), true);
        self::assertStringContainsString('attempts.jsonl:', implode(' ', array_filter(
            (array) $manifest['damaged'],
            is_string(...),
        )));
        $zip->close();
        unlink($file);
    }

    /** However much there is, as many queries and as much memory. */
    public function testAnExportAndTheListOfLearnersTakeAConstantNumberOfQueries(): void
    {
        $this->fill();
        $this->signIn();
        $counts = [];
        foreach ([40, 4000] as $rows) {
            $row = (array) DB::table('attempts')->first();
            $many = array_map(static fn(int $one): array => [
                'id' => strtolower((string) \Illuminate\Support\Str::ulid()),
                'handing_id' => null,
                'place' => null,
            ] + $row, range(1, $rows));
            foreach (array_chunk($many, 200) as $some) {
                DB::table('attempts')->insert($some);
            }
            $asked = 0;
            DB::listen(static function () use (&$asked): void {
                ++$asked;
            });
            $file = (string) tempnam(sys_get_temp_dir(), 'runel');
            $before = memory_get_usage();
            memory_reset_peak_usage();
            app(Archive::class)->write($file);
            self::assertLessThan(12_000_000, memory_get_peak_usage() - $before);
            $export = $asked;
            $this->get('/learners')->assertOk();
            $counts[] = [$export, $asked - $export];
            unlink($file);
            DB::getEventDispatcher()->forget(\Illuminate\Database\Events\QueryExecuted::class);
        }
        self::assertSame($counts[0], $counts[1]);
        self::assertLessThan(10, $counts[1][1]);
    }

    /** @return array<string, int> */
    private static function counts(): array
    {
        $counts = [];
        foreach (DB::getSchemaBuilder()->getTableListing(schemaQualified: false) as $table) {
            $counts[$table] = DB::table($table)->count();
        }
        unset($counts['migrations'], $counts['sqlite_sequence']);

        return $counts;
    }
}
