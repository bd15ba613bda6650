<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Message\Message;

/** One honest sentence on what a hunt will cost, made from what it did. */
final class Advice
{
    private const SHORT = 6;

    public static function pairs(string $method, PairSearch $search): Message
    {
        return self::hunt($method, $search->count(), $search->hit === null ? null : $search->hit + 1);
    }

    /** @param int|null $works which trial works, from 1; null where none does */
    public static function hunt(string $method, int $count, ?int $works): Message
    {
        $parameters = ['count' => $count, 'works' => $works ?? 0];

        return Message::of("advice.$method", ['hunt' => Message::of(match (true) {
            $works === null => 'advice.none-works',
            $count === 1 => 'advice.only-one',
            $works <= self::SHORT => 'advice.works-soon',
            default => 'advice.works-late',
        }, $parameters)] + $parameters);
    }
}
