<?php

declare(strict_types=1);

namespace App\Access;

use Random\Randomizer;

/** A few letters by which a live room, or what was handed out, is reached: none that looks like another one. */
final class ShortCode
{
    public const LETTERS = 'ACDEFGHJKLMNPQRTUVWXY';
    /** Of a room, which lives for hours, and of what is handed out, which lives for days. */
    public const ROOM = 5;
    public const HANDING = 6;

    public static function fresh(int $length = self::ROOM): string
    {
        $dice = new Randomizer();
        $code = '';
        for ($place = 0; $place < $length; ++$place) {
            $code .= self::LETTERS[$dice->getInt(0, \strlen(self::LETTERS) - 1)];
        }

        return $code;
    }

    /** As somebody types it; null where it is none. */
    public static function read(string $typed, int $length = self::ROOM): ?string
    {
        $code = strtoupper((string) preg_replace('/[\s.-]+/', '', $typed));

        return \strlen($code) === $length && strspn($code, self::LETTERS) === $length ? $code : null;
    }
}
