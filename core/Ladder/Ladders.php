<?php

declare(strict_types=1);

namespace Runel\Ladder;

use Runel\Message\BadRequest;
use Runel\Message\Message;

/** Every skill's ladder. */
final readonly class Ladders
{
    /** @param list<Ladder> $all in the order in which they are taught */
    public function __construct(public array $all) {}

    /** @param string $skill a skill's id */
    public function find(string $skill): ?Ladder
    {
        foreach ($this->all as $ladder) {
            if ($ladder->skill() === $skill) {
                return $ladder;
            }
        }

        return null;
    }

    /** @throws BadRequest when there is no such skill */
    public function of(string $skill): Ladder
    {
        return $this->find($skill) ?? throw new BadRequest(Message::of('practice.no-such-skill', [
            'found' => mb_substr($skill, 0, 40),
        ]));
    }
}
