<?php

declare(strict_types=1);

/*
 * Speed, as ratios within one run: demonstrations in batch against bare exact multiplication,
 * and the board page against an empty route of the framework. Run with: php bench/run.php
 * It starts with its code compiled, as every command of Runel does.
 */

use App\Contract\Requested;
use App\Sets\SeededChance;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Runel\Demonstration\Link;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Marking\Marker;
use Runel\Notation\Ascii;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Problem\Problem;
use Runel\Slip\WrongRules;
use Runel\Style\HouseStyle;

require __DIR__ . '/../bootstrap/compiled.php';
require __DIR__ . '/../vendor/autoload.php';

/** Milliseconds a call, the best of several rounds. */
function milliseconds(callable $call, int $times, int $rounds = 5): float
{
    $best = INF;
    $call();
    for ($round = 0; $round < $rounds; ++$round) {
        $start = hrtime(true);
        for ($time = 0; $time < $times; ++$time) {
            $call();
        }
        $best = min($best, (hrtime(true) - $start) / 1e6 / $times);
    }

    return $best;
}

$problems = [
    '(3t^3-4t+2)(t^2-5)',
    '(4n-3)(n+7)',
    '(3p+8)^2',
    '(2x^2+x+5)(x^2+3x+7)',
    '12p^2-11p-15',
    'x^2+11x+28',
    '9t^2-49',
    '4x^2=12x+7',
    '5x^2-14x+6=0',
    '(2x-3)^2=50',
    'y=2x^2-12x+11',
    '(3x^3-11x^2+4)/(x-2)',
    '2x^3-3x^2-8x+12=0',
    '5x+2=2x+11',
    'sqrt(3x+1)-sqrt(x+4)=1',
    'A=1/2(a+b)h for b',
];
$catalogue = Jobs::catalogue();
$tasks = array_map(static fn(string $typed): Task => new Task(Problem::read($typed), HouseStyle::default()), $problems);

echo "Reading a problem\n";
$reading = milliseconds(static fn() => array_map(Problem::read(...), $problems), 100) / count($problems);
printf("  %.3f ms\n", $reading);

echo "One audited demonstration (ms)\n";
$methods = [];
foreach ($tasks as $task) {
    foreach ($catalogue->offers($task) as $offer) {
        if ($offer->forecast !== null) {
            $methods[$offer->method->job() . ' ' . $offer->method->id()][] = $task;
        }
    }
}
foreach ($methods as $method => $fitting) {
    [$job, $id] = explode(' ', $method);
    $own = milliseconds(static fn() => array_map(
        static fn(Task $task) => $catalogue->demonstrate(new Task($task->problem, $task->style), $job, $id),
        $fitting,
    ), 20) / count($fitting);
    printf("  %-24s %.3f, %.1f times reading its problem\n", $method, $own, $own / $reading);
}

echo "Marking the last line of a page, each page the first of its problem, against demonstrating the problem\n";
$shown = milliseconds(static fn() => array_map(
    static fn(Task $task) => $catalogue->demonstrate(new Task($task->problem, $task->style)),
    $tasks,
), 5) / count($tasks);
$taken = [];
foreach ($tasks as $task) {
    $offers = array_filter($catalogue->offers($task), static fn($offer): bool => $offer->forecast !== null);
    $job = array_values($offers)[0]->method->job();
    $mark = static fn(array $page): float => milliseconds(
        static fn() => Marker::mark($catalogue, new Task($task->problem, $task->style), $job, $page),
        1,
        3,
    );
    $page = [];
    $before = $task->problem->node;
    foreach ($catalogue->demonstrate($task, $job)->steps() as $step) {
        foreach ($step->lines as $line) {
            if ($line->link === Link::Side || $line->link === Link::Given || $line->branch !== null) {
                continue;
            }
            $above = $mark($page);
            // What slips make of the line above, and one sign more, which nothing explains but a number that is off.
            $wrong = ['one number more' => [Ascii::write($line->node) . '+1']];
            foreach (WrongRules::outcomes(Jobs::all()->of($job)->rules(), $before) as $number => [, $slipped]) {
                if ($number % 4 === 0 && count($wrong['a slip'] ?? []) < 3) {
                    $wrong['a slip'][] = Ascii::write($slipped);
                }
            }
            foreach (['right' => [Ascii::write($line->node)]] + $wrong as $kind => $lasts) {
                foreach ($lasts as $last) {
                    $taken[$kind][] = max(0.0, $mark([...$page, $last]) - $above);
                }
            }
            $page[] = Ascii::write($line->node);
            $before = $line->node;
        }
    }
}
foreach ($taken as $kind => $times) {
    sort($times);
    [$median, $last] = [$times[intdiv(count($times), 2)], $times[intdiv(99 * count($times), 100)]];
    printf(
        "  %-16s %3d lines: median %.2f ms (ratio %.2f), 99th percentile %.2f ms (ratio %.2f)\n",
        $kind,
        count($times),
        $median,
        $median / $shown,
        $last,
        $last / $shown,
    );
}
$pile = array_fill(0, 30, ['6x^2+19x+10=0', [
    '6x^2+15x+4x+10=0', '3x(2x+5)+2(2x+5)=0', '(3x+2)(2x+5)=0', '3x+2=0 or 2x+5=0', '3x=2 or 2x=-5',
    'x=2/3 or x=-5/2', '3*2=6', 'x=2/3', 'x=-5/2', 'x=1',
]]);
// As a pile does it: pages of one problem share what is worked out about it.
$all = milliseconds(static function () use ($catalogue, $pile): void {
    $task = new Task(Problem::read($pile[0][0]), HouseStyle::default());
    foreach ($pile as $page) {
        Marker::mark($catalogue, $task, 'solve', $page[1]);
    }
}, 1, 3);
printf("  a pile of 30 pages of 10 lines %.0f ms, %.0f times demonstrating a problem\n", $all, $all / $shown);
$unexplained = milliseconds(static function () use ($catalogue): void {
    $task = new Task(Problem::read('(2x-3)^2=50'), HouseStyle::default());
    foreach (range(1, 30) as $off) {
        Marker::mark($catalogue, $task, 'solve', ["2x-3=sqrt(50)+$off"]);
    }
}, 1, 3) / 30;
printf("  a line of one in 30 pages that no slip explains %.1f ms, %.1f times\n", $unexplained, $unexplained / $shown);

