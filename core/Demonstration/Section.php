<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Message\Message;

/** A part of a demonstration that folds to one line when it is done. */
final readonly class Section
{
    /**
     * @param list<Step>   $steps
     * @param int|null     $round   from 1, where the same phase comes round several times
     * @param Message|null $outcome what it arrived at, where its last line does not say it
     */
    public function __construct(
        public Phase $phase,
        public array $steps,
        public ?int $round = null,
        public ?Message $outcome = null,
    ) {}

    /** What it is called: its phase, numbered where it comes round again. */
    public function title(): Message
    {
        $phase = Message::of('name.phase.' . $this->phase->value);

        return $this->round === null ? $phase : Message::of('name.round', [
            'number' => $this->round,
            'phase' => $phase,
        ]);
    }

    /** @param list<Step> $steps */
    public function withSteps(array $steps): self
    {
        return new self($this->phase, $steps, $this->round, $this->outcome);
    }

    /**
     * The same sections, each slip warned of where it first lurks and not again.
     *
     * @param list<self> $sections
     *
     * @return list<self>
     */
    public static function warningOnce(array $sections): array
    {
        $warned = [];

        return array_map(static function (self $section) use (&$warned): self {
            return $section->withSteps(array_map(static function (Step $step) use (&$warned): Step {
                $slip = $step->watch?->value;
                if ($slip === null) {
                    return $step;
                }
                $again = isset($warned[$slip]);
                $warned[$slip] = true;

                return $again ? $step->withoutWarning() : $step;
            }, $section->steps));
        }, $sections);
    }

    /**
     * @param list<self> $sections
     *
     * @return list<Step> of all of them, in order
     */
    public static function steps(array $sections): array
    {
        return array_merge(...array_map(static fn(self $section): array => $section->steps, $sections));
    }

    /**
     * How many lines they write.
     *
     * @param list<self> $sections
     */
    public static function lines(array $sections): int
    {
        return array_sum(array_map(static fn(Step $step): int => \count($step->lines), self::steps($sections)));
    }
}
