<?php

declare(strict_types=1);

namespace App\Kept;

use Runel\Message\BadRequest;
use Runel\Message\Message;

/** A name somebody gives to what is kept. */
final class Named
{
    /** In signs. */
    public const LONGEST = 80;

    /**
     * On one line, without what cannot be seen.
     *
     * @throws BadRequest when there is none, or it is too long
     */
    public static function of(mixed $given): string
    {
        $name = \is_string($given)
            ? trim((string) preg_replace('/[\s\p{C}]+/u', ' ', mb_scrub($given)))
            : '';
        if ($name === '') {
            throw new BadRequest(Message::of('kept.no-name'));
        }
        if (mb_strlen($name) > self::LONGEST) {
            throw new BadRequest(Message::of('kept.long-name', [
                'length' => mb_strlen($name),
                'most' => self::LONGEST,
            ]));
        }

        return $name;
    }
}
