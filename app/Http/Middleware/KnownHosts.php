<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** Answers only under names that are known, so that a name pointed at this machine by somebody else reaches nothing. */
final readonly class KnownHosts
{
    private const LOOPBACK = ['localhost'];

    public function __construct(private Repository $config) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $host = strtolower((string) preg_replace('/:\d+$/', '', (string) $request->headers->get('host', '')));
        $known = [...self::LOOPBACK, ...array_map(strtolower(...), array_filter(
            (array) $this->config->get('runel.hosts'),
            \is_string(...),
        ))];
        $address = filter_var(trim($host, '[]'), \FILTER_VALIDATE_IP) !== false;
        if (!$address && !\in_array($host, $known, true)) {
            // The host must not be used for anything further on, not even for the page that says so.
            $request->headers->set('host', 'localhost');

            throw new BadRequestHttpException('unknown host');
        }

        return $next($request);
    }
}
