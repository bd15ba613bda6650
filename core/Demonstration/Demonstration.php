<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Demonstration\Answer\Answer;

/** A problem worked by a method in a house style: everything there is to show, as data. */
final class Demonstration
{
    /** @var list<Check>|null */
    private ?array $checked = null;

    /** @var list<Section> */
    public readonly array $sections;

    /**
     * @param string                  $method   the method's id, without its job
     * @param list<Section>           $sections
     * @param \Closure(): list<Check> $checking builds the checks, which a forecast does without
     */
    public function __construct(
        public readonly Task $task,
        public readonly string $job,
        public readonly string $method,
        public readonly Forecast $forecast,
        array $sections,
        public readonly Answer $answer,
        private readonly \Closure $checking,
    ) {
        $this->sections = Section::warningOnce($sections);
    }

    /** @return list<Check> built when they are first asked for */
    public function checks(): array
    {
        return $this->checked ??= ($this->checking)();
    }

    /** @return list<Check> those that no step has written already */
    public function furtherChecks(): array
    {
        return array_values(array_filter($this->checks(), static fn(Check $check): bool => !$check->isWritten));
    }

    /** @return list<Step> of all sections, in order */
    public function steps(): array
    {
        return Section::steps($this->sections);
    }
}
