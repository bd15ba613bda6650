<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Demonstration\Figure\Figure;
use Runel\Message\Message;
use Runel\Slip\Slip;

/** One thing written: what, why, and how everything stands after it. Built by name. */
final readonly class Step
{
    /**
     * @param string       $id      unique within the demonstration
     * @param list<Line>   $lines
     * @param Figure|null  $figure  as it stands after this step
     * @param Slip|null    $watch   the usual slip here
     * @param list<Option> $options where the tutor can go another way
     * @param Figure|null  $aside   a picture shown on demand
     * @param Role         $role    what it is there for
     * @param Reason|null  $reason  the law it rests on, where its lines do not tell it
     */
    public function __construct(
        public string $id,
        public Message $title,
        public Message $why,
        public array $lines = [],
        public ?Figure $figure = null,
        public ?Question $question = null,
        public ?Slip $watch = null,
        public array $options = [],
        public ?Figure $aside = null,
        public Role $role = Role::Work,
        public ?Reason $reason = null,
    ) {}

    public function named(string $id): self
    {
        return $this->copy($this->lines, $this->watch, $this->options, $id);
    }

    /** @param list<Option> $options */
    public function withOptions(array $options): self
    {
        return $this->copy($this->lines, $this->watch, $options);
    }

    /** @param list<Line> $lines */
    public function withLines(array $lines): self
    {
        return $this->copy($lines, $this->watch, $this->options);
    }

    public function withFigure(?Figure $figure): self
    {
        return new self(
            $this->id,
            $this->title,
            $this->why,
            $this->lines,
            $figure,
            $this->question,
            $this->watch,
            $this->options,
            $this->aside,
            $this->role,
            $this->reason,
        );
    }

    /** The same, with another question before it, or with none. */
    public function asking(?Question $question): self
    {
        return new self(
            $this->id,
            $this->title,
            $this->why,
            $this->lines,
            $this->figure,
            $question,
            $this->watch,
            $this->options,
            $this->aside,
            $this->role,
            $this->reason,
        );
    }

    public function withoutWarning(): self
    {
        return $this->copy($this->lines, null, $this->options);
    }

    /** The step as a part of other work: what it arrives at is no answer there. */
    public function onTheWay(): self
    {
        return $this->withLines(array_map(static fn(Line $line): Line => $line->onTheWay(), $this->lines));
    }

    /**
     * @param list<Line>   $lines
     * @param list<Option> $options
     */
    private function copy(
        array $lines,
        ?Slip $watch,
        array $options,
        ?string $id = null,
    ): self {
        return new self(
            id: $id ?? $this->id,
            title: $this->title,
            why: $this->why,
            lines: $lines,
            figure: $this->figure,
            question: $this->question,
            watch: $watch,
            options: $options,
            aside: $this->aside,
            role: $this->role,
            reason: $this->reason,
        );
    }
}
