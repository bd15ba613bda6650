<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Demonstration\Demonstration;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;

/** Where a problem that was not made to order belongs: read off its demonstration. */
final readonly class Belonging
{
    /**
     * @param Skill|null       $skill  whose rung is nearest; null where no ladder is for its job
     * @param Rung|null        $rung   the nearest one whose own difficulty it has
     * @param list<Difficulty> $traits what it has, as that ladder sees it
     * @param bool             $exact  whether it has what the rung asks for, and nothing else
     */
    private function __construct(
        public ?Skill $skill,
        public ?Rung $rung,
        public array $traits,
        public bool $exact,
    ) {}

    /** Only a ladder whose own method would do is for a problem. */
    public static function of(Demonstration $demonstration, Catalogue $catalogue): self
    {
        $nearest = new self(null, null, [], false);
        $least = \PHP_INT_MAX;
        foreach (Ladders::all() as $ladder) {
            $own = $ladder->job() === $demonstration->job ? self::own($ladder, $demonstration, $catalogue) : null;
            if ($own === null) {
                continue;
            }
            $traits = $ladder->traits(new Seen($own));
            foreach ($ladder->rungs() as $rung) {
                $apart = self::apart($rung->traits, $traits);
                $hasIts = $rung->adds === null || \in_array($rung->adds, $traits, true);
                if ($hasIts && $apart < $least) {
                    $least = $apart;
                    $nearest = new self($ladder->skill(), $rung, $traits, $apart === 0);
                }
            }
        }

        return $nearest;
    }

    /** By the ladder's own method, from which its difficulties are read; null where that would not do. */
    private static function own(Ladder $ladder, Demonstration $demonstration, Catalogue $catalogue): ?Demonstration
    {
        if ($demonstration->method === $ladder->method()) {
            return $demonstration;
        }
        try {
            return $catalogue->demonstrate($demonstration->task, $ladder->job()->value, $ladder->method());
        } catch (Refusal) {
            return null;
        }
    }

    /**
     * How many difficulties are in one of them only.
     *
     * @param list<Difficulty> $one
     * @param list<Difficulty> $other
     */
    private static function apart(array $one, array $other): int
    {
        $names = static fn(Difficulty $trait): string => $trait->value;
        [$one, $other] = [array_map($names, $one), array_map($names, $other)];

        return \count(array_diff($one, $other)) + \count(array_diff($other, $one));
    }
}
