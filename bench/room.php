<?php

declare(strict_types=1);

/*
 * A live room at its fullest, on a server as bin/demo starts it: php bench/room.php [learners]
 * Everybody answers within one second; none may be lost, and each is to be told within one. One of them is cut off and
 * comes back. Meanwhile all of them ask every two seconds what is new, and a board is to be as quick as before.
 */

use App\Slates\Slates;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

require __DIR__ . '/../vendor/autoload.php';

$count = (int) ($argv[1] ?? 40);
$folder = sys_get_temp_dir() . '/runel-room-' . getmypid();
mkdir($folder, 0o700);
putenv("DB_DATABASE=$folder/runel.sqlite");
putenv('SESSION_DRIVER=file');
putenv('APP_KEY=base64:' . base64_encode(random_bytes(32)));
touch("$folder/runel.sqlite");
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);

$socket = stream_socket_server('tcp://127.0.0.1:0');
assert(is_resource($socket));
$port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
fclose($socket);
$server = proc_open(
    [
        PHP_BINARY, '-d', 'opcache.enable_cli=1', '-S', "127.0.0.1:$port", '-t', __DIR__ . '/../public',
        __DIR__ . '/../bootstrap/router.php',
    ],
    [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
    $pipes,
    null,
    ['PHP_CLI_SERVER_WORKERS' => '4'] + getenv(),
);
assert(is_resource($server));
for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', $port) === false; ++$try) {
    usleep(50_000);
}

/**
 * Many requests at once.
 *
 * @param array<int, array{path: string, token: string, fields?: array<string, string|int>}> $requests
 *
 * @return array<int, array{status: int, seconds: float, bytes: int}>
 */
$together = static function (array $requests) use ($port): array {
    $all = curl_multi_init();
    $handles = [];
    foreach ($requests as $key => $request) {
        $handle = curl_init("http://127.0.0.1:$port{$request['path']}");
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_COOKIE => "runel_slate={$request['token']}",
            CURLOPT_HTTPHEADER => ['HX-Request: true'],
        ] + (isset($request['fields']) ? [CURLOPT_POSTFIELDS => http_build_query($request['fields'])] : []));
        curl_multi_add_handle($all, $handle);
        $handles[$key] = $handle;
    }
    do {
        curl_multi_exec($all, $running);
        curl_multi_select($all, .01);
    } while ($running > 0);

    return array_map(static fn(CurlHandle $handle): array => [
        'status' => curl_getinfo($handle, CURLINFO_RESPONSE_CODE),
        'seconds' => curl_getinfo($handle, CURLINFO_TOTAL_TIME),
        'bytes' => strlen((string) curl_multi_getcontent($handle)),
    ], $handles);
};
$slowest = static fn(array $answers): float => max(array_column($answers, 'seconds'));
$board = static function () use ($together): float {
    $taken = [];
    for ($time = 0; $time < 20; ++$time) {
        $path = '/board?problem=x%5E2-5x%2B6&method=cross&step=4';
        $taken[] = $together([['path' => $path, 'token' => '']])[0]['seconds'];
    }
    sort($taken);

    return 1000 * $taken[10];
};
try {
    $room = $app->make(Slates::class)->ask(['problem' => '3(x+4)=27', 'method' => 'balance', 'step' => '2']);
    $token = static fn(int $one): string => md5("$room->id $one");
    $everybody = range(1, $count);
    $each = static fn(callable $of): array => array_combine($everybody, array_map($of, $everybody));
    $quiet = $board();
    $in = $together($each(static fn(int $one): array => [
        'path' => "/r/$room->code", 'token' => $token($one), 'fields' => ['name' => "Slate $one"],
    ]));
    printf("%d come in at once: the slowest %.0f ms\n", $count, 1000 * $slowest($in));
    $answers = ['3x+12=27', '3x+4=27', '3x=15', '27=12+3x', 'no idea ('];
    $sent = $together($each(static fn(int $one): array => [
        'path' => "/r/$room->code/answer", 'token' => $token($one),
        'fields' => ['answer' => $answers[$one % count($answers)], 'number' => 1],
    ]));
    $kept = DB::table('room_answers')->count();
    printf("%d answer at once: the slowest told after %.0f ms, %d kept\n", $count, 1000 * $slowest($sent), $kept);
    // One is cut off, and comes back as themselves.
    $back = $together([['path' => "/r/$room->code", 'token' => $token(1)]]);
    $room->refresh();
    $nothing = $together($each(static fn(int $one): array => [
        'path' => "/r/$room->code/state?seen=$room->version", 'token' => $token($one),
    ]));
    printf(
        "nothing new: %d bytes with its headers, all of them in %.0f ms, statuses %s\n",
        max(array_column($nothing, 'bytes')),
        1000 * $slowest($nothing),
        implode(', ', array_unique(array_column($nothing, 'status'))),
    );
    $polling = 0.0;
    for ($round = 0; $round < 3; ++$round) {
        // Twenty boards while everybody asks what is new once in two seconds.
        $started = microtime(true);
        $together($each(static fn(int $one): array => [
            'path' => "/r/$room->code/state?seen=$room->version", 'token' => $token($one),
        ]));
        $busy = microtime(true) - $started;
        $polling = max($polling, $busy / 2);
    }
    printf("all of them asking takes %.0f %% of the server's time\n", 100 * $polling);
    printf("a board alone %.1f ms, in a full room %.1f ms\n", $quiet, $board());
    if ($kept !== $count || $back[0]['status'] !== 200 || DB::table('room_members')->count() !== $count) {
        echo "LOST: $kept of $count answers are kept\n";
        exit(1);
    }
} finally {
    // Its workers are processes of their own.
    exec('pkill -TERM -P ' . proc_get_status($server)['pid']);
    proc_terminate($server);
    proc_close($server);
    array_map(unlink(...), glob("$folder/*") ?: []);
    rmdir($folder);
}
