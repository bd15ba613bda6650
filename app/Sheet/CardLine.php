<?php

declare(strict_types=1);

namespace App\Sheet;

use Runel\Message\Message;

/** A general step of a way, and the steps of an example that do it. */
final readonly class CardLine
{
    /**
     * @param int                 $number from 1
     * @param non-empty-list<int> $steps  from 1
     */
    public function __construct(public int $number, public Message $words, public array $steps) {}
}
