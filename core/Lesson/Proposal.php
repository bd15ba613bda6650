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
    /** More turns than these on one rung are no lesson any more. */
    private const MOST_TURNS = 24;

    public function __construct(private Catalogue $catalogue, private Chance $chance) {}

    /**
     * @param int  $minutes the time there is
     * @param bool $fills   whether what time is left is filled with further turns; lessons of before left it empty
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
        bool $fills = true,
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
        if ($fills) {
            $practice = array_pop($needed);
            $usual = self::turn($tried, $pace)->seconds;
            $further = $this->further($ladder, $rung, $left, $usual, $seed, $pace, $style);
            $needed = self::fitted([...$needed, ...$further, $practice], $minutes * 60);
        }

        return new Plan(array_values($needed), $minutes, $surface);
    }

    /**
     * Further turns, on the rung and on the next one by turns, as many as there is time for.
     *
     * @param int $left  seconds
     * @param int $usual what a turn on this rung takes, in seconds
     *
     * @return list<Item>
     */
    private function further(
        Ladder $ladder,
        int $rung,
        int $left,
        int $usual,
        string $seed,
        Pace $pace,
        HouseStyle $style,
    ): array {
        $most = min(self::MOST_TURNS, intdiv(max(0, $left), $usual));
        $own = $this->beyond($ladder, $rung, 5, $most, $seed, $style);
        $next = $rung < \count($ladder->rungs())
            ? $this->beyond($ladder, $rung + 1, 2, intdiv($most, 2), $seed, $style)
            : [];
        $turns = [];
        foreach ($own as $place => $made) {
            foreach ([$made, ...(isset($next[$place]) ? [$next[$place]] : [])] as $one) {
                $turn = self::turn($one, $pace);
                if ($turn->seconds <= $left && \count($turns) < self::MOST_TURNS) {
                    $turns[] = $turn;
                    $left -= $turn->seconds;
                }
            }
        }

        return $turns;
    }

    /**
     * What is over is given to the last turn: a learner is glad of it.
     *
     * @param non-empty-array<Item> $items
     *
     * @return non-empty-list<Item>
     */
    private static function fitted(array $items, int $seconds): array
    {
        $items = array_values($items);
        $left = $seconds - array_sum(array_map(static fn(Item $item): int => $item->seconds, $items));
        for ($place = \count($items) - 1; $place >= 0 && $left > 0; --$place) {
            if ($items[$place]->kind() === ItemKind::YourTurn) {
                $items[$place] = $items[$place]->lasting($items[$place]->seconds + $left);
                $left = 0;
            }
        }

        return array_values($items);
    }

    private static function example(Made $made, Pace $pace): Item
    {
        return Item::demonstration($made->demonstration, $made->rung->traits, $pace);
    }

    private static function turn(Made $made, Pace $pace): Item
    {
        return Item::yourTurn($made->demonstration, $pace);
    }

    /** @return list<Made> so many more than are known already, or as many as the rung has */
    private function beyond(
        Ladder $ladder,
        int $rung,
        int $known,
        int $most,
        string $seed,
        HouseStyle $style,
    ): array {
        for (; $most > 0; $most = intdiv($most, 2)) {
            try {
                return \array_slice($this->problems($ladder, $rung, $known + $most, $seed, $style), $known);
            } catch (BadRequest) {
                continue;
            }
        }

        return [];
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