echo "Problems to order, against demonstrating a problem\n";
$order = Order::of(Jobs::ladders()->of('factor-leading'), '', '40', '7', Wishes::none());
$made = milliseconds(
    static fn() => Maker::make($catalogue, new SeededChance(), HouseStyle::default(), $order),
    1,
    3,
);
printf("  40 problems %.0f ms, %.1f times demonstrating one, each\n", $made, $made / 40 / $shown);

echo "Memory over a batch of 10 000\n";
$before = 0;
for ($number = 0; $number < 10_000; ++$number) {
    $task = $tasks[$number % count($tasks)];
    $catalogue->demonstrate(new Task($task->problem, $task->style));
    if ($number === 100) {
        $before = memory_get_usage();
    }
}
printf("  grown by %d bytes\n", memory_get_usage() - $before);

putenv('DB_DATABASE=:memory:');
putenv('SESSION_DRIVER=array');
putenv('APP_KEY=base64:' . base64_encode(str_repeat('k', 32)));
$app = require __DIR__ . '/../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
Route::middleware('web')->get('/bench-empty', static fn() => response()->view('bench-empty'));
$app['view']->addLocation(__DIR__ . '/views');
$get = static function (string $path) use ($kernel): string {
    $response = $kernel->handle(Request::create($path));
    if ($response->getStatusCode() !== 200) {
        throw new RuntimeException("$path answered {$response->getStatusCode()}");
    }

    return (string) $response->getContent();
};
$empty = milliseconds(static fn() => $get('/bench-empty'), 100);

echo "A whole batch line, words and JSON too, against a general-purpose algebra library's bare answer\n";
$requested = $app->make(Requested::class);
$number = static fn(): int => random_int(1, 12);
$made = [
    'grid' => static fn(): string =>
        "({$number()}x^2+{$number()}x+{$number()})({$number()}x^2-{$number()}x+{$number()})",
    'split-middle' => static function () use ($number): string {
        [$m, $n, $r, $s] = [$number(), $number(), $number(), $number()];

        return $m * $n . 'x^2+' . ($m * $s + $n * $r) . 'x+' . $r * $s;
    },
    'special' => static fn(): string => "{$number()}^2*x^2-{$number()}^2",
    'formula' => static fn(): string => "{$number()}x^2-" . 20 + $number() . "x+{$number()}=0",
    'completing-square' => static fn(): string => 'x^2-' . 2 * (5 + $number()) . "x+{$number()}=0",
    'balance' => static fn(): string => "{$number()}(x+{$number()})=13x-{$number()}",
    'long' => static fn(): string => "({$number()}x^3-{$number()}x^2+{$number()}x+{$number()})/(x-{$number()})",
    'isolate-roots' => static fn(): string => "sqrt(x+{$number()})={$number()}",
];
foreach ($made as $method => $make) {
    $lines = array_map(static fn(): string => $make(), range(1, 100));
    $python = proc_open(['python3', __DIR__ . '/algebra.py', $method], [['pipe', 'r'], ['pipe', 'w']], $pipes);
    assert(is_resource($python));
    fwrite($pipes[0], implode("\n", $lines) . "\n\n");
    $version = trim((string) fgets($pipes[1]));
    [$own, $theirs] = [INF, INF];
    // Turn and turn about: what slows the machine for a while slows both.
    for ($round = 0; $round < 7; ++$round) {
        $own = min($own, milliseconds(static fn() => array_map(static fn(string $typed): string => json_encode(
            $requested->answer(['problem' => $typed, 'method' => $method]),
        ), $lines), 1, 1) / count($lines));
        if ($version !== '') {
            fwrite($pipes[0], "again\n");
            $theirs = min($theirs, (float) fgets($pipes[1]));
        }
    }
    array_map(fclose(...), $pipes);
    proc_close($python);
    printf("  %-14s %.2f ms%s\n", $method, $own, $version !== ''
        ? sprintf(
            ', library %s %.2f ms, ratio %.2f (target %s)',
            $version,
            $theirs,
            $own / $theirs,
            $method === 'grid' ? '1.3' : '1',
        )
        : ' (no algebra library here to compare with: Debian has python3-sympy)');
}

echo "The board page against an empty route\n";
foreach (['first step' => 1, 'in the middle' => 10, 'finished' => 'last'] as $name => $step) {
    $path = '/board?' . http_build_query(['problem' => $problems[0], 'method' => 'grid', 'step' => $step]);
    $board = milliseconds(static fn() => $get($path), 50);
    printf("  %-14s %.2f ms, empty %.2f ms in a warm process\n", $name, $board, $empty);
}

echo "The same over HTTP, a fresh start for each request (what a tutor waits for)\n";
require __DIR__ . '/over-http.php';
