<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Cache\RateLimiter;
use Illuminate\Container\Attributes\Config;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/**
 * Work that anybody may ask for and that takes its time: never more than one of it at once, so that it holds one worker
 * at the most, and for each address only so much a minute. Whoever comes too soon is told so at once.
 */
final readonly class OneAtATime
{
    /** How long somebody waits for the one before, in milliseconds, looking every so many. */
    private const PATIENCE = 40;
    private const LOOK = 10;
    /** Of its own time, in milliseconds a minute, each address may have so much. */
    private const ALLOWANCE = 20_000;
    private const MINUTE = 60;

    /** @param string $lock the file whoever is at work has locked */
    public function __construct(
        private RateLimiter $limiter,
        #[Config('runel.lock')]
        private string $lock,
    ) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = 'work ' . $request->ip();
        if ($this->limiter->tooManyAttempts($key, self::ALLOWANCE)) {
            throw new TooManyRequestsHttpException(max(1, $this->limiter->availableIn($key)), 'too much');
        }
        $lock = @fopen($this->lock, 'c');
        if ($lock !== false && !self::isOurs($lock)) {
            fclose($lock);
            throw new TooManyRequestsHttpException(1, 'one at a time');
        }
        $begun = hrtime(true);
        try {
            return $next($request);
        } finally {
            $this->limiter->increment($key, self::MINUTE, (int) ((hrtime(true) - $begun) / 1_000_000));
            if ($lock !== false) {
                flock($lock, \LOCK_UN);
                fclose($lock);
            }
        }
    }

    /** @param resource $lock */
    private static function isOurs($lock): bool
    {
        for ($waited = 0; $waited < self::PATIENCE; $waited += self::LOOK) {
            if (flock($lock, \LOCK_EX | \LOCK_NB)) {
                return true;
            }
            usleep(1000 * self::LOOK);
        }

        return false;
    }
}
