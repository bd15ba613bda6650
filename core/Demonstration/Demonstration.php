<?php

declare(strict_types=1);

namespace Runel\Demonstration;

use Runel\Problem\Job;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** A problem worked by a method in a house style: everything there is to show, as data. */
final readonly class Demonstration
{
    /**
     * @param string        $method   the method's id
     * @param list<Section> $sections
     * @param list<Check>   $checks
     */
    public function __construct(
        public Problem $problem,
        public Job $job,
        public string $method,
        public HouseStyle $style,
        public Forecast $forecast,
        public array $sections,
        public Answer $answer,
        public array $checks,
    ) {}

    /** @return list<Step> of all sections, in order */
    public function steps(): array
    {
        $steps = [];
        foreach ($this->sections as $section) {
            array_push($steps, ...$section->steps);
        }

        return $steps;
    }
}
