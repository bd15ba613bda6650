<?php

declare(strict_types=1);

namespace App\Access;

use Illuminate\Cache\RateLimiter;

/** Short codes are not guessed: after so many that are none, an address has to wait. */
final readonly class Guessing
{
    private const MOST = 40;
    /** In seconds. */
    private const PAUSE = 300;

    public function __construct(private RateLimiter $limiter) {}

    public function isTired(?string $address): bool
    {
        return $this->limiter->tooManyAttempts("code $address", self::MOST);
    }

    public function missed(?string $address): void
    {
        $this->limiter->hit("code $address", self::PAUSE);
    }
}
