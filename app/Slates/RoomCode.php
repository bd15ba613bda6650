<?php

declare(strict_types=1);

namespace App\Slates;

use Random\Randomizer;

/** Five letters by which a live room is reached: none that looks like another one or like a number. */
final class RoomCode
{
    public const LETTERS = 'ACDEFGHJKLMNPQRTUVWXY';
    private const LENGTH = 5;

    public static function fresh(): string
    {
        $dice = new Randomizer();
        $code = '';
        for ($place = 0; $place < self::LENGTH; ++$place) {
            $code .= self::LETTERS[$dice->getInt(0, \strlen(self::LETTERS) - 1)];
        }

        return $code;
    }

    /** As somebody types it; null where it is none. */
    public static function read(string $typed): ?string
    {
        $code = strtoupper((string) preg_replace('/[\s.-]+/', '', $typed));

        return \strlen($code) === self::LENGTH && strspn($code, self::LETTERS) === self::LENGTH ? $code : null;
    }
}
