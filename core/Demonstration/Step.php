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
    ) {}

    /** @param list<Option> $options */
    public function withOptions(array $options): self
    {
        return new self(
            $this->id,
            $this->title,
            $this->why,
            $this->lines,
            $this->figure,
            $this->question,
            $this->watch,
            $options,
            $this->aside,
        );
    }

    /** The step as a part of other work: what it arrives at is no answer there. */
    public function onTheWay(): self
    {
        $lines = array_map(static fn(Line $line): Line => $line->onTheWay(), $this->lines);

        return new self(
            $this->id,
            $this->title,
            $this->why,
            $lines,
            $this->figure,
            $this->question,
            $this->watch,
            $this->options,
            $this->aside,
        );
    }
}
