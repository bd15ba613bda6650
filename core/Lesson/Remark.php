<?php

declare(strict_types=1);

namespace Runel\Lesson;

use Runel\Message\Message;

/** What a plan says of itself, and at which item. */
final readonly class Remark
{
    /** @param int|null $item its number, from 1; null where it is about the whole */
    public function __construct(public ?int $item, public Message $message) {}
}
