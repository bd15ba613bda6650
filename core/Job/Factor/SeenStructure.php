<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;

/** A structure that was seen: how it is written out, and the factors it leads to. */
final readonly class SeenStructure
{
    /**
     * @param list<Section>             $sections
     * @param list<Polynomial>          $factors  of what is left of the common term
     * @param non-empty-list<Step>|null $reading  where it is not read as other polynomials are
     */
    public function __construct(
        public array $sections,
        public array $factors,
        public Message $advice,
        public int $trials = 0,
        public ?array $reading = null,
    ) {}
}
