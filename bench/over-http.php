<?php

declare(strict_types=1);

// Serves the application with one route more, and compares the board with that empty route. A part of run.php.
/** @var non-empty-list<string> $problems */
$socket = stream_socket_server('tcp://127.0.0.1:0');
assert(is_resource($socket));
$port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
fclose($socket);
$server = proc_open(
    [
        PHP_BINARY,
        '-d',
        'opcache.enable_cli=1',
        '-d',
        'opcache.preload=' . __DIR__ . '/../bootstrap/preload.php',
        '-d',
        'opcache.preload_user=' . trim((string) shell_exec('id -un')),
        '-S',
        "127.0.0.1:$port",
        '-t',
        __DIR__ . '/../public',
        __DIR__ . '/router.php',
    ],
    [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
    $pipes,
    null,
    [
        'DB_DATABASE' => ':memory:',
        'SESSION_DRIVER' => 'file',
        'APP_KEY' => 'base64:' . base64_encode(str_repeat('k', 32)),
    ] + getenv(),
);
assert(is_resource($server));
for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', $port) === false; ++$try) {
    usleep(50_000);
}
$fetch = static function (string $path) use ($port): void {
    if (file_get_contents("http://127.0.0.1:$port$path") === false) {
        throw new RuntimeException("no answer from $path");
    }
};
try {
    $paths = ['empty' => '/bench-empty'];
    foreach (['first step' => 1, 'in the middle' => 10, 'finished' => 'last'] as $name => $step) {
        $paths[$name] = '/board?' . http_build_query(['problem' => $problems[0], 'method' => 'grid', 'step' => $step]);
    }
    $paths['the live reading'] = '/reading?' . http_build_query(['problem' => '12p^2-11p-15']);
    $paths['a ladder'] = '/ladder?show=factor-leading';
    $paths['an empty bench'] = '/';
    $taken = [];
    // Turn and turn about, so that a busy moment hits all alike.
    for ($round = 0; $round < 60; ++$round) {
        foreach ($paths as $name => $path) {
            $start = hrtime(true);
            $fetch($path);
            $taken[$name][] = (hrtime(true) - $start) / 1e6;
        }
    }
    $median = static function (array $times): float {
        sort($times);

        return $times[intdiv(count($times), 2)];
    };
    $empty = $median($taken['empty']);
    foreach (array_keys(array_slice($paths, 1)) as $name) {
        printf(
            "  %-14s %.2f ms, empty %.2f ms, ratio %.2f\n",
            $name,
            $median($taken[$name]),
            $empty,
            $median($taken[$name]) / $empty,
        );
    }
} finally {
    proc_terminate($server);
    proc_close($server);
}
