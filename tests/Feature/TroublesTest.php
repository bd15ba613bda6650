<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Learners\Handings;
use App\Models\Handing;
use App\Models\Learner;
use App\Models\Lesson;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Runel\Demonstration\TaskReference;
use Runel\Style\HouseStyle;

/** Where the database fails, every room says what is the matter and what helps, and what was typed comes back. */
final class TroublesTest extends DiskTestCase
{
    private const WITHOUT = [
        '/board?problem=x%5E2%2B7x%2B10', '/your-turn?problem=2x%2B3%3D7', '/two-ways?problem=x%5E2%2B7x%2B10',
        '/print?problem=x%5E2%2B7x%2B10', '/reading?problem=x%2B1', '/marking', '/roads?problem=x%5E2%2B7x%2B10%3D0',
    ];

    private ?\PDO $other = null;
    private ?string $mounted = null;

    protected function tearDown(): void
    {
        if ($this->mounted !== null) {
            exec('umount ' . escapeshellarg($this->mounted));
        }
        $this->other = null;
        parent::tearDown();
    }

    /** @return iterable<string, array{string, bool}> what is the matter, and whether reading fails, too */
    public static function troubles(): iterable
    {
        yield 'locked' => ['locked', false];
        yield 'full' => ['full', false];
        yield 'read-only' => ['read-only', false];
        yield 'damaged' => ['damaged', true];
        yield 'missing' => ['missing', true];
        yield 'other-form' => ['other-form', true];
    }

    #[DataProvider('troubles')]
    public function testEveryRoomSaysWhatIsTheMatter(string $trouble, bool $isReadingHit): void
    {
        $this->fill();
        $tutor = $this->signIn();
        $learner = Learner::query()->orderBy('name')->firstOrFail();
        $lesson = Lesson::query()->firstOrFail();
        $handing = app(Handings::class)->hand($learner, [
            new TaskReference('4(x-3)-2(x-5)=12', null, null, HouseStyle::default()),
        ], 1);
        $link = app(Handings::class)->address($handing) . '&task=1';
        $log = storage_path('logs/runel.log');
        $before = is_file($log) ? (int) filesize($log) : 0;
        $this->spoil($trouble);
        foreach (self::WITHOUT as $room) {
            $this->get($room)->assertOk();
        }
        $this->postJson('/api/markings', ['problem' => '2x=4', 'lines' => ['x=2']])->assertOk();
        $words = (string) __("trouble.$trouble");
        $cure = (string) __("trouble.cure.$trouble");
        foreach ($isReadingHit ? ['/learners', "/learners/$learner->id", '/lessons', $link] : [] as $room) {
            $this->actingAs($tutor);
            $answer = $this->get($room);
            self::assertContains($answer->getStatusCode(), [500, 503], $room);
            $answer->assertSee($words)->assertSee($cure);
        }
        $typed = 'typed with care';
        // More than the room that is left in a full page.
        $much = $typed . str_repeat(' and at length', 60);
        $posts = [
            "/learners/$learner->id/lines" => ['problem' => '2x=4', 'lines' => $much],
            '/learners' => ['name' => $typed],
            "/lessons/$lesson->id/items" => ['kind' => 'goal', 'text' => $much, 'version' => '1'],
            $link => ['do' => 'write', 'next' => "x=7 ($typed)", 'seen' => '0'],
        ];
        $refused = 0;
        foreach ($posts as $room => $form) {
            $this->actingAs($tutor);
            $answer = $this->post($room, $form);
            if ($trouble === 'full' && $answer->isRedirect()) {
                // It took no more room than there was.
                continue;
            }
            ++$refused;
            self::assertContains($answer->getStatusCode(), [500, 503], $room);
            $answer->assertSee($words)->assertSee($cure)->assertSee($typed);
        }
        self::assertGreaterThan(1, $refused);
        clearstatcache();
        $logged = (string) file_get_contents($log, false, null, $before);
        self::assertNotSame('', $logged, 'it is noted');
        self::assertStringNotContainsString($typed, $logged, 'and nothing that was typed');
        self::assertStringNotContainsString($learner->name, $logged);
    }

