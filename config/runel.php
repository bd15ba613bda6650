<?php

declare(strict_types=1);

use App\View\Version;

return [
    // Names besides loopback and IP addresses under which Runel may be reached, with commas between them.
    'hosts' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('RUNEL_HOSTS', ''))))),
    // How many problems the shelf holds: more than this nobody finds again.
    'shelf' => 200,
    // Seconds for which a page that says all about itself in its address may be kept.
    'keep' => 600,
    // So many copies of the database are kept; the oldest go.
    'copies' => (int) env('RUNEL_COPIES', 14),
    // Locked by the one piece of work at a time that anybody may ask for.
    'lock' => storage_path('framework/one-at-a-time.lock'),
    // Under which address other machines reach this one, where bin/demo has found one.
    'reach' => env('RUNEL_REACH'),
    // Changes with every change of the program; pages and assets are remembered under it.
    'version' => Version::ofProgram(dirname(__DIR__)),
    'assets' => Version::ofAssets(dirname(__DIR__) . '/public'),
    'scripts' => Version::ofScripts(dirname(__DIR__)),
];
