<?php

declare(strict_types=1);

// Pages of records at a size nobody reaches, and the way out of all of it, in a database of its own:
// php -d opcache.enable_cli=1 bench/records.php [learners] [attempts]

use App\Kept\Archive;
use App\Models\Tutor;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Contracts\Http\Kernel as Web;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__ . '/../vendor/autoload.php';

[$learners, $attempts] = [(int) ($argv[1] ?? 500), (int) ($argv[2] ?? 20_000)];
$path = sys_get_temp_dir() . '/runel-bench-' . getmypid() . '.sqlite';
putenv("DB_DATABASE=$path");
putenv('SESSION_DRIVER=array');
putenv('APP_KEY=base64:' . base64_encode(random_bytes(32)));
touch($path);
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true, '--seed' => true]);

$key = static fn(): string => strtolower((string) Str::ulid());
$models = DB::table('attempts')->limit(30)->get()->map(static fn(object $row): array => (array) $row)->all();
$group = DB::table('learner_groups')->value('id');
$ids = [];
DB::transaction(static function () use ($learners, $attempts, $models, $group, $key, &$ids): void {
    for ($one = 0; $one < $learners; ++$one) {
        $ids[] = $id = $key();
        DB::table('learners')->insert([
            'id' => $id, 'name' => "Learner $one", 'style' => '{}', 'created_at' => now(), 'updated_at' => now(),
        ]);
        if ($one < 30) {
            DB::table('group_learner')->insert(['group_id' => $group, 'learner_id' => $id]);
        }
    }
    for ($one = 0; $one < $attempts; $one += 100) {
        DB::table('attempts')->insert(array_map(static fn(int $number): array => [
            'id' => $key(),
            'learner_id' => $ids[($one + $number) % $learners],
            'at' => now()->subDays(($one + $number) % 300)->toDateTimeString(),
            'handing_id' => null,
            'place' => null,
        ] + $models[($one + 7 * $number) % \count($models)], range(0, 99)));
    }
});
Auth::setUser(Tutor::query()->create(['passphrase' => 'a boat on the water']));
foreach (['/learners', "/learners/$ids[3]", "/groups/$group", '/lessons'] as $room) {
    [$least, $queries] = [INF, 0];
    for ($time = 0; $time < 4; ++$time) {
        $asked = 0;
        DB::listen(static function () use (&$asked): void {
            ++$asked;
        });
        memory_reset_peak_usage();
        $begun = hrtime(true);
        $status = $app->make(Web::class)->handle(Request::create($room))->getStatusCode();
        $least = min($least, (hrtime(true) - $begun) / 1e6);
        $queries = $asked;
        DB::getEventDispatcher()->forget(Illuminate\Database\Events\QueryExecuted::class);
    }
    $most = memory_get_peak_usage() / 1e6;
    printf("%-40s %d  %6.1f ms  %3d queries  %4.0f MB\n", $room, $status, $least, $queries, $most);
}
memory_reset_peak_usage();
$begun = hrtime(true);
$file = "$path.zip";
$app->make(Archive::class)->write($file);
$taken = (hrtime(true) - $begun) / 1e9;
$most = memory_get_peak_usage() / 1e6;
printf("export of %d pieces of work: %.1f s, %.0f MB\n", DB::table('attempts')->count(), $taken, $most);
foreach (['', '-wal', '-shm', '.zip'] as $end) {
    @unlink($path . $end);
}
