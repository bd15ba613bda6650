<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Sets\Pick;
use Illuminate\Support\Str;
use Runel\Demonstration\TaskReference;
use Runel\Job\Jobs;
use Runel\Lesson\ItemKind;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Practice\Order;
use Runel\Practice\Wishes;
use Runel\Problem\Problem;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** An item of a lesson as it is kept and sent. */
final readonly class LessonItem
{
    private const LONGEST_TEXT = 2000;
    /** So many minutes one item takes at the most. */
    private const LONGEST = 120;
    /** So many problems in a set where nobody says how many. */
    private const COUNT = 8;

    /**
     * @param string             $id      what it is known by in its lesson
     * @param string             $text    of a goal or a note
     * @param TaskReference|null $task    of everything with a problem
     * @param int|null           $step    how far a demonstration is shown; null for all of it
     * @param bool               $ask     whether a demonstration asks first
     * @param int|null           $minutes given by the tutor; null: as forecast
     * @param string|null        $other   the second of two ways
     * @param Slip|null          $slip    of a warning
     * @param string             $pick    of a set: skill.rungs.count; '' where its problems are the tutor's own
     * @param list<string>       $own     of a set: its problems, where they are not picked
     * @param string             $seed    of a set
     * @param bool               $newPage whether a new page or a clean board is begun here
     */
    private function __construct(
        public string $id,
        public ItemKind $kind,
        public string $text,
        public ?TaskReference $task,
        public ?int $step,
        public bool $ask,
        public ?int $minutes,
        public ?string $other,
        public ?Slip $slip,
        public string $pick,
        public array $own,
        public string $seed,
        public bool $newPage,
    ) {}

    /**
     * @param array<array-key, mixed> $values as {@see toArray()} gives them, or as a form sends them
     *
     * @throws Refusal when its kind is unknown, or what its kind needs is missing or unreadable
     */
    public static function of(array $values): self
    {
        $text = static fn(string $key): string =>
            \is_scalar($values[$key] ?? null) ? trim(mb_scrub((string) $values[$key])) : '';
        $kind = ItemKind::tryFrom($text('kind')) ?? throw new BadRequest(Message::of('lesson.no-such-kind', [
            'found' => mb_substr($text('kind'), 0, 40),
        ]));
        if ($kind->isWords() && $text('text') === '') {
            throw new BadRequest(Message::of('lesson.no-words'));
        }
        if (mb_strlen($text('text')) > self::LONGEST_TEXT) {
            throw new BadRequest(Message::of('lesson.long-words', ['most' => self::LONGEST_TEXT]));
        }
        $slip = Slip::tryFrom($text('slip'));
        if ($kind === ItemKind::Warning && $slip === null) {
            throw new BadRequest(Message::of('lesson.no-slip'));
        }

        $own = $kind === ItemKind::Set ? self::own($values['own'] ?? []) : [];

        return new self(
            preg_match('/^[a-z0-9]{4,12}$/', $text('id')) === 1 ? $text('id') : strtolower(Str::random(8)),
            $kind,
            $kind->isWords() ? $text('text') : '',
            $kind->hasProblem() ? self::task($values, $text) : null,
            self::number('step', $text('step'), 999),
            filter_var($values['ask'] ?? false, \FILTER_VALIDATE_BOOL),
            self::number('minutes', $text('minutes'), self::LONGEST),
            $kind === ItemKind::TwoWays && $text('other') !== '' ? mb_substr($text('other'), 0, 40) : null,
            $kind === ItemKind::Warning ? $slip : null,
            $kind === ItemKind::Set && $own === [] ? self::pick($text) : '',
            $own,
            preg_match('/^\d{1,9}$/', $text('seed')) === 1 ? $text('seed') : '1',
            filter_var($values['newPage'] ?? false, \FILTER_VALIDATE_BOOL),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'kind' => $this->kind->value] + array_filter([
            'text' => $this->text,
            'task' => $this->task?->toArray(),
            'step' => $this->step,
            'ask' => $this->ask,
            'minutes' => $this->minutes,
            'other' => $this->other,
            'slip' => $this->slip?->value,
            'pick' => $this->pick,
            'own' => $this->own === [] ? null : $this->own,
            'seed' => $this->pick === '' ? null : $this->seed,
            'newPage' => $this->newPage,
        ], static fn(mixed $value): bool => $value !== null && $value !== '' && $value !== false);
    }

    /**
     * The same with something changed.
     *
     * @param array<array-key, mixed> $changes
     *
     * @throws Refusal
     */
    public function with(array $changes): self
    {
        return self::of(['id' => $this->id] + $changes + $this->toArray());
    }

    /** What a warning warns of. */
    public function slip(): Slip
    {
        return $this->slip ?? throw new \LogicException('A warning without a slip was not refused.');
    }

    /** How many problems a set has. */
    public function count(): int
    {
        return $this->own === [] ? (int) $this->picked()->count : \count($this->own);
    }

    public function picked(): Pick
    {
        return Pick::read($this->pick, self::COUNT);
    }

    /**
     * @param array<array-key, mixed>  $values
     * @param \Closure(string): string $text
     *
     * @throws Refusal
     */
    private static function task(array $values, \Closure $text): TaskReference
    {
        $kept = \is_array($values['task'] ?? null) ? TaskReference::fromArray($values['task']) : null;
        $problem = $text('problem') !== '' ? $text('problem') : $kept->problem ?? '';
        // What cannot be read is said where it is typed, with its place.
        Jobs::all()->ofProblem(Problem::read($problem));
        $sent = static fn(string $key, ?string $else): ?string => $text($key) === '' ? $else : $text($key);
        $same = $kept !== null && $kept->problem === $problem;

        return new TaskReference(
            $problem,
            $sent('job', $same ? $kept->job : null),
            $sent('method', $same ? $kept->method : null),
            HouseStyle::default(),
            $kept->choices ?? [],
        );
    }

    /**
     * @param mixed $given a list, or a text with a problem a line
     *
     * @return list<string>
     *
     * @throws Refusal when one of them cannot be read, or there are too many
     */
    private static function own(mixed $given): array
    {
        $lines = \is_string($given) ? explode("\n", $given) : (\is_array($given) ? $given : []);
        $own = array_values(array_filter(
            array_map(static fn(mixed $line): string => \is_string($line) ? trim(mb_scrub($line)) : '', $lines),
            static fn(string $line): bool => $line !== '',
        ));
        if (\count($own) > Order::MOST) {
            throw new BadRequest(Message::of('practice.count', ['found' => \count($own), 'most' => Order::MOST]));
        }
        foreach ($own as $problem) {
            Jobs::all()->ofProblem(Problem::read($problem));
        }

        return $own;
    }

    /**
     * @param \Closure(string): string $text
     *
     * @throws BadRequest when there is no such skill or rung
     */
    private static function pick(\Closure $text): string
    {
        $pick = $text('skill') !== ''
            ? Pick::of($text('skill'), $text('rungs'), $text('count') === '' ? self::COUNT : $text('count'))
            : Pick::read($text('pick'), self::COUNT);
        $pick->order('1', Wishes::none());

        return (string) $pick;
    }

    /** @throws BadRequest */
    private static function number(string $key, string $found, int $most): ?int
    {
        if ($found === '') {
            return null;
        }
        if (preg_match('/^\d{1,6}$/', $found) !== 1 || (int) $found < 1 || (int) $found > $most) {
            throw new BadRequest(Message::of('practice.wish-number', [
                'key' => $key,
                'found' => mb_substr($found, 0, 40),
                'least' => 1,
                'most' => $most,
            ]));
        }

        return (int) $found;
    }
}
