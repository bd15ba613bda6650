<?php

declare(strict_types=1);

use App\Address\KeptStyles;
use App\Http\Middleware\JsonOnly;
use App\Http\Middleware\KeptPages;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\Place;
use App\Http\Middleware\SameOrigin;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SignedDoor;
use App\Http\Middleware\SparingSession;
use App\Http\Middleware\TutorOnly;
use App\Http\Refused;
use App\Http\Troubled;
use App\Kept\Trouble;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Runel\Message\Refusal;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

// What Runel writes is nobody else's to read.
umask(0o077);

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__ . '/../routes/web.php',
        then: static function (): void {
            Route::middleware(
                ['web', AuthenticateSession::class, TutorOnly::class],
            )->group(__DIR__ . '/../routes/tutor.php');
            Route::middleware([Place::class, SubstituteBindings::class])->group(__DIR__ . '/../routes/live.php');
            Route::middleware([KeptPages::class, Place::class])->group(__DIR__ . '/../routes/board.php');
            Route::middleware(
                [JsonOnly::class, KeptPages::class, Place::class],
            )->prefix('api')->name('api.')->group(__DIR__ . '/../routes/api.php');
        },
    )
    ->withCommands([__DIR__ . '/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend([SecurityHeaders::class, KnownHosts::class, SameOrigin::class]);
        $middleware->replaceInGroup('web', StartSession::class, SparingSession::class);
        $middleware->appendToGroup('web', Place::class);
        // Whoever may not see a thing is not told whether it is there.
        $middleware->prependToPriorityList(SubstituteBindings::class, TutorOnly::class);
        $middleware->prependToPriorityList(SubstituteBindings::class, SignedDoor::class);
        // Asking whose a pile is keeps nothing; the room it comes from has no session, so no token either.
        // On a board that is played there is no session to take one from; another origin is not let in anyway.
        $middleware->validateCsrfTokens(except: ['learners/pile', 'plays/*/reach/*', 'rooms']);
        $middleware->redirectGuestsTo(static fn(): string => route('tutor', [], false));
        $middleware->encryptCookies(except: [Place::COOKIE, KeptStyles::COOKIE]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(Refusal::class);
        // What was bound into a query is somebody's: only what failed, and where, goes into the log.
        $exceptions->report(static function (QueryException $fault): false {
            logger()->error('A query failed.', [
                'trouble' => Trouble::of($fault)?->value,
                'query' => $fault->getSql(),
                'code' => $fault->getCode(),
            ]);

            return false;
        });
        $exceptions->render(static function (Throwable $fault, Request $request): ?Response {
            $trouble = Trouble::of($fault);

            return $trouble === null ? null : Troubled::response($trouble, $request);
        });
        $exceptions->render(
            static fn(Refusal $refusal, Request $request) => app(Refused::class)->response($refusal, $request),
        );
        $exceptions->shouldRenderJsonWhen(
            static fn(Request $request): bool => $request->is('api/*') || $request->expectsJson(),
        );
        $exceptions->render(
            static fn(HttpExceptionInterface $fault, Request $request) =>
                $request->is('api/*') ? app(Refused::class)->status($fault) : null,
        );
    })
    ->create();
