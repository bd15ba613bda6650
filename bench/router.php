<?php

declare(strict_types=1);

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

// The application as it is served, plus one empty route to compare with.
require __DIR__ . '/../vendor/autoload.php';
$app = require __DIR__ . '/../bootstrap/app.php';
$app->booted(static function () use ($app): void {
    $app['view']->addLocation(__DIR__ . '/views');
    Route::middleware('web')->get('/bench-empty', static fn() => response()->view('bench-empty'));
});
$app->handleRequest(Request::capture());
