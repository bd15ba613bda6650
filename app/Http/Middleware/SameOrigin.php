<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/**
 * What changes or costs something is taken from Runel's own pages only. A browser says where a request comes from; what
 * says nothing is no page of somebody else's.
 */
final class SameOrigin
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $isReading = \in_array($request->method(), ['GET', 'HEAD', 'OPTIONS'], true);
        if (!$isReading && self::isForeign($request)) {
            throw new AccessDeniedHttpException('another origin');
        }

        return $next($request);
    }

    private static function isForeign(Request $request): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        if ($site !== null) {
            return !\in_array($site, ['same-origin', 'none'], true);
        }
        $origin = $request->headers->get('Origin');
        // Our own pages send no referrer, and in a network without encryption that makes their origin null.
        if ($origin === null || $origin === 'null') {
            return false;
        }
        $host = parse_url($origin, \PHP_URL_HOST);
        $port = parse_url($origin, \PHP_URL_PORT);

        return $host . ($port === null ? '' : ":$port") !== $request->headers->get('Host');
    }
}
