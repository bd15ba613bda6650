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
     */
    public function __construct(
        public string $problem,
        public ?string $job,
        public ?string $method,
        public HouseStyle $style,
        public array $choices = [],
    ) {}

    /**
     * @param array<array-key, mixed> $values problem, job, method, style (a map) and choices (a map)
     *
     * @throws BadRequest when a value is not of its kind, or a key is unknown
     */
    public static function fromArray(array $values): self
    {
        $unknown = array_key_first(
            array_diff_key($values, ['problem' => 1, 'job' => 1, 'method' => 1, 'style' => 1, 'choices' => 1]),
        );
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
        );
    }

    /**
     * @return array{
     *     problem: string, job: string|null, method: string|null, style: array<string, string>,
     *     choices: array<string, string>
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
        ];
    }

    /** @throws Refusal when the problem cannot be read */
    public function task(): Task
    {
        return new Task(Problem::read($this->problem), $this->style, $this->choices);
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
