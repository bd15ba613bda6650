<?php

declare(strict_types=1);

namespace Runel\Proof;

/**
 * How much work a piece of judging may still take. It is counted in steps, about a microsecond each, and not by a
 * clock, so that the same work ends at the same place on any machine.
 */
final class Effort
{
    private int $spent = 0;
    private bool $isUsedUp = false;

    /**
     * @param int $whole what there is in all
     * @param int $most  what may be spent at the moment
     */
    private function __construct(private readonly int $whole, private int $most) {}

    public static function of(int $steps): self
    {
        return new self($steps, $steps);
    }

    public static function endless(): self
    {
        return self::of(\PHP_INT_MAX);
    }

    /**
     * Work that may take only a part of it, so that it does not use up the whole.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     *
     * @throws OutOfEffort when it would take more
     */
    public function within(int $steps, \Closure $work): mixed
    {
        $outer = $this->most;
        $this->most = min($outer, $this->spent + $steps);
        try {
            return $work();
        } finally {
            $this->most = $outer;
        }
    }

    /** @throws OutOfEffort when there is not so much left; then none of it is spent */
    public function spend(int $steps): void
    {
        if ($steps > $this->most - $this->spent) {
            $this->isUsedUp = $this->isUsedUp || $steps > $this->whole - $this->spent;
            throw new OutOfEffort("more than $this->most steps");
        }
        $this->spent += $steps;
    }

    /** Whether there was not enough of it for something. */
    public function isUsedUp(): bool
    {
        return $this->isUsedUp;
    }

    public function spent(): int
    {
        return $this->spent;
    }
}
