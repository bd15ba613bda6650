<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Check;
use Runel\Demonstration\Forecast;
use Runel\Demonstration\Section;
use Runel\Polynomial\Polynomial;

/** A factoring as a part of other work. */
final readonly class Factored
{
    /**
     * @param list<Section>              $sections     their lines are on the way, none says an answer
     * @param non-empty-list<Polynomial> $factors      those that hold the letter, each as often as it occurs
     * @param \Closure(): Check          $check        multiplies them back
     * @param bool                       $front        whether a number stands in front of them
     * @param bool                       $isCommonOnly whether taking out what is common was all of it
     */
    public function __construct(
        public array $sections,
        public array $factors,
        public Forecast $forecast,
        public \Closure $check,
        public bool $front,
        public bool $isCommonOnly,
    ) {}
}
