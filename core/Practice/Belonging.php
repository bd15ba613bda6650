<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Demonstration\Demonstration;

/** Where a problem that was not made to order belongs: read off its demonstration. */
final readonly class Belonging
{
    /**
     * @param Skill|null       $skill  null, as the rung, where it fits no rung exactly
     * @param list<Difficulty> $traits what it has, as the ladder that finds the fewest of them sees it
     */
    private function __construct(public ?Skill $skill, public ?Rung $rung, public array $traits) {}

    public static function of(Demonstration $demonstration): self
    {
        $seen = new Seen($demonstration);
        $traits = [];
        foreach (Ladders::all() as $ladder) {
            if ($ladder->job() !== $demonstration->job) {
                continue;
            }
            foreach ($ladder->rungs() as $rung) {
                if ($ladder->fits($rung, $seen)) {
                    return new self($ladder->skill(), $rung, $rung->traits);
                }
            }
            $own = $ladder->traits($seen);
            $traits = $traits === [] || \count($own) < \count($traits) ? $own : $traits;
        }

        return new self(null, null, $traits);
    }
}
