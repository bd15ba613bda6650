<?php

declare(strict_types=1);

namespace Runel\Method\Multiply;

use Runel\Demonstration\Option;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;

/** In which order several factors are multiplied: which two first, then one after another as they stand. */
final readonly class Plan
{
    /** The option's key: its value names two factors by their places, as in 1-3. */
    public const CHOICE = 'first';

    /**
     * @param list<Stage>  $stages
     * @param list<Option> $options one for each two factors that could come first; none for two factors
     */
    private function __construct(public array $stages, public array $options) {}

    /**
     * @param list<Polynomial>      $factors at least two
     * @param array<string, string> $choices the tutor's, by the option's key
     */
    public static function of(array $factors, array $choices = []): self
    {
        $orders = self::orders($factors);
        $wanted = $choices[self::CHOICE] ?? '';
        $taken = isset($orders[$wanted]) ? $wanted : self::easiest($factors, $orders);
        $options = [];
        if (\count($factors) > 2) {
            foreach ($orders as $name => $order) {
                $options[] = new Option(self::CHOICE, $name, Message::of('product.order-option', [
                    'left' => $factors[$order[0]]->toExpression(),
                    'right' => $factors[$order[1]]->toExpression(),
                    'count' => self::workOf($factors, $order),
                ]), $name === $taken);
            }
        }

        return new self(self::stages($factors, $orders[$taken]), $options);
    }

    /** How many single products the stages take altogether. */
    public function work(): int
    {
        return array_sum(array_map(static fn(Stage $stage): int => $stage->pair->work(), $this->stages));
    }

    /**
     * @param list<Polynomial> $factors
     *
     * @return non-empty-array<string, list<int>> the places of all factors in working order, by the name of the choice
     */
    private static function orders(array $factors): array
    {
        $orders = [];
        $places = array_keys($factors);
        foreach ($places as $first) {
            foreach (\array_slice($places, $first + 1) as $second) {
                $orders[($first + 1) . '-' . ($second + 1)] = [$first, $second, ...array_values(array_diff($places, [$first, $second]))];
            }
        }
        \assert($orders !== []);

        return $orders;
    }

    /**
     * The order with the fewest single products; of equals the one that gets most minus signs out of the way first.
     *
     * @param list<Polynomial>                   $factors
     * @param non-empty-array<string, list<int>> $orders
     */
    private static function easiest(array $factors, array $orders): string
    {
        $best = array_key_first($orders);
        $bestCost = null;
        foreach ($orders as $name => $order) {
            $cost = [self::workOf($factors, $order), -self::minuses($factors[$order[0]]) - self::minuses($factors[$order[1]])];
            if ($bestCost === null || $cost < $bestCost) {
                $best = $name;
                $bestCost = $cost;
            }
        }

        return $best;
    }

    /**
     * How many single products an order takes altogether.
     *
     * @param list<Polynomial> $factors
     * @param list<int>        $order
     */
    private static function workOf(array $factors, array $order): int
    {
        $work = 0;
        foreach (self::stages($factors, $order) as $stage) {
            $work += $stage->pair->work();
        }

        return $work;
    }

    private static function minuses(Polynomial $polynomial): int
    {
        return \count(array_filter($polynomial->terms, static fn($term): bool => $term->coefficient->isNegative()));
    }

    /**
     * @param list<Polynomial> $factors
     * @param list<int>        $order
     *
     * @return list<Stage>
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

        return $stages;
    }
}
