<?php

declare(strict_types=1);

namespace App\Sets;

use App\Demonstrations\Demonstrations;
use Runel\Demonstration\Task;
use Runel\Ladder\Chance;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Practice\Belonging;
use Runel\Practice\Maker;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** A set of problems, in its order. */
final readonly class ProblemSet
{
    /** What the seed of the second version is more than that of the first. */
    private const OTHER_VERSION = 500_000_000;

    /** @param list<SetItem> $items */
    private function __construct(public SetQuery $query, public array $items, public string $name) {}

    /** @throws Refusal when what is wished for is unknown, or there is no such problem */
    public static function made(
        SetQuery $query,
        HouseStyle $style,
        Catalogue $catalogue,
        Chance $chance,
        Demonstrations $demonstrations,
    ): self {
        $wishes = Wishes::of($query->wishes);
        $items = [];
        $count = 0;
        foreach ($query->picks as $number => $pick) {
            $order = $pick->order(self::seed($query), $wishes, self::again($query, "$number"), $query->defaults);
            $count += $order->count;
            if ($count > Order::MOST) {
                throw new BadRequest(Message::of('practice.count', ['found' => $count, 'most' => Order::MOST]));
            }
            foreach (Maker::make($catalogue, $chance, $style, $order) as $place => $made) {
                $items["$number-$place"] = SetItem::made("$number-$place", $made);
            }
        }
        foreach ($query->own as $place => $typed) {
            $items["o-$place"] = self::own("o-$place", $typed, $style, $catalogue, $demonstrations);
        }

        return new self($query, self::ordered($query, $items), '');
    }

    /** @param list<array{problem: string, job: string|null, method: string|null}> $tasks */
    public static function kept(
        SetQuery $query,
        string $name,
        array $tasks,
        HouseStyle $style,
        Catalogue $catalogue,
        Demonstrations $demonstrations,
    ): self {
        $items = [];
        foreach ($tasks as $place => $task) {
            $items["k-$place"] = self::own(
                "k-$place",
                $task['problem'],
                $style,
                $catalogue,
                $demonstrations,
                $task['job'],
                $task['method'],
            );
        }

        return new self($query, self::ordered($query, $items), $name);
    }

    /** Another throw of one problem in its place. */
    public function another(SetItem $item): string
    {
        return $this->to(['again' => [$item->key => ($this->query->again[$item->key] ?? 0) + 1] + $this->query->again]);
    }

    /** What was taken out last is put back; null where nothing was. */
    public function restored(): ?string
    {
        return $this->query->drop === [] ? null : $this->to(['drop' => \array_slice($this->query->drop, 0, -1)]);
    }

    public function without(SetItem $item): string
    {
        return $this->to(['drop' => [...$this->query->drop, $item->key]]);
    }

    /** A problem moved by one place; null where it stands at that end already. */
    public function moved(SetItem $item, int $by): ?string
    {
        $keys = array_map(static fn(SetItem $other): string => $other->key, $this->items);
        $place = (int) array_search($item->key, $keys, true);
        if (!isset($keys[$place + $by])) {
            return null;
        }
        [$keys[$place], $keys[$place + $by]] = [$keys[$place + $by], $keys[$place]];

        return $this->to(['order' => implode(',', $keys)]);
    }

    /**
     * A room with this set in its query.
     *
     * @param array<string, mixed>  $changes
     * @param array<string, string> $parts   what the route's own path wants
     */
    public function to(array $changes = [], string $room = 'sets', array $parts = []): string
    {
        return route($room, $parts, false) . '?' . http_build_query(
            $this->query->parts($changes),
            '',
            '&',
            \PHP_QUERY_RFC3986,
        );
    }

    private static function seed(SetQuery $query): string
    {
        $isNumber = preg_match('/^\d{1,9}$/', $query->seed) === 1;

        return $query->version === 'b' && $isNumber
            ? (string) (((int) $query->seed + self::OTHER_VERSION) % 1_000_000_000)
            : $query->seed;
    }

    /** @return array<int, int> */
    private static function again(SetQuery $query, string $pick): array
    {
        $again = [];
        foreach ($query->again as $key => $turn) {
            [$own, $place] = explode('-', (string) $key, 2) + [1 => ''];
            if ($own === $pick && ctype_digit($place) && \strlen($place) < 4) {
                $again[(int) $place] = $turn;
            }
        }

        return $again;
    }

    private static function own(
        string $key,
        string $typed,
        HouseStyle $style,
        Catalogue $catalogue,
        Demonstrations $demonstrations,
        ?string $job = null,
        ?string $method = null,
    ): SetItem {
        try {
            $demonstration = $demonstrations->of(new Task(Problem::read($typed), $style), $job, $method);
        } catch (Refusal $refusal) {
            return SetItem::refused($key, $typed, $refusal);
        }
        $belongs = Belonging::of($demonstration, $catalogue);

        return SetItem::own(
            $key,
            $demonstration,
            $belongs->exact ? $belongs->ladder?->skill() : null,
            $belongs->exact ? $belongs->rung : null,
            $belongs->traits,
        );
    }

    /**
     * @param array<string, SetItem> $items by key
     *
     * @return list<SetItem>
     */
    private static function ordered(SetQuery $query, array $items): array
    {
        $items = array_diff_key($items, array_flip($query->drop));
        $first = array_intersect_key(array_flip($query->order), $items);

        return [
            ...array_map(static fn(string $key): SetItem => $items[$key], array_map(strval(...), array_keys($first))),
            ...array_values(array_diff_key($items, $first)),
        ];
    }
}
