<?php

declare(strict_types=1);

namespace App\Access;

use Illuminate\Cache\RateLimiter;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\LockTimeoutException;

/**
 * Slows guessing down: one guess after the other, whoever guesses at once, and after a few wrong ones from an address a
 * pause that doubles each time. Nobody is locked out for longer than a minute.
 */
final readonly class Guesses
{
    /** So many wrong ones cost nothing. */
    private const FREE = 4;
    /** In seconds: the longest pause, and after how long without a guess all is forgotten. */
    private const LONGEST = 60;
    private const FORGOTTEN = 900;
    /** In seconds, for the guess before. */
    private const PATIENCE = 2;

    public function __construct(private RateLimiter $limiter, private LockProvider $locks) {}

    /**
     * @param \Closure(): bool $isRight
     *
     * @return int|bool whether the guess is right; for how many seconds none is looked at
     */
    public function guess(string $address, \Closure $isRight): int|bool
    {
        try {
            $lock = $this->locks->lock('guess', self::LONGEST);
            $lock->block(self::PATIENCE);
        } catch (LockTimeoutException) {
            return 1;
        }
        try {
            return $this->looked($address, $isRight);
        } finally {
            $lock->release();
        }
    }

    /** @param \Closure(): bool $isRight */
    private function looked(string $address, \Closure $isRight): int|bool
    {
        [$wrong, $pause] = ["guessed $address", "pause $address"];
        if ($this->limiter->tooManyAttempts($pause, 1)) {
            return max(1, $this->limiter->availableIn($pause));
        }
        if ($isRight()) {
            $this->limiter->clear($wrong);

            return true;
        }
        $count = $this->limiter->hit($wrong, self::FORGOTTEN);
        if ($count > self::FREE) {
            $this->limiter->hit($pause, (int) min(self::LONGEST, 2 ** ($count - self::FREE)));
        }

        return false;
    }
}
