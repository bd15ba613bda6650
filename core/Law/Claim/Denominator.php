<?php

declare(strict_types=1);

namespace Runel\Law\Claim;

use Runel\Expression\Expression;

/** The least that all of some denominators go into, with whole numbers. */
final readonly class Denominator implements Claim
{
    /**
     * @param list<Expression> $denominators with whole coefficients
     * @param string|null      $letter       the only one in them; null where each is one term, in any letters
     */
    public function __construct(public Expression $common, public array $denominators, public ?string $letter) {}

    public function nodes(): array
    {
        return [$this->common, ...$this->denominators];
    }
}
