<?php

declare(strict_types=1);

namespace App\Sets;

use Runel\Job\Jobs;
use Runel\Ladder\Chance;
use Runel\Ladder\Ladder;
use Runel\Method\Catalogue;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** A set against a slip: the first rung, of the job at hand if it can be, where the slip lurks. */
final readonly class Against
{
    private const COUNT = 8;

    public function __construct(private Catalogue $catalogue, private Chance $chance) {}

    /** @return array<string, mixed> the query of the set; nothing where the slip lurks on no rung */
    public function pick(Slip $slip, string $job): array
    {
        $own = [];
        $others = [];
        foreach (Jobs::ladders()->all as $ladder) {
            if ($ladder->job() === $job) {
                $own[] = $ladder;
            } else {
                $others[] = $ladder;
            }
        }
        $wishes = Wishes::of(['trap' => $slip->value]);
        foreach ([...$own, ...$others] as $ladder) {
            foreach ($ladder->rungs() as $rung) {
                if ($this->lurks($ladder, $rung->number, $wishes)) {
                    return [
                        'pick' => [(string) Pick::of($ladder->skill(), (string) $rung->number, self::COUNT)],
                        'wish' => $wishes->chosen(),
                    ];
                }
            }
        }

        return [];
    }

    private function lurks(Ladder $ladder, int $rung, Wishes $wishes): bool
    {
        $style = HouseStyle::default();
        // One throw tells: where a slip is warned of, it is warned of in nearly all of them.
        $examples = Maker::make($this->catalogue, $this->chance, $style, Order::of(
            $ladder,
            (string) $rung,
            '1',
            '1',
            Wishes::none(),
        ));
        foreach ($examples[0]->demonstration->steps() as $step) {
            if ($step->watch === $wishes->trap) {
                return true;
            }
        }

        return false;
    }
}
