<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

/** What is sent has to say that it is JSON: no form of another page can say so without being asked about first. */
final class JsonOnly
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $request->isMethod('GET') || $request->isJson()
            ? $next($request)
            : throw new UnsupportedMediaTypeHttpException('JSON is wanted');
    }
}
