<?php

declare(strict_types=1);

namespace App\Address;

/** The paths of the rooms, each asked for once: a board has seventy links, most of them to itself. */
final class Paths
{
    /** @var array<string, string> by the route's name */
    private static array $known = [];

    public static function of(string $room): string
    {
        return self::$known[$room] ??= route($room, [], false);
    }
}
