<?php

declare(strict_types=1);

/*
 * For the server of bin/demo: what a board, a reading and the bench need is compiled and linked once, before the
 * first request, instead of by each. Nothing of these visits is kept but the classes they asked for; where a visit
 * fails, the server starts all the same and loads as it goes.
 */

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

(static function (): void {
    try {
        require __DIR__ . '/../vendor/autoload.php';
        $kernel = (require __DIR__ . '/app.php')->make(Kernel::class);
        foreach (['/', '/reading?problem=12p^2-11p-15', '/board?problem=(n%2B2)(n-5)&method=grid&step=3'] as $path) {
            $kernel->handle(Request::create($path))->getContent();
        }
    } catch (Throwable) {
        return;
    }
})();
