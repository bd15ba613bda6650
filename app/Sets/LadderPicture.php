<?php

declare(strict_types=1);

namespace App\Sets;

use Runel\Job\Jobs;
use Runel\Ladder\Chance;
use Runel\Ladder\Ladder;
use Runel\Method\Catalogue;
use Runel\Practice\Made;
use Runel\Practice\Maker;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** A ladder to be looked at: an example on each rung, always the same one. */
final readonly class LadderPicture
{
    /**
     * @param non-empty-list<Made> $examples one a rung, from the simplest up
     * @param list<string>         $methods  the ids of those its problems can be worked by
     * @param list<Slip>           $slips    those that are made in its job
     */
    private function __construct(
        public Ladder $ladder,
        public array $examples,
        public array $methods,
        public array $slips,
    ) {}

    public static function of(Ladder $ladder, Catalogue $catalogue, Chance $chance, HouseStyle $style): self
    {
        $examples = Maker::examples($catalogue, $chance, $style, $ladder);
        $methods = [];
        foreach ($catalogue->families->of($ladder->job())->methods() as $method) {
            if ($method->refusal($examples[0]->demonstration->task) === null) {
                $methods[] = $method->id();
            }
        }

        $slips = [];
        foreach ($catalogue->families->of($ladder->job())->rules() as $rule) {
            $slips[$rule->slip()->value] = $rule->slip();
        }

        return new self($ladder, $examples, $methods, array_values($slips));
    }

    /** @return array<string, list<string>> all skills, by their job */
    public static function skills(): array
    {
        $skills = [];
        foreach (Jobs::ladders()->all as $ladder) {
            $skills[$ladder->job()][] = $ladder->skill();
        }

        return $skills;
    }
}
