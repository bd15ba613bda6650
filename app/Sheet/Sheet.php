<?php

declare(strict_types=1);

namespace App\Sheet;

use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Message\Message;

/** A demonstration on paper: all of it, or with a growing part of its last steps left blank to be filled in. */
final readonly class Sheet
{
    /** How many of the blanks leave the first steps alone; one more leaves nothing but the problem. */
    private const PARTS = [0 => 0.0, 1 => 0.34, 2 => 0.6, 3 => 1.0];
    public const PROBLEM_ALONE = 4;

    /** @param int $fade 0 for everything, 1 to 3 for more and more left blank, 4 for the problem alone */
    private function __construct(private Demonstration $demonstration, public int $fade) {}

    public static function of(Demonstration $demonstration, string $fade): self
    {
        $asked = preg_match('/^[0-4]$/', $fade) === 1 ? (int) $fade : 0;

        return new self($demonstration, $asked);
    }

    public function isProblemAlone(): bool
    {
        return $this->fade === self::PROBLEM_ALONE;
    }

    /** @return list<Section> */
    public function sections(): array
    {
        return $this->isProblemAlone() ? [] : $this->demonstration->sections;
    }

    /**
     * The steps of a section that are written out: a trial that failed stands in the table of its hunt already.
     *
     * @return list<Step>
     */
    public function steps(Section $section): array
    {
        $last = \count($section->steps) - 1;

        return array_values(array_filter(
            $section->steps,
            static fn(Step $step, int $place): bool => $place === $last
                || $step->role !== Role::Trial,
            \ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** Whether the figure of a section stands beside this step: its last one. */
    public function showsFigure(Section $section, Step $step): bool
    {
        $drawn = array_filter($this->steps($section), static fn(Step $other): bool => $other->figure !== null);

        return $drawn !== [] && $drawn[array_key_last($drawn)] === $step;
    }

    /** The figure of a section where it is left to be filled in: as it stood at the beginning. */
    public function emptyFigure(Section $section): ?Figure
    {
        foreach ($section->steps as $step) {
            if ($step->figure !== null) {
                return $step->figure;
            }
        }

        return null;
    }

    /** What stands beside a blank: the question, or what is done as far as that gives nothing away. */
    public function hint(Step $step): ?Message
    {
        $says = array_filter($step->title->parameters, static fn(mixed $value): bool => !\is_int($value)) === [];

        return $step->question->prompt ?? ($says ? $step->title : null);
    }

    /** Whether a step is left to be filled in; the problem itself never is. */
    public function isBlank(Step $step): bool
    {
        $steps = $this->demonstration->steps();
        $written = max(1, \count($steps) - (int) ceil((\count($steps) - 1) * (self::PARTS[$this->fade] ?? 1.0)));

        return \in_array($step, \array_slice($steps, $written), true);
    }
}
