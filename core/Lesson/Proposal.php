<?php

declare(strict_types=1);

namespace Runel\Lesson;

use Runel\Demonstration\Step;
use Runel\Ladder\Chance;
use Runel\Ladder\Ladder;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Method\Catalogue;
use Runel\Practice\Made;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/**
 * A whole lesson for one rung of a skill in the time there is: a worked example without the new difficulty, one with
 * it, the learner's turn, another way, the usual slip, further turns, the next rung, practice. What there is no time
 * for is left out, the least needed first.
 */
final readonly class Proposal
{
    private const SHORTEST = 10;
    private const LONGEST = 180;
    private const PRACTICE = 8;

    public function __construct(private Catalogue $catalogue, private Chance $chance) {}

    /**
     * @param int $minutes the time there is
     *
     * @throws BadRequest when the rung is none of the skill's, or the time is no lesson's
     */
    public function plan(
        Ladder $ladder,
        int $rung,
        int $minutes,
        Surface $surface,
        string $seed,
        Pace $pace,
        HouseStyle $style,
    ): Plan {
        if ($minutes < self::SHORTEST || $minutes > self::LONGEST) {
            throw new BadRequest(Message::of('lesson.minutes', [
                'least' => self::SHORTEST,
                'most' => self::LONGEST,
            ]));
        }
        $before = max(1, $rung - 1);
        [$simple] = $this->problems($ladder, $before, 1, $seed, $style);
        $new = $this->problems($ladder, $rung, 5, $seed, $style);
        [$shown, $tried, $again, $last] = [$new[0], $new[1] ?? $new[0], $new[2] ?? $new[0], $new[3] ?? $new[0]];
        $slip = self::slip($shown, $rung > 1 ? $simple : null);
        $harder = $rung < \count($ladder->rungs())
            ? $this->problems($ladder, $rung + 1, 2, $seed, $style)
            : [];
        $needed = [
            0 => Item::goal($shown->rung, $shown->demonstration, $pace),
            2 => self::example($shown, $pace),
            3 => self::turn($tried, $pace),
            10 => Item::set(self::PRACTICE, $pace),
        ];
        $welcome = array_filter([
            1 => $rung > 1 ? self::example($simple, $pace) : null,
            5 => $slip === null ? null : Item::warning($shown->demonstration, $slip, $pace),
            6 => self::turn($again, $pace),
            4 => $this->hasOtherWay($shown) ? Item::twoWays($shown->demonstration, $pace) : null,
            7 => self::turn($last, $pace),
            8 => isset($harder[0]) ? self::example($harder[0], $pace) : null,
            9 => isset($harder[1]) ? self::turn($harder[1], $pace) : null,
        ]);
        $left = $minutes * 60 - array_sum(array_map(static fn(Item $item): int => $item->seconds, $needed));
        foreach ($welcome as $place => $item) {
            if ($item->seconds <= $left) {
                $needed[$place] = $item;
                $left -= $item->seconds;
            }
        }
        ksort($needed);

        return new Plan(array_values($needed), $minutes, $surface);
    }

    private static function example(Made $made, Pace $pace): Item
    {
        return Item::demonstration($made->demonstration, $made->rung->traits, $pace);
    }

    private static function turn(Made $made, Pace $pace): Item
    {
        return Item::yourTurn($made->demonstration, $pace);
    }

    /** @return non-empty-list<Made> */
    private function problems(Ladder $ladder, int $rung, int $count, string $seed, HouseStyle $style): array
    {
        return Maker::make($this->catalogue, $this->chance, $style, Order::of(
            $ladder,
            (string) $rung,
            (string) $count,
            $seed,
            Wishes::none(),
        ));
    }

    /** The slip that the new difficulty brings: one the simpler example does not warn of, else its last one. */
    private static function slip(Made $made, ?Made $simpler): ?Slip
    {
        $slips = self::slips($made);
        $known = $simpler === null ? [] : self::slips($simpler);
        $new = array_values(array_filter($slips, static fn(Slip $slip): bool => !\in_array($slip, $known, true)));

        return $new[0] ?? $slips[\count($slips) - 1] ?? null;
    }

    /** @return list<Slip> those a demonstration warns of */
    private static function slips(Made $made): array
    {
        return array_values(array_filter(array_map(
            static fn(Step $step): ?Slip => $step->watch,
            $made->demonstration->steps(),
        )));
    }

    private function hasOtherWay(Made $made): bool
    {
        $task = $made->demonstration->task;
        foreach ($this->catalogue->families->of($made->ladder->job())->methods() as $method) {
            if ($method->id() !== $made->demonstration->method && $method->refusal($task) === null) {
                return true;
            }
        }

        return false;
    }
}
