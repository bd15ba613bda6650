<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session is kept where there is something to keep: whoever only looks, and is shown no form, leaves nothing behind.
 */
final class SparingSession extends StartSession
{
    /** What is in every session, and says nothing. */
    private const ALWAYS = ['_token', '_previous', '_flash'];

    /**
     * @param Session $session
     */
    protected function handleStatefulRequest(Request $request, $session, \Closure $next): mixed
    {
        $request->setLaravelSession($this->startSession($request, $session));
        $this->collectGarbage($session);
        $response = $next($request);
        \assert($response instanceof Response);
        $isKnown = $request->cookies->has($session->getName());
        $holds = array_diff_key($session->all(), array_flip(self::ALWAYS)) !== [];
        $hasForm = str_contains((string) $response->getContent(), (string) $session->token());
        if ($isKnown || $holds || $hasForm) {
            $this->storeCurrentUrl($request, $session);
            $this->addCookieToResponse($response, $session);
            $this->save($request);
        }

        return $response;
    }

    /** Whoever only looks is shown the page where no session can be written, too; whoever sends something is told. */
    private function save(Request $request): void
    {
        try {
            $this->saveSession($request);
        } catch (\ErrorException $fault) {
            if (!$request->isMethod('GET')) {
                throw $fault;
            }
        }
    }
}
