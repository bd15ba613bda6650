<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Learners\Handings;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Illuminate\Routing\UrlGenerator;
use Symfony\Component\HttpFoundation\Response;

/** Lets through whoever has an address the tutor signed, until it expires; a learner's own lines are not part of it. */
final readonly class SignedDoor
{
    public function __construct(private UrlGenerator $urls) {}

    /**
     * @param Closure(Request): Response $next
     *
     * @throws InvalidSignatureException
     */
    public function handle(Request $request, Closure $next): Response
    {
        $isOwn = static fn(string $name): bool => \in_array(
            explode('[', rawurldecode($name))[0],
            Handings::UNSIGNED,
            true,
        );

        return $this->urls->hasValidRelativeSignature($request, $isOwn)
            ? $next($request)
            : throw new InvalidSignatureException();
    }
}
