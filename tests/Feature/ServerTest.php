<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Learners\Handings;
use App\Models\Handing;
use App\Models\Learner;
use App\Models\Lesson;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Runel\Demonstration\TaskReference;
use Runel\Style\HouseStyle;

/** What only a real server on a real disk can show: what a kill leaves, what a deletion leaves, when a session ends. */
final class ServerTest extends TestCase
{
    private string $folder = '';
    private string $address = '';
    /** @var resource|null */
    private $server;
    private ?\CurlHandle $client = null;

    protected function tearDown(): void
    {
        $this->kill();
        // Where nothing was prepared there is nothing to remove: an empty name would be the root of the machine.
        if ($this->folder !== '') {
            File::deleteDirectory($this->folder);
        }
        parent::tearDown();
    }

    public function testWhatWasAnsweredIsKept(): void
    {
        $handing = $this->prepare();
        $link = app(Handings::class)->address($handing) . '&task=1';
        $lines = ['4x-12-2x+10=12', '2x-2=12', '2x=14'];
        $this->serve();
        foreach ($lines as $count => $line) {
            self::assertSame(303, $this->ask($link, ['do' => 'write', 'next' => $line, 'seen' => (string) $count]));
        }
        $this->enter();
        $lesson = Lesson::on('killed')->firstOrFail();
        $this->ask("/lessons/$lesson->id");
        $this->ask("/lessons/$lesson->id/plays", []);
        $play = DB::connection('killed')->table('lesson_plays')->where('lesson_id', $lesson->id)->orderByDesc('id')
            ->value('id');
        self::assertIsString($play);
        self::assertContains($this->ask("/plays/$play/reach/2", []), [302, 303]);
        self::assertSame(302, $this->ask("/plays/$play/notes", ['item' => '2', 'text' => 'said just before']));
        // While the next line is under way, the plug is pulled.
        $this->send($link, ['do' => 'write', 'next' => 'x=7', 'seen' => '3']);
        $this->kill();
        $kept = DB::connection('killed');
        self::assertSame('ok', ((array) $kept->selectOne('pragma integrity_check'))['integrity_check'] ?? null);
        $attempt = $kept->table('attempts')->where('handing_id', $handing->id);
        $typed = json_decode((string) $attempt->value('lines'), true);
        self::assertIsArray($typed);
        self::assertSame($lines, \array_slice($typed, 0, 3));
        self::assertTrue($kept->table('lesson_moments')->where('text', 'said just before')->exists());
        self::assertTrue($kept->table('lesson_moments')->where('play_id', $play)->where('place', 2)->exists());
        $this->serve();
        self::assertSame(200, $this->ask($link), 'and it goes on');
    }

