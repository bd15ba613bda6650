<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Lessons\Content\ItemNumber;
use App\Lessons\Content\KeptContent;
use App\Lessons\Content\KeptExample;
use App\Lessons\Content\KeptSet;
use App\Lessons\Content\KeptSlipToFind;
use App\Lessons\Content\KeptTurn;
use App\Lessons\Content\KeptTwoWays;
use App\Lessons\Content\KeptWarning;
use App\Lessons\Content\KeptWords;
use App\Values\Given;
use Illuminate\Support\Str;
use Runel\Lesson\ItemKind;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;

/** An item of a lesson as it is kept and sent. */
final readonly class LessonItem
{
    /** So many minutes one item takes at the most. */
    private const LONGEST = 120;

    /**
     * @param string   $id      what it is known by in its lesson
     * @param int|null $minutes given by the tutor; null: as forecast
     * @param bool     $newPage whether a new page or a clean board is begun here
     * @param Ink      $ink     what the pen wrote on its board and is kept
     */
    private function __construct(
        public string $id,
        public KeptContent $content,
        public ?int $minutes,
        public bool $newPage,
        public Ink $ink,
    ) {}

    /**
     * @param array<array-key, mixed> $values as {@see toArray()} gives them, or as a form sends them
     *
     * @throws Refusal when its kind is unknown, or what its kind needs is missing or unreadable
     */
    public static function of(array $values): self
    {
        $given = Given::of($values);
        $kind = ItemKind::tryFrom($given->text('kind')) ?? throw new BadRequest(Message::of('lesson.no-such-kind', [
            'found' => $given->text('kind', 40),
        ]));

        return new self(
            self::id($given->text('id')),
            match ($kind) {
                ItemKind::Goal => KeptWords::goal($given),
                ItemKind::Note => KeptWords::note($given),
                ItemKind::Demonstration => KeptExample::of($given),
                ItemKind::YourTurn => KeptTurn::of($given),
                ItemKind::TwoWays => KeptTwoWays::of($given),
                ItemKind::Warning => KeptWarning::of($given),
                ItemKind::SlipToFind => KeptSlipToFind::of($given),
                ItemKind::Set => KeptSet::of($given),
            },
            ItemNumber::read($given, 'minutes', self::LONGEST),
            $given->isOn('newPage'),
            Ink::of($given->list('ink')),
        );
    }

    private static function id(string $sent): string
    {
        return preg_match('/^[a-z0-9]{4,12}$/', $sent) === 1 ? $sent : strtolower(Str::random(8));
    }

    public function kind(): ItemKind
    {
        return $this->content->kind();
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'kind' => $this->kind()->value] + array_filter(
            $this->content->toArray() + [
                'minutes' => $this->minutes,
                'newPage' => $this->newPage,
                'ink' => $this->ink->steps,
            ],
            static fn(mixed $value): bool => !\in_array($value, [null, '', false, []], true),
        );
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
        $own = $this->toArray();
        // Another number is another step: what it was called goes.
        $isMoved = \array_key_exists('step', $changes) && $changes['step'] != ($own['step'] ?? null);

        return self::of(['id' => $this->id] + $changes + ($isMoved ? ['stepId' => null] : []) + $own);
    }
}
