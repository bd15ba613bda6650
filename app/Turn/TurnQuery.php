<?php

declare(strict_types=1);

namespace App\Turn;

use App\Values\Given;
use Runel\Marking\Guidance;
use Runel\Slip\Slip;

/** What a learner's work adds to an address: the lines, the field's draft, how much help, how much time. */
final readonly class TurnQuery
{
    /** What an address bar still holds. */
    public const MOST_LINES = 40;
    public const LONGEST_LINE = 1000;
    /** Of a timed try, in seconds. */
    public const TIMES = [10, 30, 60, 120, 300, 600];
    /** What a lesson may give a try, in seconds. */
    private const LONGEST_TIME = 7200;

    /**
     * @param list<string> $lines
     * @param int          $help   the rung, 0 for none
     * @param list<Slip>   $mended slips made and mended since
     * @param int|null     $time   of a timed try, in seconds
     * @param string|null  $stage  on a projector: hidden, open or answer
     * @param bool         $goesOn whether the learner goes on from a line that is wrong
     * @param bool         $isKept whether the lines stand in a record, so that no address carries them
     */
    private function __construct(
        public array $lines,
        public string $draft,
        public int $help,
        public array $mended,
        public ?int $time,
        public ?string $stage,
        public ?string $compare,
        public bool $isFull,
        public bool $goesOn,
        private bool $isKept = false,
    ) {}

    /**
     * Of work that is kept: what stands in the record, and from the address only what is looked at.
     *
     * @param list<string>            $lines
     * @param list<Slip>              $mended
     * @param array<array-key, mixed> $query  draft, on, compare
     */
    public static function kept(array $lines, array $mended, int $help, array $query): self
    {
        $text = Given::of($query)->typed(...);

        return new self(
            $lines,
            mb_substr(mb_scrub($text('draft') ?? ''), 0, self::LONGEST_LINE),
            $help,
            $mended,
            null,
            null,
            $text('compare'),
            \count($lines) >= self::MOST_LINES,
            $text('on') !== null,
            true,
        );
    }

    /** @param array<array-key, mixed> $query what is of no use is passed over */
    public static function of(array $query): self
    {
        $text = Given::of($query)->typed(...);
        $list = static fn(string $key): array => array_values(array_filter(
            Given::of($query)->texts($key),
            static fn(string $one): bool => trim($one) !== '',
        ));
        $lines = array_map(
            static fn(string $line): string => mb_substr(mb_scrub($line), 0, self::LONGEST_LINE),
            $list('line'),
        );
        $help = ctype_digit($text('help') ?? '') ? min(Guidance::RUNGS, (int) $text('help')) : 0;
        $next = mb_substr(mb_scrub($text('next') ?? ''), 0, self::LONGEST_LINE);
        // Whoever asks for help has not written the line yet.
        if ($help === 0 && trim($next) !== '') {
            $lines[] = $next;
        }
        $time = ctype_digit($text('time') ?? '') ? (int) $text('time') : null;
        $stage = $text('stage');

        return new self(
            \array_slice($lines, 0, self::MOST_LINES),
            $help === 0 ? '' : $next,
            $help,
            array_values(array_filter(array_map(
                static fn(string $id): ?Slip => Slip::tryFrom($id),
                \array_slice($list('mended'), 0, self::MOST_LINES),
            ))),
            $time === null || $time < 1 ? null : min(max($time, self::TIMES[0]), self::LONGEST_TIME),
            \in_array($stage, ['hidden', 'open', 'answer'], true) ? $stage : null,
            $text('compare'),
            \count($lines) >= self::MOST_LINES,
            $text('on') !== null,
        );
    }

    /** @return array<string, mixed> */
    public function parts(): array
    {
        if ($this->isKept) {
            return ['compare' => $this->compare];
        }

        return [
            'line' => $this->lines,
            'mended' => array_map(static fn(Slip $slip): string => $slip->value, $this->mended),
            'time' => $this->time,
            'stage' => $this->stage,
            'compare' => $this->compare,
        ];
    }
}
