<?php

declare(strict_types=1);

use App\Http\Middleware\HouseStyleFromRequest;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__ . '/../routes/web.php',
        api: __DIR__ . '/../routes/api.php',
        then: static fn() => Route::middleware(HouseStyleFromRequest::class)->group(__DIR__ . '/../routes/board.php'),
    )
    ->withCommands([__DIR__ . '/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->encryptCookies(except: [HouseStyleFromRequest::COOKIE]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {})
    ->create();
