<?php

declare(strict_types=1);

namespace App\Sets;

use Runel\Ladder\Chance;
use Runel\Ladder\Ladder;
use Runel\Ladder\Skill;
use Runel\Method\Catalogue;
use Runel\Practice\Ladders;
use Runel\Practice\Made;
use Runel\Practice\Maker;
use Runel\Style\HouseStyle;

/** A ladder to be looked at: an example on each rung, always the same one. */
final readonly class LadderPicture
{
    /**
     * @param non-empty-list<Made> $examples one a rung, from the simplest up
     * @param list<string>         $methods  the ids of those its problems can be worked by
     */
    private function __construct(public Ladder $ladder, public array $examples, public array $methods) {}

    public static function of(Skill $skill, Catalogue $catalogue, Chance $chance, HouseStyle $style): self
    {
        $ladder = Ladders::of($skill);
        $examples = Maker::examples($catalogue, $chance, $style, $skill);
        $methods = [];
        foreach ($catalogue->ofJob($ladder->job()) as $method) {
            if ($method->refusal($examples[0]->demonstration->task) === null) {
                $methods[] = $method->id();
            }
        }

        return new self($ladder, $examples, $methods);
    }

    /** @return array<string, list<Skill>> all skills, by their job */
    public static function skills(): array
    {
        $skills = [];
        foreach (Ladders::all() as $ladder) {
            $skills[$ladder->job()->value][] = $ladder->skill();
        }

        return $skills;
    }
}
