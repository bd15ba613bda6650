<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Demonstration\Demonstration;
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
        $seen = new Seen($demonstration);
        $nearest = new self(null, null, [], false);
        $least = \PHP_INT_MAX;
        foreach (Ladders::all() as $ladder) {
            if ($ladder->job() !== $demonstration->job || !self::isFor($ladder, $demonstration, $catalogue)) {
                continue;
            }
            $traits = $ladder->traits($seen);
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

    private static function isFor(Ladder $ladder, Demonstration $demonstration, Catalogue $catalogue): bool
    {
        foreach ($catalogue->ofJob($ladder->job()) as $method) {
            if ($method->id() === $ladder->method()) {
                return $method->refusal($demonstration->task) === null;
            }
        }

        return false;
    }

    /**
     * How many difficulties are in one of them only.
     *
     * @param list<Difficulty> $one
     * @param list<Difficulty> $other
     */
    private static function apart(array $one, array $other): int
    {
        $missing = static fn(array $from, array $in): int => \count(array_filter(
            $from,
            static fn(Difficulty $trait): bool => !\in_array($trait, $in, true),
        ));

        return $missing($one, $other) + $missing($other, $one);
    }
}
