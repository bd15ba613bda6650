<?php

declare(strict_types=1);

namespace App\Ways;

use App\Address\Address;
use App\Board\Board;
use App\Demonstrations\Demonstrations;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Method\Offer;

/** Two boards of one problem, stepping together or each alone. */
final readonly class TwoWays
{
    /**
     * @param list<Offer> $offers every method of the job that fits
     * @param list<Way>   $ways   two
     */
    private function __construct(
        public Address $address,
        public array $offers,
        public array $ways,
        public bool $together,
    ) {}

    /**
     * @param array<array-key, mixed> $query
     *
     * @throws Refusal when the problem cannot be shown in two ways
     */
    public static function of(array $query, Address $address, Demonstrations $demonstrations): self
    {
        $task = $address->task();
        $byJob = [];
        foreach ($demonstrations->offers($task) as $offer) {
            if ($offer->forecast !== null) {
                $byJob[$offer->method->job()][] = $offer;
            }
        }
        // The job asked for where it has two ways, else the first that has: an equation that is solved in one way is
        // factored in several.
        $byJob = array_filter($byJob, static fn(array $offers): bool => \count($offers) > 1);
        $job = $address->reference->job !== null && isset(
            $byJob[$address->reference->job],
        ) ? $address->reference->job : array_key_first($byJob);
        $offers = $byJob[$job ?? ''] ?? throw new MethodDoesNotApply(Message::of('error.one-way-only'));
        $ids = array_map(static fn(Offer $offer): string => $offer->method->id(), $offers);
        $left = self::chosen($query, 'left', $ids) ?? $ids[0];
        $right = self::chosen($query, 'right', array_values(
            array_diff($ids, [$left]),
        )) ?? array_values(array_diff($ids, [$left]))[0];
        $together = ($query['alone'] ?? null) === null;
        $ways = [];
        foreach (['left' => $left, 'right' => $right] as $side => $method) {
            $demonstration = $demonstrations->of($task, $job, $method);
            $step = $query[$side . 'step'] ?? null;
            $ways[] = new Way($side, Board::at($demonstration, $address->at(\is_string($step) ? $step : '1')));
        }

        return new self($address, $offers, $ways, $together);
    }

    /**
     * The address with one or both sides at another stop, or by another method.
     *
     * @param array<string, string|int|null> $changes
     */
    public function to(array $changes): string
    {
        [$left, $right] = $this->ways;

        return $this->address->to('two-ways', $changes + [
            'method' => null, 'step' => null,
            'left' => $left->method(), 'right' => $right->method(),
            'leftstep' => $left->board->current, 'rightstep' => $right->board->current,
            'alone' => $this->together ? null : 1,
        ]);
    }

    /** Both sides moved by some stops, each within its own bounds. */
    public function moved(int $by): string
    {
        [$left, $right] = $this->ways;

        return $this->to(['leftstep' => $left->reach($by), 'rightstep' => $right->reach($by)]);
    }

    /** Both sides at their ends or starts. */
    public function at(string $place): string
    {
        return $this->to(['leftstep' => $place, 'rightstep' => $place]);
    }

    /**
     * @param array<array-key, mixed> $query
     * @param list<string>            $ids
     */
    private static function chosen(array $query, string $key, array $ids): ?string
    {
        $value = $query[$key] ?? null;

        return \is_string($value) && \in_array($value, $ids, true) ? $value : null;
    }
}
