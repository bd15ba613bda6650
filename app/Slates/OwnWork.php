<?php

declare(strict_types=1);

namespace App\Slates;

use App\Values\Given;
use Runel\Marking\LineVerdict;
use Runel\Marking\MarkedLine;
use Runel\Marking\Marker;
use Runel\Method\Catalogue;
use Runel\Proof\Effort;
use Runel\Slip\Slip;

/** How far somebody is with lines of their own. */
final readonly class OwnWork
{
    public const MOST_LINES = 30;
    /** In steps of proof and search. */
    private const EFFORT = 120_000;

    /**
     * @param list<string> $lines as typed
     * @param list<string> $signs what each is to the work, by name
     * @param list<bool>   $read  which of them are mathematics that was read
     * @param int|null     $at    the first line that does not follow, from 1
     */
    private function __construct(
        public array $lines,
        public array $signs,
        public array $read,
        public ?int $at,
        public ?Slip $slip,
        public bool $isFinished,
    ) {}

    /** @param list<string> $lines */
    public static function of(AskedProblem $asked, array $lines, Catalogue $catalogue): self
    {
        $marking = Marker::mark($catalogue, $asked->task, $asked->job, $lines, effort: Effort::of(self::EFFORT));
        $at = null;
        $slip = null;
        foreach ($marking->lines as $place => $line) {
            if (\in_array($line->verdict, [LineVerdict::Wrong, LineVerdict::SideWrong], true)) {
                [$at, $slip] = [$place + 1, $line->slip];
                break;
            }
        }

        return new self(
            $lines,
            array_map(static fn(MarkedLine $line): string => $line->sign(), $marking->lines),
            array_map(
                static fn(MarkedLine $line): bool => $line->node !== null
                    && Heard::isAbout($line->node, $asked->task->problem->node),
                $marking->lines,
            ),
            $at,
            $slip,
            $marking->finished,
        );
    }

    /** @param list<string> $lines */
    public static function kept(array $lines, string $json): self
    {
        $given = Given::json($json);

        return new self(
            $lines,
            $given->texts('signs'),
            array_map(static fn(mixed $one): bool => $one === true, array_values($given->list('read'))),
            $given->number('at'),
            Slip::tryFrom($given->text('slip')),
            $given->isOn('finished'),
        );
    }

    /** As it is kept: a line a line. */
    public function text(): string
    {
        return implode("\n", $this->lines);
    }

    public function json(): string
    {
        return json_encode([
            'signs' => $this->signs, 'read' => $this->read, 'at' => $this->at, 'slip' => $this->slip?->value,
            'finished' => $this->isFinished,
        ], \JSON_THROW_ON_ERROR);
    }

    /** Who needs help comes first: a slip, then few lines; who is done comes last. */
    public function need(): int
    {
        return match (true) {
            $this->isFinished => 1000,
            $this->at !== null => 0,
            default => 1 + \count($this->lines),
        };
    }
}
