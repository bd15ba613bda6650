<?php

declare(strict_types=1);

namespace App\Lessons\Content;

use App\Values\Given;
use Runel\Message\BadRequest;
use Runel\Message\Message;

/** A number that may be left out, and is refused where it is none. */
final class ItemNumber
{
    /** @throws BadRequest */
    public static function read(Given $given, string $key, int $most): ?int
    {
        $found = $given->text($key);
        if ($found === '') {
            return null;
        }
        $number = $given->number($key, 6) ?? 0;
        if ($number < 1 || $number > $most) {
            throw new BadRequest(Message::of('practice.wish-number', [
                'key' => $key,
                'found' => mb_substr($found, 0, 40),
                'least' => 1,
                'most' => $most,
            ]));
        }

        return $number;
    }
}