    public function testManyAtOnceAreWrittenDownOnce(): void
    {
        $handing = $this->prepare();
        $link = app(Handings::class)->address($handing) . '&task=1';
        $this->serve(['PHP_CLI_SERVER_WORKERS' => '4']);
        $all = curl_multi_init();
        $asked = [];
        for ($one = 0; $one < 12; ++$one) {
            $asked[$one] = curl_init($this->address . $link);
            curl_setopt_array($asked[$one], [
                \CURLOPT_RETURNTRANSFER => true,
                \CURLOPT_POSTFIELDS => http_build_query(['do' => 'write', 'next' => '2x-2=12', 'seen' => '0']),
            ]);
            curl_multi_add_handle($all, $asked[$one]);
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.1);
        } while ($running > 0);
        self::assertSame(array_fill(0, 12, 303), array_map(
            static fn(\CurlHandle $one): mixed => curl_getinfo($one, \CURLINFO_RESPONSE_CODE),
            $asked,
        ));
        $attempt = DB::connection('killed')->table('attempts')->where('handing_id', $handing->id)->sole();
        self::assertSame('["2x-2=12"]', $attempt->lines, 'sent twelve times, written once');
        foreach ($asked as $one) {
            self::assertStringNotContainsString('elsewhere', (string) curl_getinfo($one, \CURLINFO_REDIRECT_URL));
        }
    }

    public function testWhoIsDeletedIsGoneFromTheFilesToo(): void
    {
        $this->prepare();
        $name = 'Quillon Ostrander';
        $learner = Learner::on('killed')->create([
            'name' => $name,
            'style' => HouseStyle::default(),
            'note' => 'Zwischenfall',
        ]);
        $learner->attempts()->create([
            'task' => new TaskReference('8642x=97531', null, null, HouseStyle::default()),
            'lines' => ['x=97531/8642'],
            'slips' => [],
            'source' => 'typed',
            'at' => now(),
        ]);
        // Read by another process: closing the file in this one would let go of the lock that keeps the log alive.
        $bytes = fn(): string => (string) shell_exec("cat $this->folder/runel.sqlite*");
        foreach ([$name, 'Zwischenfall', '97531/8642'] as $word) {
            self::assertStringContainsString($word, str_replace('\/', '/', $bytes()));
        }
        $this->serve();
        $this->enter();
        self::assertSame(200, $this->ask("/learners/$learner->id/farewell"));
        self::assertSame(302, $this->ask("/learners/$learner->id", ['_method' => 'DELETE']));
        foreach ([$name, 'Zwischenfall', '97531', $learner->id] as $word) {
            self::assertStringNotContainsString($word, $bytes(), 'in the database, its log or anything beside it');
        }
    }

    public function testASessionEndsAfterTwoHoursWithoutAPage(): void
    {
        $this->prepare();
        $this->serve();
        $this->enter();
        $file = storage_path('framework/sessions/' . $this->sessionFile());
        touch($file, time() - 7100);
        self::assertSame(200, $this->ask('/learners'), 'a page within two hours');
        touch($file, time() - 7300);
        self::assertSame(302, $this->ask('/learners'), 'none for two hours');
        self::assertSame(419, $this->ask('/learners', ['name' => 'typed too late']));
    }

    /** A database of its own, on the disk, under the same key as this process. */
    private function prepare(): Handing
    {
        $this->folder = sys_get_temp_dir() . '/runel-killed-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
        touch("$this->folder/runel.sqlite");
        config(['database.connections.killed' => [
            'database' => "$this->folder/runel.sqlite",
            'journal_mode' => 'WAL',
        ] + config()->array('database.connections.sqlite')]);
        Artisan::call('migrate', ['--database' => 'killed', '--force' => true]);
        $learner = Learner::on('killed')->create(['name' => 'Wren', 'style' => HouseStyle::default()]);
        Lesson::on('killed')->create([
            'name' => 'Short',
            'minutes' => 20,
            'wide' => 60,
            'high' => 24,
            'style' => HouseStyle::default(),
            'items' => [
                ['id' => 'aaaa', 'kind' => 'goal', 'text' => 'One'],
                ['id' => 'bbbb', 'kind' => 'goal', 'text' => 'Two'],
            ],
        ]);

        return Handing::on('killed')->create([
            'learner_id' => $learner->id,
            'tasks' => [['problem' => '4(x-3)-2(x-5)=12']],
            'expires_at' => now()->addDay(),
        ]);
    }

    /** @param array<string, string> $more */
    private function serve(array $more = []): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        \assert(\is_resource($socket));
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);
        $this->address = "http://$name";
        $quiet = ['file', '/dev/null', 'w'];
        // In a group of its own, so that its workers end with it.
        $server = proc_open(['setsid', \PHP_BINARY, '-S', $name, '-t', 'public', 'bootstrap/router.php'], [
            1 => $quiet,
            2 => $quiet,
        ], $pipes, base_path(), [
            'DB_DATABASE' => "$this->folder/runel.sqlite",
            'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'file',
        ] + $more + getenv());
        \assert(\is_resource($server));
        $this->server = $server;
        $this->client = curl_init();
        curl_setopt_array($this->client, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => '']);
        for ($try = 0; $try < 200 && @fsockopen('127.0.0.1', (int) explode(':', $name)[1]) === false; ++$try) {
            usleep(20_000);
        }
    }

    private function kill(): void
    {
        if (\is_resource($this->server)) {
            posix_kill(-proc_get_status($this->server)['pid'], \SIGKILL);
            proc_close($this->server);
        }
        $this->server = null;
    }

    private function enter(): void
    {
        $this->ask('/tutor');
        self::assertSame(302, $this->ask('/tutor/first', ['wanted' => self::PASSPHRASE, 'again' => self::PASSPHRASE]));
        $this->ask('/lessons');
    }

    private string $token = '';

    /** @param array<string, string>|null $form null to read */
    private function ask(string $path, ?array $form = null): int
    {
        \assert($this->client !== null);
        curl_setopt($this->client, \CURLOPT_URL, $this->address . $path);
        curl_setopt($this->client, \CURLOPT_HTTPGET, true);
        if ($form !== null) {
            curl_setopt($this->client, \CURLOPT_POSTFIELDS, http_build_query($form + ['_token' => $this->token]));
        }
        $page = (string) curl_exec($this->client);
        if (preg_match('/name="_token" value="([^"]+)"/', $page, $match) === 1) {
            $this->token = $match[1];
        }

        return (int) curl_getinfo($this->client, \CURLINFO_RESPONSE_CODE);
    }

    /** What the session is called on the disk. */
    private function sessionFile(): string
    {
        \assert($this->client !== null);
        foreach (curl_getinfo($this->client, \CURLINFO_COOKIELIST) as $cookie) {
            $fields = explode("\t", $cookie);
            if ($fields[5] === 'runel_session') {
                return explode('|', (string) Crypt::decrypt(rawurldecode($fields[6]), false))[1];
            }
        }
        self::fail('no session');
    }

    /** Sends and does not wait. */
    /** @param array<string, string> $form */
    private function send(string $path, array $form): void
    {
        $body = http_build_query($form);
        $socket = stream_socket_client('tcp://' . substr($this->address, 7));
        \assert(\is_resource($socket));
        fwrite($socket, "POST $path HTTP/1.0\r\nHost: localhost\r\nContent-Length: " . \strlen($body)
            . "\r\nContent-Type: application/x-www-form-urlencoded\r\n\r\n$body");
        usleep(random_int(0, 40_000));
    }
}
