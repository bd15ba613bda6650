<?php

declare(strict_types=1);

namespace Runel\Job\Multiply;

use Runel\Demonstration\Option;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Message\TooLarge;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** In which order several factors are multiplied: which two first, then one after another as they stand. */
final readonly class MultiplicationPlan
{
    /** The choice's key: its value names two factors by their places, as in 1-3. */
    public const CHOICE = 'first';
    /** A demonstration writes every single product: more than this nobody follows. */
    private const MOST_PRODUCTS = 180;

    /**
     * @param non-empty-list<Stage> $stages
     * @param list<Option>          $options one for each two factors that could come first; none for two factors
     * @param Message               $reason  why these two come first
     */
    private function __construct(public array $stages, public array $options, public Message $reason) {}

    /**
     * @param list<Polynomial> $factors at least two
     * @param string|null      $wanted  the tutor's choice
     *
     * @return self|Refusal a refusal where the work is too large, or the choice names no two factors
     */
    public static function of(array $factors, ?string $wanted = null): self|Refusal
    {
        $orders = self::orders($factors);
        if ($wanted !== null && !isset($orders[$wanted])) {
            return new BadRequest(Message::of('error.choice-value', [
                'key' => self::CHOICE, 'found' => mb_substr($wanted, 0, 40), 'values' => implode(
                    ', ',
                    array_keys($orders),
                ),
            ]));
        }
        try {
            $products = [];
            $work = array_map(static function (array $order) use ($factors, &$products): int {
                return self::workOf($factors, $order, $products);
            }, $orders);
        } catch (TooLarge $refusal) {
            return $refusal;
        }
        $taken = $wanted ?? self::easiest($factors, $orders, $work);
        if ($work[$taken] > self::MOST_PRODUCTS) {
            return new TooLarge(
                Message::of('error.products', ['count' => $work[$taken], 'limit' => self::MOST_PRODUCTS]),
            );
        }
        $options = [];
        foreach (\count($factors) > 2 ? $orders : [] as $name => $order) {
            $options[] = new Option(self::CHOICE, $name, Message::of('product.order-option', [
                'left' => $factors[$order[0]]->toExpression(),
                'right' => $factors[$order[1]]->toExpression(),
                'count' => $work[$name],
            ]), $name === $taken);
        }

        return new self(
            self::stages($factors, $orders[$taken]),
            $options,
            self::reason($factors, $orders, $work, $taken),
        );
    }

    /** @return non-empty-list<Stage> those in which something is multiplied; where only a sign turns, that one */
    public function worked(): array
    {
        return array_values(
            array_filter($this->stages, static fn(Stage $stage): bool => !$stage->pair->onlyTurns()),
        ) ?: $this->stages;
    }

    /** How many single products the stages take altogether. */
    public function work(): int
    {
        return array_sum(array_map(static fn(Stage $stage): int => $stage->pair->work(), $this->stages));
    }

    /**
     * @param list<Polynomial> $factors
     *
     * @return non-empty-array<string, non-empty-list<int>> the places of all factors in working order, by the name of
     *                                                      the choice
     */
    private static function orders(array $factors): array
    {
        $orders = [];
        $places = array_keys($factors);
        foreach ($places as $first) {
            foreach (\array_slice($places, $first + 1) as $second) {
                $rest = array_diff($places, [$first, $second]);
                // A minus in front waits until there is nothing left to multiply.
                usort($rest, static fn(int $one, int $other): int => [Pair::isMinusOne($factors[$one]), $one]
                    <=> [Pair::isMinusOne($factors[$other]), $other]);
                $orders[($first + 1) . '-' . ($second + 1)] = [$first, $second, ...$rest];
            }
        }

        return $orders === [] ? throw new \LogicException('One factor has no order.') : $orders;
    }

    /**
     * The order with the fewest single products; of equals one in which a minus in front waits, then the one that gets
     * most minus signs out of the way first.
     *
     * @param list<Polynomial>                             $factors
     * @param non-empty-array<string, non-empty-list<int>> $orders
     * @param array<string, int>                           $work
     */
    private static function easiest(array $factors, array $orders, array $work): string
    {
        $best = array_key_first($orders);
        $bestCost = null;
        foreach ($orders as $name => $order) {
            $cost = [
                $work[$name],
                Pair::isMinusOne($factors[$order[0]]) || Pair::isMinusOne($factors[$order[1]]),
                -self::minuses($factors[$order[0]]) - self::minuses($factors[$order[1]]),
            ];
            if ($bestCost === null || $cost < $bestCost) {
                $best = $name;
                $bestCost = $cost;
            }
        }

        return $best;
    }

    /**
     * What can truly be said for an order: that it is the shortest, or that it deals with the minus signs first.
     *
     * @param list<Polynomial>                             $factors
     * @param non-empty-array<string, non-empty-list<int>> $orders
     * @param array<string, int>                           $work
     */
    private static function reason(array $factors, array $orders, array $work, string $taken): Message
    {
        $count = $work[$taken];
        $least = min($work === [] ? [0] : $work);
        $most = max($work === [] ? [0] : $work);
        $minuses = array_map(
            static fn(array $order): int => self::minuses($factors[$order[0]]) + self::minuses($factors[$order[1]]),
            $orders,
        );
        $waits = array_filter(
            \array_slice($orders[$taken], 2),
            static fn(int $place): bool => Pair::isMinusOne($factors[$place]),
        ) !== [];
        $minusesFirst = $minuses[$taken] > min($minuses) && $minuses[$taken] === max($minuses);

        return match (true) {
            $count > $least => Message::of('product.order.why-longer', ['count' => $count, 'least' => $least]),
            $waits => Message::of('product.order.why-waits', ['count' => $count]),
            $most > $least => Message::of('product.order.why-shortest', ['count' => $count, 'most' => $most]),
            $minusesFirst => Message::of('product.order.why-minuses', ['count' => $count]),
            default => Message::of('product.order.why-any', ['count' => $count]),
        };
    }

    /**
     * How many single products an order takes altogether. What several orders multiply on their way is multiplied once.
     *
     * @param list<Polynomial>          $factors
     * @param non-empty-list<int>       $order
     * @param array<string, Polynomial> $products by the places multiplied
     */
    private static function workOf(array $factors, array $order, array &$products): int
    {
        $work = 0;
        $done = [$order[0]];
        $reached = $factors[$order[0]];
        foreach (\array_slice($order, 1) as $place) {
            $turns = Pair::isMinusOne($reached) || Pair::isMinusOne($factors[$place]);
            $work += $turns ? 0 : \count($reached->terms) * \count($factors[$place]->terms);
            $done[] = $place;
            sort($done);
            if (\count($done) < \count($order)) {
                $reached = $products[implode(',', $done)] ??= $reached->times($factors[$place]);
            }
        }

        return $work;
    }

    private static function minuses(Polynomial $polynomial): int
    {
        return \count(
            array_filter($polynomial->terms, static fn(Term $term): bool => $term->coefficient->isNegative()),
        );
    }

    /**
     * @param list<Polynomial>    $factors
     * @param non-empty-list<int> $order
     *
     * @return non-empty-list<Stage>
     */
    private static function stages(array $factors, array $order): array
    {
        $ordered = array_map(static fn(int $place): Polynomial => $factors[$place], $order);
        $stages = [];
        $product = $ordered[0];
        foreach (\array_slice($ordered, 1) as $place => $factor) {
            $pair = Pair::of($product, $factor);
            $stages[] = new Stage($place + 1, $pair, \array_slice($ordered, $place + 2), \count($ordered) === 2);
            $product = $pair->product;
        }

        return $stages === [] ? throw new \LogicException('One factor has no stage.') : $stages;
    }
}
