<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Address\Address;
use Closure;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Pages that are pure functions of their address may be kept by whoever asked: what is asked for again is answered
 * from its tag alone, without building anything. Where the whole style stands in the address, anybody may keep it.
 */
final readonly class KeptPages
{
    public function __construct(private Repository $config) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $complete = $request->query->has(Address::COMPLETE);
        $cookie = $complete ? '' : (string) json_encode($request->cookie(Place::COOKIE));
        $tag = '"' . hash('xxh128', implode("\n", [
            (string) json_encode(
                $this->config->get('runel.version'),
            ), $request->getRequestUri(), (string) $request->headers->get('HX-Request'), $cookie,
        ])) . '"';
        $response = $request->headers->get('If-None-Match') === $tag ? new Response(
            '',
            Response::HTTP_NOT_MODIFIED,
        ) : $next($request);
        if (!\in_array($response->getStatusCode(), [Response::HTTP_OK, Response::HTTP_NOT_MODIFIED], true)) {
            return $response;
        }
        $keep = $this->config->get('runel.keep');
        $response->headers->set('ETag', $tag);
        $response->headers->set(
            'Cache-Control',
            $complete ? 'public, max-age=' . (\is_int($keep) ? $keep : 0) : 'private, no-cache',
        );
        $response->headers->set('Vary', $complete ? 'HX-Request' : 'HX-Request, Cookie');

        return $response;
    }
}
