<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** A task as it is kept and sent: in an address, on the shelf, over the contract. */
final readonly class TaskReference
{
    /**
     * @param string                $problem as typed
     * @param string|null           $job     a job's id
     * @param string|null           $method  a method's id within its job
     * @param array<string, string> $choices by the choice's key
     * @param string|null           $read    what it was read as when it was kept, in ASCII; null where nobody said
     * @param list<string>          $page    lines of work on it with one slip to be found, as typed; none: it is worked
     */
    public function __construct(
        public string $problem,
        public ?string $job,
        public ?string $method,
        public HouseStyle $style,
        public array $choices = [],
        public ?string $read = null,
        public array $page = [],
    ) {}

    /**
     * @param array<array-key, mixed> $values problem, job, method, style (a map), choices (a map), read, page (a list)
     *
     * @throws BadRequest when a value is not of its kind, or a key is unknown
     */
    public static function fromArray(array $values): self
    {
        $known = ['problem' => 1, 'job' => 1, 'method' => 1, 'style' => 1, 'choices' => 1, 'read' => 1, 'page' => 1];
        $unknown = array_key_first(array_diff_key($values, $known));
        if ($unknown !== null) {
            throw new BadRequest(Message::of('error.unknown-key', ['found' => mb_substr((string) $unknown, 0, 40)]));
        }
        $choices = [];
        foreach (self::map($values, 'choices') as $key => $value) {
            $choices[(string) $key] = \is_string($value) ? $value : throw new BadRequest(
                Message::of('error.not-string', ['key' => (string) $key]),
            );
        }

        return new self(
            self::text($values, 'problem') ?? throw new BadRequest(Message::of('error.no-problem')),
            self::text($values, 'job'),
            self::text($values, 'method'),
            HouseStyle::of(self::map($values, 'style')),
            $choices,
            self::text($values, 'read'),
            array_map(
                static fn(mixed $line): string => \is_string($line) ? $line : throw new BadRequest(
                    Message::of('error.not-string', ['key' => 'page']),
                ),
                array_values(self::map($values, 'page')),
            ),
        );
    }

    /**
     * @return array{
     *     problem: string, job: string|null, method: string|null, style: array<string, string>,
     *     choices: array<string, string>, read?: string, page?: list<string>
     * }
     */
    public function toArray(): array
    {
        return [
            'problem' => $this->problem,
            'job' => $this->job,
            'method' => $this->method,
            'style' => $this->style->chosen(),
            'choices' => $this->choices,
        ] + ($this->read === null ? [] : ['read' => $this->read]) + ($this->page === [] ? [] : ['page' => $this->page]);
    }

    /** @throws Refusal when the problem cannot be read */
    public function task(): Task
    {
        return new Task($this->problem(), $this->style, $this->choices);
    }

    /**
     * As it was read when it was kept, whatever is read otherwise since.
     *
     * @throws Refusal when it cannot be read
     */
    public function problem(): Problem
    {
        return $this->isReadOtherwise()
            ? Problem::keptAs($this->problem, (string) $this->read)
            : Problem::read($this->problem);
    }

    /** Whether what was kept says something else today, or nothing at all. */
    public function isReadOtherwise(): bool
    {
        return $this->read !== null && $this->read !== self::reading($this->problem);
    }

    /** The same in a job of its own. */
    public function in(string $job): self
    {
        return new self(
            $this->problem,
            $job,
            $this->method,
            $this->style,
            $this->choices,
            $this->read,
            $this->page,
        );
    }

    /** The same with what it says today beside it, to be kept. */
    public function toBeKept(): self
    {
        return $this->but($this->read ?? self::reading($this->problem), $this->page);
    }

    /**
     * The same with a page of work on it, in which a slip is to be found.
     *
     * @param list<string> $page as typed
     */
    public function with(array $page): self
    {
        return $this->but($this->read, $page);
    }

    /** @param list<string> $page */
    private function but(?string $read, array $page): self
    {
        return new self($this->problem, $this->job, $this->method, $this->style, $this->choices, $read, $page);
    }

    private static function reading(string $problem): ?string
    {
        try {
            return Problem::read($problem)->reading();
        } catch (Refusal) {
            return null;
        }
    }

    /** @param array<array-key, mixed> $values */
    private static function text(array $values, string $key): ?string
    {
        $value = $values[$key] ?? null;

        return $value === null || \is_string($value) ? $value : throw new BadRequest(
            Message::of('error.not-string', ['key' => $key]),
        );
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array<array-key, mixed>
     */
    private static function map(array $values, string $key): array
    {
        $value = $values[$key] ?? [];

        return \is_array($value) ? $value : throw new BadRequest(Message::of('error.not-map', ['key' => $key]));
    }
}
