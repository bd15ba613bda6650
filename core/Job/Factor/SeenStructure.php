<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;

/** A structure that was seen: how it is written out, and the factors it leads to. */
final readonly class SeenStructure
{
    /**
     * @param list<Section>             $sections
     * @param list<Polynomial>          $factors  of what is left of the common term
     * @param non-empty-list<Step>|null $reading  where it is not read as other polynomials are
     * @param Expression|null           $result   the product of the factors in the order they were typed in
     */
    public function __construct(
        public array $sections,
        public array $factors,
        public Message $advice,
        public int $trials = 0,
        public ?array $reading = null,
        public ?Expression $result = null,
    ) {}
}
