<?php

declare(strict_types=1);

namespace Runel\Practice;

use Runel\Demonstration\Demonstration;
use Runel\Ladder\Difficulty;
use Runel\Ladder\Ladder;
use Runel\Ladder\Rung;
use Runel\Ladder\Seen;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;

/** Where a problem that was not made to order belongs: read off its demonstration. */
final readonly class Belonging
{
    /**
     * @param Ladder|null      $ladder whose rung is nearest; null where none is for its job
     * @param Rung|null        $rung   the lowest one that has all its difficulties
     * @param list<Difficulty> $traits what it has, as that ladder sees it
     * @param bool             $exact  whether it has what the rung asks for, and nothing else
     */
    private function __construct(
        public ?Ladder $ladder,
        public ?Rung $rung,
        public array $traits,
        public bool $exact,
    ) {}

    /**
     * The lowest rung that has all its difficulties and whose own is among them. A problem with one that no rung has is
     * of no ladder; so is an equation that is solved by another road than the ladder's.
     *
     * @param Demonstration $demonstration by the road that was taken
     */
    public static function of(Demonstration $demonstration, Catalogue $catalogue): self
    {
        $nearest = new self(null, null, [], false);
        $least = \PHP_INT_MAX;
        foreach ($catalogue->families->ladders()->all as $ladder) {
            $own = $ladder->job() === $demonstration->job ? self::own($ladder, $demonstration, $catalogue) : null;
            if ($own === null) {
                continue;
            }
            $traits = $ladder->traits(new Seen($own));
            foreach ($ladder->rungs() as $rung) {
                [$lacking, $beyond] = self::apart($rung->traits, $traits);
                $hasIts = $rung->adds === null || \in_array($rung->adds, $traits, true);
                if ($hasIts && $beyond === 0 && $lacking < $least) {
                    $least = $lacking;
                    $nearest = new self($ladder, $rung, $traits, $lacking === 0);
                }
            }
        }

        return $nearest;
    }

    /** By the ladder's own method, from which its difficulties are read; null where that would not do. */
    private static function own(Ladder $ladder, Demonstration $demonstration, Catalogue $catalogue): ?Demonstration
    {
        // Of an equation the road is what is practised; of expressions it is only another way of writing.
        $isRoad = $catalogue->families->of($ladder->job())->seeksSolutions($demonstration->task->problem);
        if ($demonstration->method === $ladder->method() || $isRoad) {
            return $demonstration->method === $ladder->method() ? $demonstration : null;
        }
        try {
            return $catalogue->demonstrate($demonstration->task, $ladder->job(), $ladder->method());
        } catch (Refusal) {
            return null;
        }
    }

    /**
     * How many difficulties are in the one only, and in the other only.
     *
     * @param list<Difficulty> $one
     * @param list<Difficulty> $other
     *
     * @return array{int, int}
     */
    private static function apart(array $one, array $other): array
    {
        $names = static fn(Difficulty $trait): string => $trait->value;
        [$one, $other] = [array_map($names, $one), array_map($names, $other)];

        return [\count(array_diff($one, $other)), \count(array_diff($other, $one))];
    }
}
