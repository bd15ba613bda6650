<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nothing from elsewhere, nothing inline, nothing framed, and no redirect that names a host. */
final class SecurityHeaders
{
    /** Also sent with files, which do not pass here: bootstrap/headers.php holds them once. */
    public const HEADERS = __DIR__ . '/../../../bootstrap/headers.php';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        /** @var array<string, string> $headers */
        $headers = require self::HEADERS;
        // Where there is nothing, nothing has to be kept in: what is asked for every two seconds stays small.
        $headers = $response->isEmpty() ? array_slice($headers, 1, 1) : $headers;
        foreach ($headers as $name => $value) {
            $response->headers->set($name, $value);
        }
        $location = $response->headers->get('Location');
        if ($location !== null) {
            $path = (string) preg_replace('#^https?://[^/?\#]+#', '', $location);
            $response->headers->set('Location', str_starts_with($path, '/') ? $path : "/$path");
        }

        return $response;
    }
}