    /** On a real file system without room, or that may only be read, where this machine lets one be made. */
    public function testStorageThatCannotBeWrittenIsNamed(): void
    {
        $this->fill();
        foreach (['full' => 'size=64k', 'storage' => 'size=64k,ro'] as $trouble => $options) {
            $this->mounted = "$this->folder/small";
            is_dir($this->mounted) || mkdir($this->mounted);
            $mount = "mount -t tmpfs -o $options tmpfs " . escapeshellarg($this->mounted) . ' 2>/dev/null';
            if (posix_geteuid() !== 0 || system($mount, $code) === false || $code !== 0) {
                $this->mounted = null;
                self::markTestSkipped('No file system can be mounted here.');
            }
            if ($trouble === 'full') {
                @file_put_contents("$this->mounted/filled", str_repeat('x', 100_000));
            }
            config(['session.driver' => 'file', 'session.files' => $this->mounted]);
            app('session')->forgetDrivers();
            foreach (['session.store', 'redirect'] as $kept) {
                app()->forgetInstance($kept);
            }
            foreach (['/', '/style', '/tutor', self::WITHOUT[0]] as $room) {
                $this->get($room)->assertOk();
            }
            $answer = $this->post('/style', ['times' => 'dot', 'name' => 'typed with care']);
            $answer->assertStatus(500)->assertSee((string) __("trouble.$trouble"))
                ->assertSee((string) __("trouble.cure.$trouble"))->assertSee('typed with care');
            exec('umount ' . escapeshellarg($this->mounted));
            $this->mounted = null;
        }
    }

    /** A file that can be written again takes what is sent again. */
    public function testWhatWasLockedIsTakenAMomentLater(): void
    {
        $this->fill();
        $this->signIn();
        $this->spoil('locked');
        $this->post('/learners', ['name' => 'Wren'])->assertStatus(503)->assertHeader('Retry-After');
        $this->other?->exec('rollback');
        $this->post('/learners', ['name' => 'Wren'])->assertRedirect();
        self::assertSame(1, Learner::query()->where('name', 'Wren')->count());
        self::assertSame(0, Handing::query()->count());
    }

    private function spoil(string $trouble): void
    {
        DB::statement('pragma wal_checkpoint(truncate)');
        match ($trouble) {
            'locked' => $this->lock(),
            'full' => DB::statement('pragma max_page_count = ' . $this->pages()),
            'read-only' => DB::statement('pragma query_only = on'),
            'damaged' => $this->damage(),
            'missing' => $this->remove(),
            default => DB::statement('alter table attempts rename to work'),
        };
        if ($trouble === 'other-form') {
            DB::statement('alter table learners rename to people');
            DB::statement('alter table lessons rename to hours');
            DB::statement('alter table tutors rename to teachers');
            DB::statement('alter table handings rename to handed');
        }
        if ($trouble === 'full') {
            $this->fillUp();
        }
    }

    /** What is free within the file is used up as well, in every table that is written. */
    private function fillUp(): void
    {
        foreach (['attempts', 'learners', 'lessons'] as $table) {
            $row = (array) DB::table($table)->first();
            foreach (['remark', 'note', 'name', 'id'] as $longest) {
                try {
                    for ($more = 0; $more < 5000; ++$more) {
                        DB::table($table)->insert([
                            ...(isset($row[$longest]) ? [$longest => bin2hex(random_bytes(40))] : []),
                            'id' => bin2hex(random_bytes(13)),
                            ...(\array_key_exists('handing_id', $row) ? ['handing_id' => null, 'place' => null] : []),
                        ] + $row);
                    }
                } catch (\PDOException) {
                    continue;
                }
            }
        }
        DB::statement('pragma wal_checkpoint(truncate)');
    }

    private function lock(): void
    {
        $this->other = new \PDO("sqlite:$this->path");
        $this->other->exec('begin immediate');
    }

    private function pages(): int
    {
        $row = (array) DB::selectOne('pragma page_count');

        return \is_int($row['page_count'] ?? null) ? $row['page_count'] : 0;
    }

    private function damage(): void
    {
        DB::purge('sqlite');
        $bytes = (string) file_get_contents($this->path);
        file_put_contents($this->path, substr($bytes, 0, 100) . str_repeat("\xA5", \strlen($bytes) - 100));
        foreach (['-wal', '-shm'] as $end) {
            @unlink($this->path . $end);
        }
    }

    private function remove(): void
    {
        DB::purge('sqlite');
        foreach (['', '-wal', '-shm'] as $end) {
            @unlink($this->path . $end);
        }
    }
}
