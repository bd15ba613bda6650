<?php

declare(strict_types=1);

namespace App\Address;

use Runel\Demonstration\Task;
use Runel\Demonstration\TaskReference;
use Runel\Message\Refusal;
use Runel\Style\HouseStyle;

/** A place in a demonstration as the address bar holds it: everything a page is made from. */
final readonly class Address
{
    /** In an address: the house style and the standing choices stand here completely, with the defaults' number. */
    public const COMPLETE = 'house';

    /** @var array<string, string|null> the parts of the query that are carried on */
    private array $query;

    /**
     * @param string   $step  a number from 1, "first" or "last"
     * @param int|null $until the step at which a lesson leaves the demonstration; null for its end
     */
    private function __construct(
        public TaskReference $reference,
        public string $step,
        public bool $ask,
        public bool $present,
        public bool $reveal,
        public ?string $answer,
        public ?string $pair,
        public ?string $lesson,
        public ?int $until = null,
    ) {
        $this->query = [
            'problem' => $reference->problem,
            'job' => $reference->job,
            'method' => $reference->method,
            'step' => $step,
            'ask' => $ask ? '1' : null,
            'present' => $present ? '1' : null,
            'lesson' => $lesson,
            'until' => $until === null ? null : (string) $until,
            self::COMPLETE => (string) HouseStyle::DEFAULTS,
        ] + $reference->choices + $reference->style->chosen();
    }

    /**
     * @param array<array-key, mixed> $query
     * @param array<string, string>   $choices the tutor's, standing and for this demonstration
     */
    public static function of(array $query, HouseStyle $style, array $choices): self
    {
        $text = static function (string $key) use ($query): ?string {
            $value = $query[$key] ?? null;

            return \is_string($value) && $value !== '' ? $value : null;
        };

        return new self(
            new TaskReference($text('problem') ?? '', $text('job'), $text('method'), $style, $choices),
            $text('step') ?? 'first',
            $text('ask') !== null,
            $text('present') !== null,
            $text('reveal') !== null,
            $text('answer'),
            $text('pair'),
            preg_match('/^[a-z0-9.-]{1,80}$/', $text('lesson') ?? '') === 1 ? $text('lesson') : null,
            preg_match('/^[1-9]\d{0,2}$/', $text('until') ?? '') === 1 ? (int) $text('until') : null,
        );
    }

    /** The start of a task. */
    public static function for(TaskReference $reference): self
    {
        $standing = !$reference->isReadOtherwise() ? $reference : new TaskReference(
            (string) $reference->read,
            $reference->job,
            $reference->method,
            $reference->style,
            $reference->choices,
        );

        return new self($standing, '1', false, false, false, null, null, null);
    }

    /** The same at another step, nothing asked. */
    public function at(string $step): self
    {
        return $this->moved($step, false);
    }

    /** The same place with its question asked first. */
    public function asking(): self
    {
        return $this->moved($this->step, true);
    }

    /** The start of another problem in the same style, nothing chosen. */
    public function about(string $problem): self
    {
        return self::for(new TaskReference($problem, null, null, $this->reference->style, $this->reference->choices));
    }

    public function style(): HouseStyle
    {
        return $this->reference->style;
    }

    public function problem(): string
    {
        return $this->reference->problem;
    }

    /** @throws Refusal when the problem cannot be read */
    public function task(): Task
    {
        return $this->reference->task();
    }

    /**
     * A room with this place in its query.
     *
     * @param string                         $room    a route's name
     * @param array<string, string|int|null> $changes null takes a part out
     * @param array<string, string>          $parts   what the route's own path wants
     */
    public function to(string $room, array $changes = [], array $parts = []): string
    {
        return ($parts === [] ? Paths::of($room) : route($room, $parts, false)) . '?' . http_build_query(
            $this->query($changes),
            '',
            '&',
            \PHP_QUERY_RFC3986,
        );
    }

    /**
     * The parts of the query; an answer and a reveal belong to one moment and are not carried on.
     *
     * @param array<string, string|int|null> $changes null takes a part out
     *
     * @return array<string, string|int>
     */
    public function query(array $changes = []): array
    {
        return array_filter($changes + $this->query, static fn(string|int|null $value): bool => $value !== null);
    }

    /**
     * What has to go along to come back to this place.
     *
     * @return array<string, string>
     */
    public function place(): array
    {
        return array_filter([
            'problem' => $this->problem(), 'job' => (string) $this->reference->job,
            'method' => (string) $this->reference->method,
            'step' => $this->step === 'first' ? '' : $this->step,
        ], static fn(string $value): bool => $value !== '');
    }

    private function moved(string $step, bool $ask): self
    {
        return new self(
            $this->reference,
            $step,
            $ask,
            $this->present,
            false,
            null,
            null,
            $this->lesson,
            $this->until,
        );
    }
}
