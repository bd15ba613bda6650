<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\BookShape;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Polynomial\Term;

/** A structure that was seen: how it is written out, and the factors it leads to. */
final readonly class SeenStructure
{
    /**
     * @param list<Section>             $sections
     * @param list<Polynomial>          $factors  of what is left of the common term
     * @param non-empty-list<Step>|null $reading  where it is not read as other polynomials are
     * @param Expression|null           $result   the product of the factors in the order they were typed in
     * @param Term|null                 $front    what was taken out before, where it is read as it stands
     * @param string|null               $first    the letter whose powers fall from left to right; empty where those of
     *                                            all rise; null where terms with plus come first
     * @param bool                      $isLast   whether the factors are left as they are, not looked into once more
     */
    public function __construct(
        public array $sections,
        public array $factors,
        public Message $advice,
        public int $trials = 0,
        public ?array $reading = null,
        public ?Expression $result = null,
        public ?Term $front = null,
        public ?string $first = null,
        public bool $isLast = false,
    ) {}

    /** A factor with its terms in the order in which the whole was typed. */
    public function ordered(Polynomial $factor): Expression
    {
        return match ($this->first) {
            null => BookShape::ordered($factor->toExpression()),
            '' => Term::sum(array_reverse($factor->terms)),
            default => Polynomial::ofTerms($factor->terms, $this->first)->toExpression(),
        };
    }
}
